<script lang="ts">
	import {
		estimate,
		factKey,
		formatLength,
		nineInTen,
		readingsOf,
		type FactReading,
		type Styles
	} from '$lib/core/index.ts';
	import type { ReadFigure } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { READINGS } from '$lib/words/en/readings.ts';
	import { withinSaid } from '../within.ts';

	interface Props {
		figure: ReadFigure;
		/** How it can be read; the last is offered first. */
		ways: readonly FactReading['way'][];
		help?: string;
		styles: Styles;
	}

	let { figure, ways, help = '', styles }: Props = $props();

	const session = $derived(getSession()());
	let open = $state(false);
	const kept = $derived(session.project.readings);
	const said = $derived(estimate(readingsOf(kept, figure.fact, figure.stands, figure.way)));
	const simulated = $derived(
		(kept[factKey(figure.fact)] ?? []).some((each) => each.simulated && !each.struck)
	);
</script>

{#if said}
	<p class="sum">
		{READINGS.sum({ ...said, simulated, within: withinSaid(nineInTen(said.sd), styles) })}
		{#if said.conflict}
			{READINGS.apart({
				one: formatLength(said.conflict.one.value, styles.lead),
				other: formatLength(said.conflict.other.value, styles.lead)
			})}
		{/if}
		<button
			type="button"
			class="again"
			aria-expanded={open}
			aria-label="Read again: {figure.name}"
			onclick={() => (open = !open)}
		>
			Read again
		</button>
	</p>
	{#if open}
		{#await import('./Readings.svelte') then { default: Readings }}
			<Readings {figure} {ways} {help} {styles} />
		{/await}
	{/if}
{/if}

<style>
	.sum {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	.again {
		min-height: 2.5rem;
		margin-left: 0.3rem;
		color: var(--color-primary);
		font-size: var(--text-sm);
		cursor: pointer;
	}

	.again[aria-expanded='true'] {
		text-decoration: underline;
	}
</style>
