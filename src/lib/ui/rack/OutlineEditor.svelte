<script lang="ts">
	import type { Piece } from '$lib/core/index.ts';
	import { outlinePath } from '../elevation/outline.ts';

	interface Point {
		x: number;
		y: number;
	}

	interface Props {
		piece: Piece;
		points: readonly Point[];
		onchange: (points: Point[]) => void;
		onseal: () => void;
	}

	let { piece, points, onchange, onseal }: Props = $props();

	/** Pixels of the longer side, and round the drawing for the handles. */
	const SIDE = 250;
	const MARGIN = 16;
	const scale = $derived(SIDE / Math.max(piece.width, piece.height));
	const width = $derived(piece.width * scale);
	const height = $derived(piece.height * scale);
	let drawing: SVGSVGElement | undefined = $state();
	let held = -1;

	const share = (value: number) => Math.min(Math.max(value, 0), 1);
	const place = (index: number, x: number, y: number) =>
		onchange(points.map((point, at) => (at === index ? { x: share(x), y: share(y) } : point)));

	function move(event: PointerEvent) {
		if (held < 0 || !drawing) return;
		const box = drawing.getBoundingClientRect();
		place(
			held,
			(event.clientX - box.left - MARGIN) / width,
			(event.clientY - box.top - MARGIN) / height
		);
	}

	function key(index: number, event: KeyboardEvent) {
		const step = event.shiftKey ? 0.05 : 0.01;
		const { x, y } = points[index]!;
		const to = {
			ArrowLeft: [x - step, y],
			ArrowRight: [x + step, y],
			ArrowUp: [x, y - step],
			ArrowDown: [x, y + step]
		}[event.key];
		if (to) {
			event.preventDefault();
			place(index, to[0]!, to[1]!);
		} else if (event.key === 'Delete' && points.length > 3) {
			onchange(points.filter((_, at) => at !== index));
			onseal();
		}
	}

	/** A corner in the middle of the longest side. */
	function addCorner() {
		const lengths = points.map((point, index) => {
			const next = points[(index + 1) % points.length]!;
			return Math.hypot((next.x - point.x) * width, (next.y - point.y) * height);
		});
		const at = lengths.indexOf(Math.max(...lengths));
		const next = points[(at + 1) % points.length]!;
		const middle = { x: (points[at]!.x + next.x) / 2, y: (points[at]!.y + next.y) / 2 };
		onchange([...points.slice(0, at + 1), middle, ...points.slice(at + 1)]);
		onseal();
	}
</script>

<svg
	bind:this={drawing}
	role="group"
	aria-label="Outline of {piece.letter}"
	width={width + 2 * MARGIN}
	height={height + 2 * MARGIN}
>
	<g transform="translate({MARGIN} {MARGIN})">
		<rect class="box" {width} {height} />
		<path class="outline" d={outlinePath({ by: 'polygon', points: [...points] }, width, height)} />
		{#each points as { x, y }, index (index)}
			<circle
				role="slider"
				tabindex="0"
				aria-label="Corner {index + 1}"
				aria-valuenow={Math.round(x * 100)}
				aria-valuetext="{Math.round(x * 100)} across, {Math.round(
					y * 100
				)} down, in hundredths; arrow keys move it, Delete takes it out"
				cx={x * width}
				cy={y * height}
				r="9"
				onpointerdown={(event) => {
					held = index;
					event.currentTarget.setPointerCapture(event.pointerId);
				}}
				onpointermove={move}
				onpointerup={() => {
					held = -1;
					onseal();
				}}
				onpointercancel={() => (held = -1)}
				onkeydown={(event) => key(index, event)}
				onblur={onseal}
			/>
		{/each}
	</g>
</svg>
<button
	class="btn justify-self-start btn-sm"
	type="button"
	disabled={points.length >= 120}
	onclick={addCorner}
>
	Add a corner
</button>

<style>
	svg {
		touch-action: none;
	}

	.box {
		fill: none;
		stroke: var(--graphite-soft);
		stroke-dasharray: 3 4;
	}

	.outline {
		fill: var(--kraft);
		stroke: var(--graphite);
	}

	circle {
		fill: var(--tape-blue);
		stroke: var(--sheet);
		stroke-width: 2;
		cursor: move;
	}

	circle:focus-visible {
		outline: none;
		stroke: var(--graphite);
		stroke-width: 4;
	}
</style>
