<script lang="ts">
	import {
		activeArrangement,
		formatLength,
		hangPiece,
		placementsOn,
		type Piece,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { placePieces } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import BackPart from '../bench/BackPart.svelte';
	import PieceTitle from '../bench/PieceTitle.svelte';
	import PlaceFields from '../bench/PlaceFields.svelte';
	import CautionList from '../CautionList.svelte';
	import { getView } from '../view.svelte.ts';
	import PieceActs from './PieceActs.svelte';

	interface Props {
		piece: Piece;
		wall: Wall;
		plan: WallPlan;
		styles: Styles;
	}

	let { piece, wall, plan, styles }: Props = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const rules = $derived(session.rulesOn(wall.id));
	const { placements } = $derived(activeArrangement(wall));
	const hung = $derived(hangPiece(piece, session.committed.houseRules));
	const planned = $derived(plan.pieces.find(({ pieceId }) => pieceId === piece.id));
	const placement = $derived(placements.find(({ pieceId }) => pieceId === piece.id));
	const chosen = $derived(
		[piece.id, ...view.multiSelection].flatMap(
			(id) => plan.pieces.find(({ pieceId }) => pieceId === id) ?? []
		)
	);
	/** Where it hangs, if that is on another wall. */
	const hangsThere = $derived(
		session.committed.hangings.find(
			(each) => each.pieceId === piece.id && each.until === null && each.wallId !== wall.id
		)
	);
	/** A drag is previewed too, and is none. */
	const ideaShown = $derived(session.previewed !== null && session.previewed === view.look);
	const nameOf = (id: string) =>
		session.committed.walls.find((each) => each.id === id)?.name ?? 'another wall';

	function putBack() {
		const hanging = placementsOn(session.committed, wall).find(
			({ pieceId }) => pieceId === piece.id
		);
		if (hanging) session.run(placePieces(wall.id, [hanging]));
	}

	async function putHere() {
		if (hangsThere) {
			// What a day at the wall tells is fetched only where it is needed.
			const { bringHere } = await import('./bring-here.ts');
			bringHere(session, hangsThere, piece, wall);
		} else {
			const { putUp } = await import('./put-up.ts');
			putUp(session, wall, piece);
		}
	}
</script>

<PieceTitle {piece} />
{#if ideaShown && planned && placement}
	<p>This is an idea. To move {piece.letter} in it, hang it so first.</p>
	<div class="acts">
		<button
			class="btn btn-primary btn-sm"
			type="button"
			onclick={() => view.look && session.run(view.look)}
		>
			Hang it so
		</button>
		<button class="btn btn-sm" type="button" onclick={() => session.setPreview(null)}>
			Back to the wall as it is
		</button>
	</div>
{:else if planned && placement}
	<div>
		<PlaceFields wallId={wall.id} {planned} {placement} {styles} />
		{#if chosen.length > 1}
			{#await import('./TogetherPart.svelte') then { default: TogetherPart }}
				<TogetherPart wallId={wall.id} pieces={chosen} all={plan.pieces} {styles} gap={rules.gap} />
			{/await}
		{:else if placements.length > 1}
			<p class="small-note">Shift and click, or Space, chooses more to move together.</p>
		{/if}
		<PieceActs {wall} {piece} {placement} {planned} all={plan.pieces} gap={rules.gap} />
	</div>
{:else if planned?.hanging}
	<p class="mt-3">{piece.letter} hangs here, and is not in this arrangement.</p>
	<button class="btn mt-2 btn-primary" type="button" onclick={putBack}>
		Put {piece.letter} into it, where it hangs
	</button>
{:else}
	{#if hangsThere}
		<p class="mt-3">
			{piece.letter} hangs on {nameOf(hangsThere.wallId)}. It comes down there before it is planned
			here; its holes there stay in the Book.
		</p>
	{/if}
	<button class="btn mt-3 btn-primary" type="button" onclick={putHere}>
		{hangsThere
			? `Take ${piece.letter} down there, and put it on this wall`
			: `Put ${piece.letter} on this wall`}
	</button>
{/if}
{#if !view.flipped}
	<details>
		<summary>
			Its back{#if hung.ok && hung.value.points[0]}: <span class="measure"
					>{formatLength(hung.value.points[0].drop.value, styles.lead)}</span
				> top edge to hook{/if}
		</summary>
		<BackPart {piece} {hung} {styles} />
	</details>
{/if}
<CautionList cautions={planned?.cautions ?? (hung.ok ? hung.value.cautions : [])} {styles} />

<style>
	summary {
		color: var(--color-primary);
		cursor: pointer;
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		margin-top: 0.4rem;
	}
</style>
