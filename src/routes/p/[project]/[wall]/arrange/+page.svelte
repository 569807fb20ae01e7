<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import {
		activeArrangement,
		placementsOn,
		stylesOf,
		type Piece,
		type Wall
	} from '$lib/core/index.ts';
	import { hangOnWall, placePieces } from '$lib/store/commands/index.ts';
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
	const placements = $derived(activeArrangement(wall).placements);
	const on = (walls: readonly Wall[]) =>
		new Set(
			walls.flatMap((each) => placementsOn(session.committed, each).map(({ pieceId }) => pieceId))
		);
	const here = $derived(on(session.committed.walls.filter(({ id }) => id === wallId)));
	const placed = $derived(on(session.committed.walls));
	/** Where the chosen piece hangs, if that is on another wall. */
	const hangsThere = $derived(
		session.committed.hangings.find(
			(each) => each.pieceId === view.selected && each.until === null && each.wallId !== wallId
		)
	);
	const nameOf = (id: string) =>
		session.committed.walls.find((each) => each.id === id)?.name ?? 'another wall';
	const loose = $derived(session.committed.pieces.filter(({ id }) => !placed.has(id)));
	const elsewhere = $derived(
		session.committed.pieces.filter(({ id }) => placed.has(id) && !here.has(id))
	);
	const piece = $derived(session.project.pieces.find(({ id }) => id === view.selected));
	const planned = $derived(plan?.pieces.find(({ pieceId }) => pieceId === view.selected));
	const placement = $derived(placements.find(({ pieceId }) => pieceId === view.selected));
	const rules = $derived(session.rulesOn(wallId));
	const chosen = $derived(
		[view.selected, ...view.multiSelection].flatMap(
			(id) => plan?.pieces.find(({ pieceId }) => pieceId === id) ?? []
		)
	);
	function putBack({ id }: Piece) {
		const placement = placementsOn(session.committed, wall).find(({ pieceId }) => pieceId === id);
		if (placement) session.run(placePieces(wallId, [placement]));
	}

	async function putHere(piece: Piece) {
		if (hangsThere) {
			// What a day at the wall tells is fetched only where it is needed.
			const { bringHere } = await import('$lib/ui/arrange/bring-here.ts');
			bringHere(session, hangsThere, piece, wall);
		} else session.run(hangOnWall(wallId, piece, wall.width / 2));
	}

	/** Told once a drag ends. */
	const placementConflicts = $derived(
		(session.keptPlan(wallId)?.placementCautions ?? []).map(({ caution }) => caution)
	);
</script>

{#if piece}
	{#await import('$lib/ui/bench/PieceBench.svelte') then { default: PieceBench }}
		<PieceBench
			{piece}
			{planned}
			{styles}
			turned={view.flipped}
			onflip={() => (view.flipped = !view.flipped)}
		/>
	{/await}
	{#if planned && placement}
		<div class="place">
			{#await import('$lib/ui/bench/PlaceFields.svelte') then { default: PlaceFields }}
				<PlaceFields {wallId} {planned} {placement} {styles} />
			{/await}
			{#if chosen.length > 1 && plan}
				{#await import('$lib/ui/arrange/TogetherPart.svelte') then { default: TogetherPart }}
					<TogetherPart {wallId} pieces={chosen} all={plan.pieces} {styles} gap={rules.gap} />
				{/await}
			{:else if placements.length > 1}
				<p class="small-note">Shift and click, or Space, chooses more to move together.</p>
			{/if}
			{#if plan}
				{#await import('$lib/ui/arrange/PieceActs.svelte') then { default: PieceActs }}
					<PieceActs {wall} {piece} {placement} {planned} all={plan.pieces} gap={rules.gap} />
				{/await}
			{/if}
		</div>
	{:else if planned?.hanging}
		<p class="mt-3">{piece.letter} hangs here, and is not in this arrangement.</p>
		<button class="btn mt-2 btn-primary" type="button" onclick={() => putBack(piece)}>
			Put {piece.letter} into it, where it hangs
		</button>
	{:else}
		{#if hangsThere}
			<p class="mt-3">
				{piece.letter} hangs on {nameOf(hangsThere.wallId)}. It comes down there before it is
				planned here; its holes there stay in the Book.
			</p>
		{/if}
		<button class="btn mt-3 btn-primary" type="button" onclick={() => putHere(piece)}>
			{hangsThere
				? `Take ${piece.letter} down there, and put it on this wall`
				: `Put ${piece.letter} on this wall`}
		</button>
	{/if}
{:else}
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
{/if}
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
{#if plan}
	<h3 class="mt-3 mb-1 text-lg">Second look</h3>
	{#await import('$lib/ui/arrange/SecondLook.svelte') then { default: SecondLook }}
		<SecondLook {wall} {plan} {styles} />
	{/await}
	<CautionList cautions={placementConflicts} {styles} />
{/if}

<style>
	.place {
		margin-top: 0.7rem;
		padding-top: 0.6rem;
		border-top: 1px dashed var(--color-base-300);
	}
</style>
