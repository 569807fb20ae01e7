<script lang="ts">
	import { page } from '$app/state';
	import { recordsOf, stylesOf, toHang } from '$lib/core/index.ts';
	import { now as clock } from '$lib/store/clock.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import HistoryPart from '$lib/ui/book/HistoryPart.svelte';
	import HolesPart from '$lib/ui/book/HolesPart.svelte';
	import RecordCard from '$lib/ui/book/RecordCard.svelte';
	import Segments from '$lib/ui/Segments.svelte';
	import { getView } from '$lib/ui/view.svelte.ts';

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const wallId = $derived(page.params.wall!);
	const rules = $derived(session.rulesOn(wallId));
	const styles = $derived(stylesOf(rules));
	const project = $derived(session.committed);
	const wall = $derived(project.walls.find(({ id }) => id === wallId)!);
	const plan = $derived(session.keptPlan(wallId)!);
	const records = $derived(recordsOf(project));
	const here = $derived(records.filter((record) => record.wall.id === wallId));
	const piece = $derived(project.pieces.find(({ id }) => id === view.selected));
	const planned = $derived(plan.pieces.find(({ pieceId }) => pieceId === view.selected));
	const onWall = $derived(
		plan.pieces.flatMap(({ pieceId }) => project.pieces.find(({ id }) => id === pieceId) ?? [])
	);
	const now = clock().toISOString();

	type Part = 'hangs' | 'history' | 'holes' | 'care' | 'reports';
	let part: Part = $state('hangs');
	let already = $state(false);
</script>

<h2 class="mb-2 text-xl">Book</h2>
<Segments
	label="What to look up"
	close
	options={[
		{ value: 'hangs', label: 'what hangs' },
		{ value: 'history', label: 'history' },
		{ value: 'holes', label: 'holes' },
		{ value: 'care', label: 'care' },
		{ value: 'reports', label: 'reports' }
	]}
	value={part}
	onchoose={(value) => (part = value)}
/>
<div class="part">
	{#if part === 'history'}
		<HistoryPart {wallId} {styles} />
	{:else if part === 'holes'}
		<HolesPart {wall} {styles} />
	{:else if part === 'care'}
		{#if piece && planned}
			<div class="one">
				<h3>{piece.letter} · {piece.name}</h3>
				<button class="btn btn-xs" type="button" onclick={() => view.select(null)}>
					All pieces
				</button>
			</div>
			{#await import('$lib/ui/book/CarePart.svelte') then { default: CarePart }}
				{#key piece.id}<CarePart {piece} {planned} {plan} {wall} {styles} />{/key}
			{/await}
		{:else}
			{#await import('$lib/ui/book/LightOfWall.svelte') then { default: LightOfWall }}
				<LightOfWall pieces={onWall} {wall} onselect={(id) => view.select(id)} />
			{/await}
		{/if}
	{:else if part === 'reports'}
		{#await import('$lib/ui/book/ReportsPart.svelte') then { default: ReportsPart }}
			<ReportsPart {wallId} {records} {rules} {now} />
		{/await}
	{:else}
		{#if here.length === 0}
			<p>
				Nothing is in the Book of this wall yet. Each piece that is hung in <strong>Hang</strong> writes
				its own page here: when, by whom, on what, and how it came out.
			</p>
		{/if}
		<div class="records">
			{#each here as record (record.hanging.id)}
				<RecordCard {record} {now} {styles} onselect={() => view.select(record.piece.id)} />
			{/each}
		</div>
		{#if toHang({ plan }).length > 0}
			<details class="mt-3" ontoggle={(event) => (already = event.currentTarget.open)}>
				<summary class="cursor-pointer font-semibold">Something hangs already?</summary>
				{#if already}
					{#await import('$lib/ui/book/HangsAlready.svelte') then { default: HangsAlready }}
						<HangsAlready {wallId} />
					{/await}
				{/if}
			</details>
		{/if}
	{/if}
</div>

<style>
	.part {
		margin-top: 0.6rem;
	}

	.records {
		display: grid;
		gap: 0.45rem;
	}

	.one {
		display: flex;
		gap: 0.6rem;
		align-items: center;
		justify-content: space-between;
	}

	h3 {
		font-size: var(--text-lg);
	}
</style>
