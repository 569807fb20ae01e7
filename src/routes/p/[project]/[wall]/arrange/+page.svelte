<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { onNoWall, placementsOn, stylesOf } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import CautionList from '$lib/ui/CautionList.svelte';
	import { getView } from '$lib/ui/view.svelte.ts';

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const wallId = $derived(page.params.wall!);
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId)!);
	const plan = $derived(session.plan(wallId));
	const loose = $derived(onNoWall(session.committed));
	const elsewhere = $derived.by(() => {
		const { walls, pieces } = session.committed;
		const kept = walls.find(({ id }) => id === wallId);
		const here = kept ? placementsOn(session.committed, kept).map(({ pieceId }) => pieceId) : [];
		const others = new Set([...here, ...loose.map(({ id }) => id)]);
		return pieces.filter(({ id }) => !others.has(id));
	});
	const piece = $derived(session.project.pieces.find(({ id }) => id === view.selected));
	/** The chosen piece takes the bench, unless ideas are being looked through. */
	const aboutPiece = $derived(piece !== undefined && !view.ideas);

	let elsewhereOpen = $state(false);
	/** An idea was looked at twice before it was shown. */
	const ideaShown = $derived(session.previewed !== null && session.previewed === view.look);

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
{#if elsewhere.length > 0}
	<details class="mt-3" ontoggle={(event) => (elsewhereOpen = event.currentTarget.open)}>
		<summary class="cursor-pointer font-semibold">On other walls: {elsewhere.length}</summary>
		{#if elsewhereOpen}{#await import('$lib/ui/bench/PieceList.svelte') then { default: PieceList }}
				<PieceList
					pieces={elsewhere}
					selected={view.selected}
					{styles}
					onselect={(id) => view.select(id)}
				/>
			{/await}{/if}
	</details>
{/if}
{#if plan && plan.pieces.length > 0 && !ideaShown}
	<h3 class="mt-3 mb-1 text-lg">Second look</h3>
	{#await import('$lib/ui/arrange/SecondLook.svelte') then { default: SecondLook }}
		<SecondLook {wall} {plan} {styles} />
	{/await}
	<CautionList cautions={placementConflicts} {styles} />
{/if}
