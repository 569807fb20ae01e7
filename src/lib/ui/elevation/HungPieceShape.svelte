<script lang="ts">
	import { Lock } from '@lucide/svelte';
	import { formatLength, type Piece, type PlannedPiece, type Styles } from '$lib/core/index.ts';
	import type { Layer } from '../view.svelte.ts';
	import type { Frame } from './frame.ts';
	import HookMark from './HookMark.svelte';
	import { outlinePath } from './outline.ts';
	import PieceFront from './PieceFront.svelte';

	interface Props {
		planned: PlannedPiece;
		piece: Piece;
		frame: Frame;
		layer: Layer;
		styles: Styles;
		selected: boolean;
		/** Chosen besides the selected one. */
		also: boolean;
		/** Stays where it is. */
		locked: boolean;
		/** Index of the hook the readout tells, when this piece is selected. */
		hook: number;
		onselect: () => void;
		ondown: (event: PointerEvent) => void;
		onkey: (event: KeyboardEvent) => void;
	}

	let {
		planned,
		piece,
		frame,
		layer,
		styles,
		selected,
		also,
		locked,
		hook,
		onselect,
		ondown,
		onkey
	}: Props = $props();

	const x = $derived(frame.x(planned.rect.x));
	const y = $derived(frame.y(planned.rect.y + planned.rect.height));
	const width = $derived(planned.rect.width * frame.scale);
	const height = $derived(planned.rect.height * frame.scale);
	/** Its letter covers no more than a quarter of a small piece, and can be read, px. */
	const letterSize = $derived(Math.min(Math.max(Math.min(width, height) * 0.26, 9), 13));
	const tall = $derived(letterSize * 1.3);
	const tag = $derived((planned.letter.length * 0.5 + 0.85) * letterSize);
	/** On a piece smaller than its letter it would lie over the next ones. */
	const lettered = $derived(
		layer !== 'paper' && (selected || also || (tag <= width && tall <= height))
	);
	const lockSize = $derived(Math.min(tall, 17));
	const label = $derived(
		`${planned.letter}, ${planned.name}, ${formatLength(planned.rect.width, styles.lead)} by ${formatLength(planned.rect.height, styles.lead)}${planned.trouble ? ', its back is not possible' : ''}${locked ? ', locked in place' : ''}`
	);
</script>

<g
	class="piece"
	class:selected
	class:bare={layer === 'nails'}
	role="button"
	tabindex="0"
	aria-label={label}
	aria-pressed={selected}
	data-piece={planned.letter}
	onpointerdown={ondown}
	onfocus={onselect}
	onkeydown={onkey}
>
	<g transform="translate({x} {y})">
		{#if layer === 'looks'}
			<PieceFront {piece} {width} {height} />
		{:else if layer === 'paper'}
			{#await import('./PaperSheet.svelte') then { default: PaperSheet }}
				<PaperSheet letter={planned.letter} outline={piece.outline} {width} {height} />
			{/await}
		{:else}
			<path class="edge" d={outlinePath(piece.outline, width, height)} />
		{/if}
		{#if planned.trouble}
			<rect class="trouble" {width} {height} />
		{/if}
		{#if lettered}
			<g transform="translate({width - tag} {height - tall})">
				<rect class="tag" width={tag} height={tall} rx="3" />
				<text class="measure tag-text" x={tag / 2} y={letterSize} font-size={letterSize}>
					{planned.letter}
				</text>
			</g>
		{/if}
		{#if locked}
			<g>
				<rect class="tag" width={lockSize} height={lockSize} rx="3" />
				<Lock
					x={lockSize * 0.15}
					y={lockSize * 0.15}
					size={lockSize * 0.7}
					color="var(--ink)"
					aria-hidden="true"
				/>
			</g>
		{/if}
		{#if selected || also}
			<rect class="chosen" class:also x="-4" y="-4" width={width + 8} height={height + 8} />
		{/if}
	</g>
	{#if layer !== 'looks' || selected}
		{#each planned.hooks as each, index (each.id)}
			<HookMark hook={each} {frame} current={selected && index === hook} />
		{/each}
	{/if}
</g>

<style>
	.piece {
		cursor: grab;
		touch-action: none;
		outline: none;
	}

	.edge {
		fill: rgb(255 255 255 / 12%);
		stroke: var(--graphite-soft);
		stroke-dasharray: 3 4;
	}

	.trouble {
		fill: rgb(165 67 45 / 28%);
		stroke: var(--brick);
		stroke-width: 3;
		stroke-dasharray: 8 5;
	}

	.tag {
		fill: var(--kraft);
	}

	.tag-text {
		fill: var(--ink);
		text-anchor: middle;
	}

	.chosen {
		fill: none;
		stroke: var(--tape-blue-ink);
		stroke-width: 2;
		stroke-dasharray: 7 4;
	}

	.also {
		stroke-dasharray: 2 4;
	}

	.piece:focus-visible .chosen {
		stroke-width: 3.5;
		stroke-dasharray: none;
	}
</style>
