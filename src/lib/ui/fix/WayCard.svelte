<script lang="ts">
	import {
		formatForce,
		GROUNDS,
		hookOf,
		formatMessage,
		TOOLS,
		type Styles,
		type FixingOption,
		massUnitOf
	} from '$lib/core/index.ts';
	import FixingSheet from './FixingSheet.svelte';
	import UseBar from './UseBar.svelte';

	interface Props {
		way: FixingOption;
		styles: Styles;
		/** It comes first in the ranking. */
		first: boolean;
		settled: boolean;
		/** It is drawn on the wall without being settled. */
		shown: boolean;
		onshow: () => void;
		onsettle: () => void;
	}

	let { way, styles, first, settled, shown, onshow, onsettle }: Props = $props();

	const COST = { 1: 'cheap', 2: 'costs more', 3: 'costly' };
	const unit = $derived(massUnitOf(styles.lead));
	/** One line for each fixing in each ground, as its most used point has it. */
	const lines = $derived(
		[...new Map(way.points.map((point) => [`${point.hook} ${point.ground}`, point])).keys()].map(
			(key) =>
				way.points
					.filter(({ hook, ground }) => `${hook} ${ground}` === key)
					.reduce((a, b) => (b.use.utilisation > a.use.utilisation ? b : a))
		)
	);
</script>

<li class:settled class:stopped={way.stopped} data-testid="way">
	<h3>
		{way.hangs}
		{#if settled}<span class="tag">chosen</span>{:else if first}<span class="tag">best</span>{/if}
	</h3>
	<p class="on">{way.fixingSummary}</p>
	<UseBar share={way.use} />
	<p class="small-note">
		{[
			`${way.holes} ${way.holes === 1 ? 'hole' : 'holes'}`,
			...way.tools.map((tool) => TOOLS[tool]),
			COST[way.cost]
		].join(' · ')}
	</p>
	{#if way.prepStep}<p class="change">{way.prepStep}</p>{/if}
	<details>
		<summary>Why, and how</summary>
		<ul class="considered">
			{#each way.considered as { costs, says }, index (index)}
				<li class:against={costs > 0}>{formatMessage(says, styles.lead)}</li>
			{/each}
		</ul>
		{#each lines as { hook, ground, use, load } (`${hook} ${ground}`)}
			<p class="line">
				In {GROUNDS[ground]} each carries
				<span class="measure">{formatForce(load.down, unit)}</span> and may carry
				<span class="measure">{formatForce(use.allowedLoad, unit)}</span>: {formatMessage(
					use.explanation,
					styles.lead
				)}.
			</p>
		{/each}
		<p class="line"><strong>Level:</strong> {formatMessage(way.heldLevelBy, styles.lead)}</p>
		{#each lines as { hook, ground } (`${hook} ${ground}`)}
			<FixingSheet kind={hook} {ground} {styles} />
		{/each}
	</details>
	{#if !settled}
		<div class="acts">
			<button
				class={['btn btn-sm', first ? 'btn-primary' : '']}
				type="button"
				aria-label="Use this: {way.hangs}, {way.fixingSummary}"
				title={way.points.map(({ hook }) => hookOf(hook).name).join(', ')}
				onclick={onsettle}
			>
				Use this
			</button>
			<button
				class={['btn btn-ghost btn-sm', shown && 'btn-active']}
				type="button"
				aria-pressed={shown}
				aria-label="Show on the wall: {way.hangs}, {way.fixingSummary}"
				onclick={onshow}
			>
				Show on the wall
			</button>
		</div>
	{/if}
</li>

<style>
	li[data-testid='way'] {
		display: grid;
		gap: 0.3rem;
		padding: 0.5rem 0.65rem 0.6rem;
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.4rem;
	}

	.settled {
		border-color: var(--color-primary);
		box-shadow: inset 4px 0 var(--tape-blue);
	}

	.stopped {
		border-style: dashed;
		border-color: var(--brick);
	}

	h3 {
		display: flex;
		gap: 0.5rem;
		align-items: center;
		font-size: var(--text-base);
	}

	.tag {
		padding: 0 0.45rem;
		background: var(--kraft);
		color: var(--ink);
		font-family: var(--font-sans);
		font-size: var(--text-xs);
		font-weight: 600;
	}

	.on {
		line-height: 1.2;
	}

	.change {
		font-size: var(--text-sm);
		font-style: italic;
	}

	details {
		font-size: var(--text-sm);
		line-height: 1.3;
	}

	summary {
		color: var(--color-primary);
		cursor: pointer;
	}

	.considered {
		margin: 0.2rem 0;
	}

	.considered li {
		padding-left: 1.1rem;
		text-indent: -1.1rem;
	}

	.considered li::before {
		content: '+';
		display: inline-block;
		width: 1.1rem;
		font-weight: 700;
		text-indent: 0;
	}

	.considered .against::before {
		content: '–';
	}

	.line {
		margin: 0.2rem 0;
	}

	.acts {
		display: flex;
		gap: 0.3rem;
	}
</style>
