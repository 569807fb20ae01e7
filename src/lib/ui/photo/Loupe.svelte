<script lang="ts">
	import type { Point } from '$lib/core/index.ts';
	import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';

	interface Props {
		image: HTMLImageElement | undefined;
		/** What is looked at, px of the photo. */
		at: Point;
		label: string;
		onmove: (at: Point) => void;
	}

	let { image, at, label, onmove }: Props = $props();

	/** CSS pixels a pixel of the photo is shown with. */
	const TIMES = 3;
	const SIDE = 136;

	let canvas: HTMLCanvasElement | undefined = $state();

	$effect(() => {
		const context = canvas?.getContext('2d');
		if (!context || !image) return;
		const sharp = devicePixelRatio;
		const side = SIDE / TIMES;
		const { x, y } = at;
		const draw = () => {
			canvas!.width = canvas!.height = SIDE * sharp;
			context.imageSmoothingQuality = 'high';
			context.drawImage(
				...([image!, x - side / 2, y - side / 2, side, side] as const),
				...([0, 0, SIDE * sharp, SIDE * sharp] as const)
			);
		};
		if (image.complete) draw();
		else image.addEventListener('load', draw, { once: true });
	});

	let from: { x: number; y: number; at: Point } | null = null;

	function take(event: PointerEvent & { currentTarget: HTMLElement }) {
		event.currentTarget.setPointerCapture(event.pointerId);
		from = { x: event.clientX, y: event.clientY, at };
	}

	function pull(event: PointerEvent) {
		if (!from) return;
		onmove({
			x: from.at.x - (event.clientX - from.x) / TIMES,
			y: from.at.y - (event.clientY - from.y) / TIMES
		});
	}
</script>

<figure>
	<div
		class="glass"
		role="presentation"
		style:width="{SIDE}px"
		style:height="{SIDE}px"
		onpointerdown={take}
		onpointermove={pull}
		onpointerup={() => (from = null)}
		onpointercancel={() => (from = null)}
	>
		<canvas bind:this={canvas}></canvas>
		<svg viewBox="-68 -68 136 136" aria-hidden="true">
			<path class="under" d="M-68 0H-7M7 0H68M0 -68V-7M0 7V68" />
			<path class="cross" d="M-68 0H-7M7 0H68M0 -68V-7M0 7V68" />
		</svg>
	</div>
	<figcaption>{PHOTO_MEASURE.pull({ label })}</figcaption>
</figure>

<style>
	figure {
		width: 136px;
	}

	.glass {
		position: relative;
		overflow: hidden;
		border: 2px solid var(--graphite-soft);
		border-radius: 50%;
		cursor: move;
		touch-action: none;
	}

	canvas,
	svg {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
	}

	.under {
		stroke: var(--graphite);
		stroke-opacity: 0.5;
		stroke-width: 3;
	}

	.cross {
		stroke: var(--steel-tape);
		stroke-width: 1.2;
	}

	figcaption {
		margin-top: 0.2rem;
		color: var(--graphite-soft);
		font-size: var(--text-xs);
		line-height: 1.25;
		text-align: center;
	}
</style>
