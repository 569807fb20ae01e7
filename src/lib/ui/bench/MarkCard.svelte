<script lang="ts">
	import {
		formatLength,
		hookOf,
		within,
		type Caution,
		type Landing,
		type NextMeasure,
		type Mark,
		type SecondMeasure,
		type Styles,
		type Use
	} from '$lib/core/index.ts';
	import CautionList from '../CautionList.svelte';
	import Measure from '../Measure.svelte';
	import { markTypeLabel } from '../puts.ts';
	import SumLine from '../SumLine.svelte';
	import { withinSaid } from '../within.ts';
	import { drivenSaid } from './mark-said.ts';

	interface Props {
		mark: Mark;
		styles: Styles;
		/** What goes in there, as far as it is known. */
		use: Use | undefined;
		/** To prove it by. */
		second: { across: SecondMeasure; up: SecondMeasure };
		/** How far its piece may land off; told once for a piece. */
		landing: Landing | null;
		/** What to measure next for its height, where that is less sure than it may be. */
		next: NextMeasure | null;
		/** What the hole may meet. */
		cautions: readonly Caution[];
		selected: boolean;
		onselect: () => void;
	}

	let { mark, styles, use, second, landing, next, cautions, selected, onselect }: Props = $props();

	const driven = $derived(drivenSaid(mark, use, styles.lead));
	const beside = $derived(
		mark.markedAt === 'bearing'
			? { what: 'hole', up: mark.holeUp }
			: { what: 'bearing', up: mark.bearingUp }
	);
	/** Where the bench scrolls by itself, the chosen mark comes into sight. */
	function comeIntoSight(node: HTMLElement) {
		if (selected && matchMedia('(width >= 56rem)').matches)
			node.scrollIntoView({ block: 'nearest' });
	}
	const said = (mm: number) => withinSaid(mm, styles);
</script>

<article class:selected data-testid="mark" {@attach comeIntoSight}>
	<h3>
		<button type="button" aria-pressed={selected} onclick={onselect}>
			{mark.letter} · {mark.name}
		</button>
	</h3>
	{#snippet readings()}
		<p class="figure">
			<Measure mm={mark.across.exact.value} printed={mark.across.printed} {styles} />
			<span>{mark.across.way} {mark.across.datum}</span>
		</p>
		<p class="figure">
			<Measure mm={mark.up.exact.value} printed={mark.up.printed} {styles} />
			<span>{markTypeLabel(mark)}, {mark.up.way} {mark.up.datum}</span>
		</p>
	{/snippet}
	{#if mark.levelWith}
		<p class="figure">
			<Measure mm={mark.levelWith.exact} printed={mark.levelWith.printed} {styles} />
			<span>{mark.levelWith.way} of {mark.levelWith.name}, level with it</span>
		</p>
	{:else}
		{@render readings()}
	{/if}
	{#if mark.cord}
		<p class="figure">
			<Measure mm={mark.cord.value} {styles} />
			<span>of cord, from the top of the rail down to it</span>
		</p>
	{/if}
	<p class="bearing">
		{hookOf(mark.hook).name}{driven ? `, ${driven}` : ''}: its {beside.what} at
		<Measure mm={beside.up.exact.value} printed={beside.up.printed} {styles} />
	</p>
	{#if landing}
		<p class="bearing">
			Right to within <span class="measure">{said(within(landing.height))}</span> up and
			<span class="measure">{said(within(landing.side))}</span> across.
			{#if next}{next.says}: within <span class="measure">{said(next.within)}</span>.{/if}
		</p>
	{/if}
	<CautionList {cautions} {styles} />
	{#if mark.across.roundingError !== null || mark.up.roundingError !== null}
		<p class="rounded">
			Rounded by <span class="measure"
				>{formatLength(
					Math.max(Math.abs(mark.across.roundingError ?? 0), Math.abs(mark.up.roundingError ?? 0)),
					{ unit: 'mm', decimals: 1 }
				)}</span
			>, more than your tolerance: use a finer tape fraction.
		</p>
	{/if}
	<details>
		<summary>Prove it</summary>
		{#if mark.levelWith}{@render readings()}{/if}
		{#each [second.across, second.up] as { exact, printed, to } (to)}
			<p class="figure">
				<Measure mm={exact} {printed} {styles} />
				<span>to {to}</span>
			</p>
		{/each}
	</details>
	<details>
		<summary>Why</summary>
		<SumLine figure={mark.up.exact} printed={mark.up.printed} {styles} />
		<SumLine figure={mark.across.exact} printed={mark.across.printed} {styles} />
	</details>
</article>

<style>
	article {
		padding: 0.45rem 0.6rem 0.5rem;
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.4rem;
	}

	.selected {
		border-color: var(--color-primary);
		box-shadow: inset 4px 0 var(--tape-blue);
	}

	h3 button {
		width: 100%;
		min-height: 2.5rem;
		font-size: var(--text-base);
		text-align: left;
		cursor: pointer;
	}

	.figure {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 0 0.6rem;
		font-size: var(--text-sm);
	}

	.figure :global(.measure) {
		font-size: var(--text-3xl);
		line-height: 1.15;
	}

	.bearing {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	.bearing :global(.measure) {
		font-size: var(--text-lg);
	}

	.bearing :global(.other) {
		opacity: 1;
	}

	.rounded {
		color: var(--color-error);
		font-size: var(--text-sm);
	}

	summary {
		min-height: 2.5rem;
		color: var(--color-primary);
		font-size: var(--text-sm);
		cursor: pointer;
	}
</style>
