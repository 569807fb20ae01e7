<script lang="ts">
	import { faceOf, piecesById, type Piece, type PlannedPiece, type Wall } from '$lib/core/index.ts';
	import FeatureShape from './FeatureShape.svelte';
	import type { Frame } from './frame.ts';
	import LiftFilter from './LiftFilter.svelte';
	import PieceFront from './PieceFront.svelte';
	import WallGround from './WallGround.svelte';

	interface Props {
		wall: Wall;
		pieces: readonly PlannedPiece[];
		rack: readonly Piece[];
		frame: Frame;
		/** The pieces alone, without the wall they hang on. */
		bare?: boolean;
		/** What stands before the wall is drawn elsewhere. */
		cleared?: boolean;
	}

	let { wall, pieces, rack, frame, bare = false, cleared = false }: Props = $props();

	const known = $derived(piecesById(rack));
</script>

<LiftFilter />
{#if !bare}
	<WallGround {wall} {frame} />
	{#each wall.features.filter((each) => !cleared || !faceOf(each).centres) as feature (feature.id)}
		<FeatureShape {feature} {frame} />
	{/each}
{/if}
{#each pieces as { pieceId, rect } (pieceId)}
	<g transform="translate({frame.x(rect.x)} {frame.y(rect.y + rect.height)})">
		<PieceFront
			piece={known.get(pieceId)!}
			width={rect.width * frame.scale}
			height={rect.height * frame.scale}
		/>
	</g>
{/each}
