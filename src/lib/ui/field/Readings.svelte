<script lang="ts">
	import { format } from 'date-fns';
	import {
		estimate,
		formatLength,
		readingsOf,
		WAY_WORDS,
		type FactReading,
		type Styles
	} from '$lib/core/index.ts';
	import { addReadings, strikeReading, type ReadFigure } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { READINGS } from '$lib/words/en/readings.ts';
	import LengthField from './LengthField.svelte';
	import { readNow } from './read-now.ts';

	interface Props {
		figure: ReadFigure;
		/** How it can be read, the best last. */
		ways: readonly FactReading['way'][];
		help?: string;
		styles: Styles;
	}

	let { figure, ways, help = '', styles }: Props = $props();

	const session = $derived(getSession()());
	let chosenWay: FactReading['way'] | null = $state(null);
	/** The best way there is, until the person chooses. */
	const way = $derived(chosenWay ?? ways.at(-1)!);
	/** A wire pulled up by hand scatters: it is pulled three times. */
	const times = $derived(way === 'pulled' ? 3 : 1);
	let reads: (number | null)[] = $state([]);
	const read = $derived(reads.slice(0, times).filter((each) => each != null));

	const readings = $derived(
		readingsOf(session.project.readings, figure.fact, figure.stands, figure.way)
	);
	const conflict = $derived(estimate(readings)?.conflict ?? null);
	const written = (mm: number) => formatLength(mm, styles.lead);

	function add() {
		if (read.length === 0) return;
		session.run(
			addReadings(
				figure,
				read.map((mm) => readNow(session, mm, way))
			)
		);
		session.seal();
		reads = [];
	}

	function strike({ id, struck }: FactReading) {
		session.run(strikeReading(figure, id, !struck));
		session.seal();
	}

	const how = ({ way, at, by, simulated }: FactReading): string =>
		[
			WAY_WORDS[way],
			...(simulated ? ['simulated'] : []),
			...(at ? [format(new Date(at), 'd MMM, HH:mm')] : []),
			...(by ? [by] : [])
		].join(', ');
</script>

<div class="readings">
	{#if conflict}
		<p class="conflict" role="status">
			{READINGS.conflict({
				one: written(conflict.one.value),
				other: written(conflict.other.value),
				apart: written(conflict.apart)
			})}
		</p>
	{/if}
	<ul>
		{#each readings as reading (reading.id)}
			<li class:struck={reading.struck}>
				<span class="measure">{written(reading.value)}</span>
				<span class="how">{how(reading)}</span>
				<button type="button" onclick={() => strike(reading)}>
					{reading.struck ? 'Count it' : 'Strike out'}
				</button>
			</li>
		{/each}
	</ul>
	{#if ways.length > 1}
		<label>
			<span class="field-label">Read by</span>
			<select
				class="select w-full select-sm"
				bind:value={() => way, (value) => (chosenWay = value)}
			>
				{#each ways as value (value)}
					<option {value}>{WAY_WORDS[value]}</option>
				{/each}
			</select>
		</label>
	{/if}
	<div class="add">
		{#key readings.length}
			{#each Array.from({ length: times }, (_, index) => index) as index (index)}
				<LengthField
					label={READINGS.ask({ first: readings.length === 0, of: times, index })}
					help={index === 0 ? help : ''}
					value={reads[index] ?? null}
					{styles}
					signed
					zero
					onvalue={(mm) => (reads[index] = mm)}
					onempty={() => (reads[index] = null)}
				/>
			{/each}
		{/key}
		<!-- The field keeps its focus, so that nothing moves under the pointer. -->
		<button
			class="btn btn-primary btn-sm"
			type="button"
			disabled={read.length === 0}
			onmousedown={(event) => event.preventDefault()}
			onclick={add}
		>
			{READINGS.add({ count: read.length })}
		</button>
	</div>
</div>

<style>
	.readings {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 0.4rem;
		padding: 0.3rem 0 0.5rem 0.6rem;
		border-left: 4px solid var(--tape-blue);
	}

	.conflict {
		padding: 0.4rem 0.6rem;
		border: 1.5px solid var(--color-warning);
		border-radius: 0.3rem;
	}

	li {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.5rem;
		align-items: center;
		min-height: 2.5rem;
	}

	li .measure {
		flex: 0 0 3.6rem;
	}

	.how {
		flex: 1 1 6rem;
		color: var(--graphite-soft);
		font-size: var(--text-sm);
		line-height: 1.2;
	}

	.struck .measure {
		text-decoration: line-through;
	}

	li button {
		min-height: 2.5rem;
		white-space: nowrap;
		color: var(--color-primary);
		font-size: var(--text-sm);
		cursor: pointer;
	}

	.add {
		display: grid;
		gap: 0.2rem;
	}
</style>
