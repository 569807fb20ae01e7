<script lang="ts">
	import {
		formatLength,
		nineInTen,
		pieceFacts,
		type Piece,
		type PieceFact,
		type Styles
	} from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { READINGS } from '$lib/words/en/readings.ts';
	import { readFigureOf } from '../field/read-figure.ts';
	import Readings from '../field/Readings.svelte';
	import { withinSaid } from '../within.ts';

	interface Props {
		piece: Piece;
		styles: Styles;
	}

	let { piece, styles }: Props = $props();

	const session = $derived(getSession()());
	const facts = $derived(pieceFacts(piece, session.project.readings));
	let opened: string | null = $state(null);

	const keyOf = ({ fact }: PieceFact) => `${fact.of}/${fact.key}`;
	const askOf = ({ state }: PieceFact) => (state === 'assumed' ? 'Read it' : 'Read again');
	const stateSaid = ({ state, estimate }: PieceFact): string =>
		state === 'measured'
			? READINGS.state.measured({ count: estimate!.count })
			: READINGS.state[state]();
</script>

<ul class="facts">
	{#each facts as fact (keyOf(fact))}
		{@const open = opened === keyOf(fact)}
		<li class={fact.state}>
			<div class="row">
				<span class="name">{fact.label}</span>
				<span class="measure value">{formatLength(fact.value, styles.lead)}</span>
				{#if fact.state !== 'chosen'}
					<span class="sure">
						± <span class="measure">{withinSaid(nineInTen(fact.sd), styles)}</span>
					</span>
					<button
						type="button"
						class="again"
						aria-expanded={open}
						aria-label="{askOf(fact)}: {fact.label.toLowerCase()}"
						onclick={() => (opened = open ? null : keyOf(fact))}
					>
						{askOf(fact)}
					</button>
				{/if}
				<span class="state">
					{stateSaid(fact)}{fact.estimate?.conflict ? ', and they do not agree' : ''}
				</span>
			</div>
			{#if open}<Readings
					figure={readFigureOf(piece, fact)}
					ways={fact.ways}
					help={fact.help}
					{styles}
				/>{/if}
		</li>
	{/each}
</ul>

<style>
	.facts {
		display: grid;
		gap: 0.15rem;
	}

	.row {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto 3.6rem 4.9rem;
		gap: 0 0.4rem;
		align-items: center;
	}

	.name {
		padding-bottom: 0.5rem;
		line-height: 1.15;
	}

	.chosen .row {
		grid-template-columns: minmax(0, 1fr) auto;
	}

	.value {
		font-size: var(--text-xl);
	}

	.sure {
		color: var(--graphite-soft);
		text-align: right;
		white-space: nowrap;
	}

	.state {
		grid-column: 1 / -1;
		margin-top: -0.45rem;
		color: var(--graphite-soft);
		font-size: var(--text-xs);
	}

	li {
		padding: 0.1rem 0 0.3rem;
		border-bottom: 1px solid var(--color-base-300);
	}

	.assumed .value {
		border-bottom: 1.5px dashed var(--graphite-soft);
		font-style: italic;
	}

	.chosen .value {
		border-bottom: 1.5px dotted var(--graphite-soft);
	}

	.again {
		min-height: 2.75rem;
		padding: 0;
		border-radius: 0.4rem;
		color: var(--color-primary);
		font-size: var(--text-sm);
		text-align: right;
		cursor: pointer;
	}

	.again[aria-expanded='true'] {
		text-decoration: underline;
	}
</style>
