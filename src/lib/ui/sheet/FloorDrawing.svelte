<script lang="ts">
	import { formatLength, type FloorFirst, type Styles } from '$lib/core/index.ts';

	let { floor, styles }: { floor: FloorFirst; styles: Styles } = $props();

	const WIDTH = 720;
	const MARGIN = { left: 56, right: 20, top: 20, bottom: 40 };
	const scale = $derived(
		Math.min((WIDTH - MARGIN.left - MARGIN.right) / floor.width, 420 / floor.height)
	);
	const height = $derived(floor.height * scale + MARGIN.top + MARGIN.bottom);
	const x = (mm: number) => MARGIN.left + mm * scale;
	const y = (mm: number) => MARGIN.top + (floor.height - mm) * scale;
	const text = (mm: number) => formatLength(mm, styles.lead);
</script>

<svg
	viewBox="0 0 {WIDTH} {height}"
	role="img"
	aria-label="The taped area, {text(floor.width)} by {text(floor.height)}, with {floor.pieces
		.length} pieces"
>
	<rect
		class="tape"
		x={x(0)}
		y={y(floor.height)}
		width={floor.width * scale}
		height={floor.height * scale}
	/>
	{#each floor.pieces as { id, letter, across, up, width, height: tall } (id)}
		<rect
			class="piece"
			x={x(across)}
			y={y(up + tall)}
			width={width * scale}
			height={tall * scale}
		/>
		<text class="letter" x={x(across + width / 2)} y={y(up + tall / 2) + 6}>{letter}</text>
		<circle class="corner" cx={x(across)} cy={y(up)} r="3.5" />
	{/each}
	<path class="hook" d="M{x(0) - 9} {y(0) + 9} h9 v-9" />
	<text x={x(floor.width / 2)} y={y(0) + 28}>{text(floor.width)} · you stand here</text>
	<text transform="translate({x(0) - 18} {y(floor.height / 2)}) rotate(-90)"
		>{text(floor.height)}</text
	>
</svg>

<style>
	svg {
		width: 100%;
	}

	.tape {
		fill: none;
		stroke: var(--sheet-tape);
		stroke-width: 5;
	}

	.piece {
		fill: var(--sheet);
		stroke: var(--sheet-ink);
	}

	.corner {
		fill: var(--cross);
	}

	.hook {
		fill: none;
		stroke: var(--sheet-ink);
		stroke-width: 2;
	}

	text {
		fill: var(--sheet-ink);
		font-family: var(--font-measure);
		font-size: 17px;
		text-anchor: middle;
	}

	.letter {
		font-weight: 600;
	}
</style>
