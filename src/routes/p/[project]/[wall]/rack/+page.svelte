<script lang="ts">
	import { page } from '$app/state';
	import { hangerOf, hangPiece, hungPiece, stylesOf, type WireBack } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import AddPiece from '$lib/ui/bench/AddPiece.svelte';
	import PieceBench from '$lib/ui/bench/PieceBench.svelte';
	import PieceList from '$lib/ui/bench/PieceList.svelte';
	import PhotoButton from '$lib/ui/photo/PhotoButton.svelte';
	import CheckBench from '$lib/ui/rack/CheckBench.svelte';
	import FramingBench from '$lib/ui/rack/FramingBench.svelte';
	import JobList from '$lib/ui/rack/JobList.svelte';
	import OneLine from '$lib/ui/rack/OneLine.svelte';
	import PieceFacts from '$lib/ui/rack/PieceFacts.svelte';
	import WeightBench from '$lib/ui/rack/WeightBench.svelte';
	import WireBench from '$lib/ui/rack/WireBench.svelte';
	import Segments from '$lib/ui/Segments.svelte';
	import { getView, type RackPart } from '$lib/ui/view.svelte.ts';

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const styles = $derived(stylesOf(session.rulesOn(page.params.wall!)));
	const { pieces } = $derived(session.project);
	const piece = $derived(pieces.find(({ id }) => id === view.selected));
	const planned = $derived(
		session.plan(page.params.wall!)?.pieces.find(({ pieceId }) => pieceId === view.selected)
	);
	const hung = $derived(piece && hangPiece(piece, session.project.houseRules));
	const wire = $derived(hung?.ok ? hung.value.wire : undefined);
	/** Its back with the rings as far apart as both edges say. */
	const wireBack = $derived(
		piece && (hangerOf(piece.back).aboutMiddle?.(piece.back, hungPiece(piece)) ?? piece.back)
	);

	const part = $derived(view.rackPart === 'wire' && !wire ? 'back' : view.rackPart);
	const parts = $derived<{ value: RackPart; label: string }[]>([
		{ value: 'back', label: 'back' },
		{ value: 'piece', label: 'piece' },
		{ value: 'weight', label: 'weight' },
		{ value: 'look', label: 'check' },
		...(wire ? [{ value: 'wire' as const, label: 'wire' }] : []),
		{ value: 'framing', label: 'frame' }
	]);
</script>

{#if piece}
	<button class="back" type="button" onclick={() => view.select(null)}>‹ All pieces</button>
	<Segments
		close
		label="What to work on"
		options={parts}
		value={part}
		onchoose={(value) => (view.rackPart = value)}
	/>
	<div class="part">
		{#if part === 'back'}
			<PieceBench {piece} {planned} wallId={page.params.wall!} {styles} />
		{:else}
			<h2>{piece.letter} · {piece.name}</h2>
			{#if part === 'piece'}
				<PieceFacts
					{piece}
					{styles}
					onremoved={() => {
						view.select(null);
						view.rackPart = 'back';
					}}
				/>
			{:else if part === 'weight'}
				<WeightBench {piece} {styles} />
			{:else if part === 'look'}
				<CheckBench {piece} />
			{:else if part === 'wire' && wire}
				<WireBench {piece} back={wireBack as WireBack} {wire} {styles} />
			{:else}
				<FramingBench {piece} {styles} />
			{/if}
		{/if}
	</div>
{:else}
	<h2 class="mb-2 text-xl">Rack</h2>
	{#if pieces.length === 0}
		<p class="mb-3">
			Lay a piece face down and measure its outside: width first, then height. It goes up on the
			wall at once; then turn it round and read its back.
		</p>
	{/if}
	<OneLine wallId={page.params.wall!} {styles} />
	<details open>
		<summary class="cursor-pointer font-semibold">Field by field</summary>
		<AddPiece wallId={page.params.wall!} {styles} />
	</details>
	<div class="mt-3">
		<PhotoButton wallId={page.params.wall!} {styles} />
	</div>
	<div class="mt-3">
		<PieceList {pieces} selected={view.selected} {styles} onselect={(id) => view.select(id)} />
	</div>
	<JobList {pieces} onselect={(id) => view.select(id)} />
{/if}

<style>
	.back {
		min-height: 2.5rem;
		color: var(--color-primary);
		font-size: var(--text-sm);
		cursor: pointer;
	}

	.part {
		margin-top: 0.5rem;
	}

	h2 {
		margin-bottom: 0.3rem;
		font-size: var(--text-lg);
	}
</style>
