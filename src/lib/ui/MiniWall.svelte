<script lang="ts">
	import { planWallFast, type Project, type Wall } from '$lib/core/index.ts';
	import { fitWall } from './elevation/frame.ts';
	import { facePath, wallBox } from './elevation/outline.ts';

	let { project, wall = project.walls[0]! }: { project: Project; wall?: Wall } = $props();

	const WIDTH = 240;
	const HEIGHT = 132;
	const MARGIN = { left: 8, right: 8, top: 8, bottom: 16 };

	const plan = $derived(planWallFast(project, wall.id));
	const pieces = $derived(plan.ok ? plan.value.pieces : []);
	const frame = $derived(fitWall({ width: WIDTH, height: HEIGHT }, wallBox(wall), MARGIN));
</script>

<svg viewBox="0 0 {WIDTH} {HEIGHT}" role="img" aria-label="{wall.name}, {pieces.length} pieces">
	<path class="wall" d={facePath(wall, frame)} />
	<rect class="floor" x={frame.left} y={frame.floor} width={frame.width} height="7" />
	{#each wall.features as feature (feature.id)}
		<rect
			class="feature"
			x={frame.x(feature.x)}
			y={frame.y(feature.y + feature.height)}
			width={feature.width * frame.scale}
			height={feature.height * frame.scale}
		/>
	{/each}
	{#each pieces as { pieceId, rect } (pieceId)}
		<rect
			class="piece"
			x={frame.x(rect.x)}
			y={frame.y(rect.y + rect.height)}
			width={rect.width * frame.scale}
			height={rect.height * frame.scale}
		/>
	{/each}
</svg>

<style>
	svg {
		width: 100%;
	}

	.wall {
		fill: var(--plaster);
		stroke: var(--skirting-edge);
	}

	.floor {
		fill: var(--floor);
	}

	.feature {
		fill: var(--skirting);
		stroke: var(--skirting-edge);
	}

	.piece {
		fill: var(--kraft);
		stroke: var(--walnut);
	}
</style>
