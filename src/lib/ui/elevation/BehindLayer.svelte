<script lang="ts">
	import type { Styles, Wall, WallPlan } from '$lib/core/index.ts';
	import BonesShapes from './BonesShapes.svelte';
	import type { Frame } from './frame.ts';
	import LevelLines from './LevelLines.svelte';
	import RunShapes from './RunShapes.svelte';

	interface Props {
		plan: WallPlan;
		wall: Wall;
		frame: Frame;
		styles: Styles;
		/** Studs, cables and pipes. */
		bones: boolean;
		/** The level line and what was read from it. */
		level: boolean;
		selected: string | null;
	}

	let { plan, wall, frame, styles, bones, level, selected }: Props = $props();

	const chosen = $derived(plan.pieces.filter(({ pieceId }) => pieceId === selected));
	const pieces = $derived((chosen.length > 0 ? chosen : plan.pieces).map(({ rect }) => rect));
</script>

{#if bones}
	<RunShapes runs={plan.runs} {wall} {frame} {pieces} />
	<BonesShapes {wall} {frame} />
{/if}
{#if level}
	<LevelLines {wall} {frame} {styles} />
{/if}
