<script lang="ts">
	import { overlap, type Rect, type Run, type Wall } from '$lib/core/index.ts';
	import type { Frame } from './frame.ts';
	import { facePath } from './outline.ts';

	interface Props {
		runs: readonly Run[];
		wall: Wall;
		frame: Frame;
		/** The chosen piece, or all of them; what runs elsewhere is drawn fainter. */
		pieces: readonly Rect[];
	}

	let { runs, wall, frame, pieces }: Props = $props();
</script>

<defs>
	<pattern id="run-stop" width="9" height="9" patternUnits="userSpaceOnUse">
		<path class="stop" d="M0 9 L9 0 M-1 1 L1 -1 M8 10 L10 8 M0 0 L9 9" />
	</pattern>
	<pattern id="run-care" width="14" height="14" patternUnits="userSpaceOnUse">
		<path class="care" d="M0 14 L14 0 M-1 1 L1 -1 M13 15 L15 13" />
	</pattern>
	<clipPath id="wall-face"><path d={facePath(wall, frame)} /></clipPath>
</defs>
<g clip-path="url(#wall-face)">
	{#each runs as run, index (index)}
		<rect
			class="run"
			class:elsewhere={!pieces.some((piece) => overlap(piece, run.rect))}
			x={frame.x(run.rect.x)}
			y={frame.y(run.rect.y + run.rect.height)}
			width={Math.max(run.rect.width * frame.scale, 2)}
			height={Math.max(run.rect.height * frame.scale, 2)}
			fill="url(#run-{run.grade})"
		>
			<title>{run.what}</title>
		</rect>
	{/each}
</g>

<style>
	.stop {
		stroke: var(--brick);
		stroke-width: 1.1;
	}

	.care {
		stroke: var(--marigold);
		stroke-width: 1.4;
	}

	.run {
		opacity: 0.8;
	}

	.run.elsewhere {
		opacity: 0.27;
	}
</style>
