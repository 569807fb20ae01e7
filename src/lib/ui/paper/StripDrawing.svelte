<script lang="ts">
	import { formatLength, type Strip, type Styles } from '$lib/core/index.ts';
	import { labelRows } from './label-rows.ts';

	let { strip, rollWidth, styles }: { strip: Strip; rollWidth: number; styles: Styles } = $props();

	/** A page’s width, and the most a strip takes of its height. */
	const WIDE = 1000;
	const DEEP = 330;
	const FIGURE = 26;
	const ROW = 32;
	/** About as wide as a letter of so much is high. */
	const LETTER_WIDE = 0.62;
	const scale = $derived(Math.min(WIDE / rollWidth, DEEP / (strip.to - strip.from)));
	const wide = $derived(rollWidth * scale);
	const deep = $derived((strip.to - strip.from) * scale);
	const length = (mm: number) => formatLength(mm, styles.lead);
	const rips = $derived(
		labelRows(
			strip.columns.map(({ to }) => ({ at: to * scale, text: length(to) })),
			FIGURE * LETTER_WIDE
		)
	);
	const head = $derived(Math.max(...rips.map(({ row }) => row + 1)) * ROW);
	const sheets = $derived(
		strip.columns.flatMap((column) => {
			let y = 0;
			return column.sheets.map((sheet) => {
				const at = y;
				y += sheet.height;
				return { ...sheet, x: column.from, y: at, column };
			});
		})
	);
	/** As large as its sheet has room for. */
	const letterOf = ({ id, width, height }: { id: string; width: number; height: number }) =>
		Math.min(44, (width * scale * 0.85) / (id.length * LETTER_WIDE), height * scale * 0.4);
	const sizeOf = ({ width, height }: { width: number; height: number }) =>
		`${length(width)} × ${length(height)}`;
	const sizeFits = (sheet: { width: number; height: number }) =>
		sizeOf(sheet).length * FIGURE * LETTER_WIDE < sheet.width * scale && sheet.height * scale > 90;
</script>

<svg
	viewBox="-6 {-head} {WIDE + 130} {deep + head + 8}"
	role="img"
	aria-label="Strip with {strip.columns
		.flatMap(({ sheets: of }) => of.map(({ id }) => id))
		.join(', ')}"
>
	<rect width={wide} height={deep} class="rest" />
	{#each sheets as sheet (sheet.id)}
		{@const letter = letterOf(sheet)}
		{@const middle = {
			x: (sheet.x + sheet.width / 2) * scale,
			y: deep - (sheet.y + sheet.height / 2) * scale
		}}
		<rect
			x={sheet.x * scale}
			y={deep - (sheet.y + sheet.height) * scale}
			width={sheet.width * scale}
			height={sheet.height * scale}
			class="sheet"
		/>
		<text
			x={middle.x}
			y={middle.y + letter * (sizeFits(sheet) ? 0 : 0.35)}
			font-size={letter}
			class="letter">{sheet.id}</text
		>
		{#if sizeFits(sheet)}
			<text x={middle.x} y={middle.y + FIGURE * 1.2} font-size={FIGURE} class="measure"
				>{sizeOf(sheet)}</text
			>
		{/if}
		{#if sheet.cutAt !== null}
			<path
				d="M{sheet.column.from * scale} {deep - sheet.cutAt * scale}H{sheet.column.to * scale}"
				class="cut"
			/>
		{/if}
	{/each}
	{#each rips as { at, text, row } (at)}
		<path d="M{at} {-row * ROW - 4}V{deep}" class="cut" />
		<text x={at} y={-row * ROW - 8} font-size={FIGURE} class="measure">{text}</text>
	{/each}
	<text x={wide + 10} y={deep / 2 + 9} font-size={FIGURE} class="measure long"
		>{length(strip.to - strip.from)}</text
	>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
	}

	.rest {
		fill: none;
		stroke: var(--sheet-ink);
		stroke-width: 3;
	}

	.sheet {
		fill: var(--sheet-kraft);
		stroke: var(--sheet-ink);
		stroke-width: 2;
	}

	.cut {
		stroke: var(--sheet-ink);
		stroke-width: 3;
		stroke-dasharray: 12 7;
	}

	text {
		text-anchor: middle;
	}

	.long {
		text-anchor: start;
	}

	.letter {
		font-family: var(--font-display);
	}

	@media print {
		.sheet {
			fill: none;
		}
	}
</style>
