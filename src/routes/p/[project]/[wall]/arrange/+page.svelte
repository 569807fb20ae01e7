<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { placementsOn, stylesOf, type Wall } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import CautionList from '$lib/ui/CautionList.svelte';
	import PieceList from '$lib/ui/bench/PieceList.svelte';
	import { getView } from '$lib/ui/view.svelte.ts';

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const wallId = $derived(page.params.wall!);
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId)!);
	const plan = $derived(session.plan(wallId));
	const on = (walls: readonly Wall[]) =>
		new Set(
			walls.flatMap((each) => placementsOn(session.committed, each).map(({ pieceId }) => pieceId))
		);
	const here = $derived(on(session.committed.walls.filter(({ id }) => id === wallId)));
	const placed = $derived(on(session.committed.walls));
	const loose = $derived(session.committed.pieces.filter(({ id }) => !placed.has(id)));
	const elsewhere = $derived(
		session.committed.pieces.filter(({ id }) => placed.has(id) && !here.has(id))
	);
	const piece = $derived(session.project.pieces.find(({ id }) => id === view.selected));
	/** The chosen piece takes the bench, unless ideas are being looked through. */
	const aboutPiece = $derived(piece !== undefined && !view.ideas);

	/** An idea was looked at twice before it was shown. */
	const ideaShown = $derived(view.ideas && session.isPreviewing);

	/** Told once a drag ends. */
	const placementConflicts = $derived(
		(session.keptPlan(wallId)?.placementCautions ?? []).map(({ caution }) => caution)
	);
</script>

{#if piece}
	{#await import('$lib/ui/Segments.svelte') then { default: Segments }}
		<Segments
			label="On the bench"
			options={[
				{ value: 'piece', label: `Piece ${piece.letter}` },
				{ value: 'ideas', label: 'Ideas' }
			]}
			value={aboutPiece ? 'piece' : 'ideas'}
			onchoose={(of) => (view.ideas = of === 'ideas')}
		/>
	{/await}
{/if}
{#if piece && aboutPiece && plan}
	{#await import('$lib/ui/arrange/ChosenPiece.svelte') then { default: ChosenPiece }}
		<ChosenPiece {piece} {wall} {plan} {styles} />
	{/await}
{/if}
<div hidden={aboutPiece} class="mt-1">
	<h2 class="mb-2 text-xl">Arrange</h2>
	{#if session.project.pieces.length === 0}
		<p>
			Nothing to arrange yet.
			<a
				class="link"
				href={resolve('/p/[project]/[wall]/rack', { project: session.project.id, wall: wallId })}
			>
				Add the first piece in the Rack
			</a>.
		</p>
	{:else}
		<details class="small-note">
			<summary class="cursor-pointer">By hand: drag, or arrow keys</summary>
			Drag a piece, or choose it and use the arrow keys; Shift goes further. It settles on the centre
			line, the middle of the wall or the furniture, its neighbours’ edges and the house gap. Hold Alt
			to move freely.
		</details>
		<h3 class="mt-2 text-lg">Ideas</h3>
		{#if plan}
			{#await import('$lib/ui/arrange/IdeasPart.svelte') then { default: IdeasPart }}
				<IdeasPart {wall} {plan} {styles} loose={loose.map(({ id }) => id)} />
			{/await}
		{/if}
	{/if}
</div>
{#if loose.length > 0}
	<h3 class="mt-3 text-lg">On no wall yet</h3>
	<PieceList pieces={loose} selected={view.selected} {styles} onselect={(id) => view.select(id)} />
{/if}
{#if elsewhere.length > 0}
	<details class="mt-3">
		<summary class="cursor-pointer font-semibold">On other walls: {elsewhere.length}</summary>
		<PieceList
			pieces={elsewhere}
			selected={view.selected}
			{styles}
			onselect={(id) => view.select(id)}
		/>
	</details>
{/if}
{#if plan && !ideaShown}
	<h3 class="mt-3 mb-1 text-lg">Second look</h3>
	{#await import('$lib/ui/arrange/SecondLook.svelte') then { default: SecondLook }}
		<SecondLook {wall} {plan} {styles} />
	{/await}
	<CautionList cautions={placementConflicts} {styles} />
{/if}
