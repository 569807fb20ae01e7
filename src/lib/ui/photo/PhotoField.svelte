<script lang="ts">
	import type { PhotoSize, Point } from '$lib/core/index.ts';
	import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
	import { dragged } from '../elevation/dragged.ts';
	import type { Handle, HandleLine } from './handle.ts';

	interface Props {
		url: string;
		size: PhotoSize;
		/** What is in the photo, for who cannot see it. */
		alt: string;
		handles: readonly Handle[];
		lines: readonly HandleLine[];
		/** Where the next mark likely is. */
		ghost: Point | null;
		active: string | null;
		image?: HTMLImageElement | undefined;
		onactive: (id: string) => void;
		onmove: (id: string, at: Point) => void;
		ontap: (at: Point) => void;
	}

	let {
		url,
		size,
		alt,
		handles,
		lines,
		ghost,
		active,
		image = $bindable(),
		onactive,
		onmove,
		ontap
	}: Props = $props();

	let shown = $state(0);
	/** CSS pixels a pixel of the photo is drawn with. */
	const scale = $derived(shown / size.width || 1);
	const path = ({ points, closed }: HandleLine) =>
		points.map(({ x, y }, index) => `${index ? 'L' : 'M'}${x * scale} ${y * scale}`).join('') +
		(closed ? 'Z' : '');
	const inside = ({ x, y }: Point): Point => ({
		x: Math.min(Math.max(x, 0), size.width),
		y: Math.min(Math.max(y, 0), size.height)
	});
	const percent = (value: number, of: number) => Math.round((100 * value) / of);

	function tap(event: PointerEvent & { currentTarget: SVGSVGElement }) {
		if (event.button !== 0) return;
		const box = event.currentTarget.getBoundingClientRect();
		ontap(inside({ x: (event.clientX - box.x) / scale, y: (event.clientY - box.y) / scale }));
	}
</script>

<div
	class="photo-field"
	style:aspect-ratio="{size.width} / {size.height}"
	style:--shape={size.width / size.height}
	bind:clientWidth={shown}
>
	<img src={url} {alt} bind:this={image} />
	<svg role="group" aria-label="Marks in the photo" onpointerdown={tap}>
		{#each lines.filter(({ points }) => points.length > 1) as line, index (index)}
			<path class="line under" d={path(line)} />
			<path class="line {line.of}" d={path(line)} />
		{/each}
		{#if ghost}
			<circle class="ghost" cx={ghost.x * scale} cy={ghost.y * scale} r="15" />
		{/if}
		{#each handles as { id, label, at, of } (id)}
			<g
				class={['handle', of, id === active && 'active']}
				transform="translate({at.x * scale} {at.y * scale})"
				tabindex="0"
				role="button"
				aria-label={PHOTO_MEASURE.placed({
					label,
					across: percent(at.x, size.width),
					down: percent(at.y, size.height)
				})}
				data-mark={id}
				{@attach dragged({
					what: () => at,
					scale: () => scale,
					step: (coarse) => (coarse ? 10 : 1),
					onpick: () => onactive(id),
					onmove: (from, dx, dy) => onmove(id, inside({ x: from.x + dx, y: from.y - dy })),
					ondrop: (from, dx, dy) => onmove(id, inside({ x: from.x + dx, y: from.y - dy })),
					oncancel: () => {}
				})}
			>
				<circle class="grip" r="14" />
				<path class="under" d="M-11 0H-3M3 0H11M0 -11V-3M0 3V11" />
				<path class="cross" d="M-11 0H-3M3 0H11M0 -11V-3M0 3V11" />
			</g>
		{/each}
	</svg>
</div>

<style>
	.photo-field {
		position: relative;
		width: min(100%, (100dvh - 7rem) * var(--shape));
		margin: 0 auto;
	}

	img,
	svg {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
	}

	svg {
		overflow: visible;
		cursor: crosshair;
		touch-action: manipulation;
	}

	.line {
		fill: none;
		stroke-width: 2;
		pointer-events: none;
	}

	.under {
		stroke: var(--graphite);
		stroke-opacity: 0.55;
		stroke-width: 4;
	}

	.line.sheet {
		stroke: var(--steel-tape);
	}

	.line.corner,
	.line.mark {
		stroke: var(--sheet);
	}

	.ghost {
		fill: none;
		stroke: var(--sheet);
		stroke-width: 2;
		stroke-dasharray: 4 4;
		pointer-events: none;
	}

	.handle {
		cursor: grab;
		touch-action: none;
		outline: none;
	}

	.grip {
		fill: var(--graphite);
		fill-opacity: 0.18;
		stroke: none;
	}

	.cross {
		stroke: var(--sheet);
		stroke-width: 1.8;
	}

	.handle.sheet .cross {
		stroke: var(--steel-tape);
	}

	.handle.active .grip {
		stroke: var(--steel-tape);
		stroke-width: 2.5;
		fill-opacity: 0.05;
	}

	.handle:focus-visible .grip {
		stroke: var(--color-primary);
		stroke-width: 4;
	}
</style>
