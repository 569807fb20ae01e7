<script lang="ts">
	import type { Cut } from '$lib/photos/photo.ts';

	interface Props {
		url: string;
		cut: Cut;
		oncut: (cut: Cut) => void;
	}

	let { url, cut, oncut }: Props = $props();

	let natural = $state({ width: 4, height: 3 });
	let box: HTMLDivElement | undefined = $state();
	let held: 'start' | 'end' | null = null;

	/** Pixels of the longest side of the picture in the bench. */
	const SIDE = 288;
	/** Least share that may be left of the picture. */
	const LEAST = 0.05;
	const turned = $derived(cut.quarters % 2 === 1);
	const shown = $derived(turned ? { width: natural.height, height: natural.width } : natural);
	const scale = $derived(SIDE / Math.max(shown.width, shown.height));
	const width = $derived(shown.width * scale);
	const height = $derived(shown.height * scale);

	const clamp = (value: number, low: number, high: number) => Math.min(Math.max(value, low), high);

	function place(which: 'start' | 'end', x: number, y: number) {
		if (which === 'start')
			oncut({
				...cut,
				left: clamp(x, 0, cut.right - LEAST),
				top: clamp(y, 0, cut.bottom - LEAST)
			});
		else
			oncut({
				...cut,
				right: clamp(x, cut.left + LEAST, 1),
				bottom: clamp(y, cut.top + LEAST, 1)
			});
	}

	function move(event: PointerEvent) {
		if (!held || !box) return;
		const rect = box.getBoundingClientRect();
		place(held, (event.clientX - rect.left) / rect.width, (event.clientY - rect.top) / rect.height);
	}

	function key(which: 'start' | 'end', event: KeyboardEvent) {
		const step = event.shiftKey ? 0.05 : 0.01;
		const by = {
			ArrowLeft: [-step, 0],
			ArrowRight: [step, 0],
			ArrowUp: [0, -step],
			ArrowDown: [0, step]
		}[event.key];
		if (!by) return;
		event.preventDefault();
		const [x, y] = which === 'start' ? [cut.left, cut.top] : [cut.right, cut.bottom];
		place(which, x + by[0]!, y + by[1]!);
	}

	const corners = $derived([
		{ which: 'start' as const, name: 'Upper left corner of the cut', x: cut.left, y: cut.top },
		{ which: 'end' as const, name: 'Lower right corner of the cut', x: cut.right, y: cut.bottom }
	]);
</script>

<div class="crop" bind:this={box} style:width="{width}px" style:height="{height}px">
	<img
		src={url}
		alt="Before it is cut"
		style:width="{natural.width * scale}px"
		style:height="{natural.height * scale}px"
		style:transform="translate(-50%, -50%) rotate({cut.quarters * 90}deg)"
		onload={(event) => {
			const { naturalWidth, naturalHeight } = event.currentTarget as HTMLImageElement;
			natural = { width: naturalWidth, height: naturalHeight };
		}}
	/>
	<svg {width} {height} aria-hidden="true">
		<path
			class="shade"
			d="M0 0 H{width} V{height} H0 Z M{cut.left * width} {cut.top * height} V{cut.bottom *
				height} H{cut.right * width} V{cut.top * height} Z"
		/>
	</svg>
	{#each corners as { which, name, x, y } (which)}
		<button
			class="corner"
			type="button"
			aria-label="{name}, {Math.round(x * 100)} across, {Math.round(
				y * 100
			)} down; arrow keys move it"
			style:left="{x * 100}%"
			style:top="{y * 100}%"
			onpointerdown={(event) => {
				held = which;
				event.currentTarget.setPointerCapture(event.pointerId);
			}}
			onpointermove={move}
			onpointerup={() => (held = null)}
			onpointercancel={() => (held = null)}
			onkeydown={(event) => key(which, event)}
		></button>
	{/each}
</div>

<style>
	.crop {
		position: relative;
		overflow: visible;
		background: var(--color-base-300);
		touch-action: none;
	}

	img {
		position: absolute;
		top: 50%;
		left: 50%;
		max-width: none;
	}

	svg {
		position: absolute;
		inset: 0;
	}

	.shade {
		fill: rgb(47 38 32 / 55%);
		fill-rule: evenodd;
	}

	.corner {
		position: absolute;
		width: 28px;
		height: 28px;
		transform: translate(-50%, -50%);
		border: 3px solid var(--sheet);
		border-radius: 50%;
		background: var(--tape-blue);
		cursor: move;
	}
</style>
