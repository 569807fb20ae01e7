<script lang="ts">
	import {
		formatLength,
		hookOf,
		type Caution,
		type Mark,
		type SecondMeasure,
		type Styles,
		type Use
	} from '$lib/core/index.ts';
	import CautionList from '../CautionList.svelte';
	import Measure from '../Measure.svelte';
	import { markTypeLabel } from '../puts.ts';
	import SumLine from '../SumLine.svelte';
	import { drivenSaid, repeatSaid } from './mark-said.ts';

	interface Props {
		mark: Mark;
		styles: Styles;
		/** What goes in there, as far as it is known. */
		use: Use | undefined;
		/** To prove it by. */
		second: { across: SecondMeasure; up: SecondMeasure };
		/** mm a mark may be off before it matters. */
		tolerance: number;
		/** What the hole may meet. */
		cautions: readonly Caution[];
		selected: boolean;
		onselect: () => void;
	}

	let { mark, styles, use, second, tolerance, cautions, selected, onselect }: Props = $props();

	const driven = $derived(drivenSaid(mark, use, styles.lead));
	const repeat = $derived(
		repeatSaid(mark.up.exact, tolerance) ?? repeatSaid(mark.across.exact, tolerance)
	);
	const beside = $derived(
		mark.markedAt === 'bearing'
			? { what: 'hole', up: mark.holeUp }
			: { what: 'bearing', up: mark.bearingUp }
	);
	const plusMinus = (mm: number) => `± ${formatLength(mm, styles.lead)}`;
</script>

<article class:selected data-testid="mark">
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
	<p class="bearing">
		Sure to <span class="measure">{plusMinus(mark.up.exact.plusMinus)}</span> up and
		<span class="measure">{plusMinus(mark.across.exact.plusMinus)}</span> across.
		{repeat ?? ''}
	</p>
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
		font-size: 1.05rem;
		text-align: left;
		cursor: pointer;
	}

	.figure {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 0 0.6rem;
		font-size: 0.92rem;
	}

	.figure :global(.measure) {
		font-size: 1.9rem;
		line-height: 1.15;
	}

	.bearing {
		color: var(--graphite-soft);
		font-size: 0.88rem;
	}

	.bearing :global(.measure) {
		font-size: 1.1rem;
	}

	.bearing :global(.other) {
		opacity: 1;
	}

	.rounded {
		color: var(--color-error);
		font-size: 0.9rem;
	}

	summary {
		min-height: 1.6rem;
		color: var(--color-primary);
		font-size: 0.88rem;
		cursor: pointer;
	}
</style>
