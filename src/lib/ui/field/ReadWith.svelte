<script lang="ts">
	import { Gauge } from '@lucide/svelte';
	import {
		averageOf,
		estimate,
		factKey,
		nineInTen,
		readingsOf,
		seeded,
		seedOf,
		type Fact,
		type FactReading,
		type Styles
	} from '$lib/core/index.ts';
	import { MAKES, type MakeName } from '$lib/instruments/makes.ts';
	import { simulated } from '$lib/instruments/simulated.ts';
	import { addReadings } from '$lib/store/commands/index.ts';
	import type { Command } from '$lib/store/history.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import ReadAgain from './ReadAgain.svelte';
	import { READINGS } from '$lib/words/en/readings.ts';
	import { readNow } from './read-now.ts';
	import { writeReading } from './write-reading.ts';

	interface Props {
		/** What is read, in words. */
		field: string;
		/** What its readings are kept by. */
		fact: Fact;
		instrument: MakeName;
		/** What stands in the field; null where nothing does. */
		stands: number | null;
		/** The simulation’s truth lies a little off this. */
		value?: number;
		styles: Styles;
		/** How a person can read it again, a length; the last is offered first. */
		ways?: readonly FactReading['way'][];
		write: (mean: number) => Command;
	}

	let {
		field,
		fact,
		instrument,
		stands,
		value = stands ?? 0,
		styles,
		ways,
		write
	}: Props = $props();

	const session = $derived(getSession()());
	const make = $derived(MAKES[instrument]);
	/** The truth lies up to this many readings’ noise off what stands in the field. */
	const OFF = 3;
	const show = (shown: number) => writeReading(shown, instrument, styles);

	let device: ReturnType<typeof simulated> | null = $state.raw(null);
	let values: number[] = $state.raw([]);
	let trouble: { code: string; message: string } | null = $state.raw(null);
	const average = $derived(values.length > 0 ? averageOf(values) : null);
	const figure = $derived({ fact, name: field, stands, way: make.way, write });
	const kept = $derived(session.project.readings[factKey(fact)]);
	const source = $derived(
		kept && estimate(readingsOf(session.project.readings, fact, stands, make.way))
	);

	function switchOn() {
		const off = (seeded(seedOf(factKey(fact)))() - 0.5) * 2 * OFF * make.noise;
		device = simulated(make, value + off, Math.random);
		values = [];
		trouble = null;
	}

	function read() {
		const reading = device?.read();
		if (!reading) return;
		trouble = reading.ok ? null : reading.error;
		if (reading.ok) values = [...values, reading.value];
	}

	function take() {
		if (!average) return;
		const readings = values.map((read) => readNow(session, read, make.way, true));
		session.run(addReadings(figure, readings));
		session.seal();
		device = null;
	}
</script>

<div class="read">
	{#if !device}
		{#if session.simulates}
			<button
				type="button"
				class="open"
				onclick={switchOn}
				aria-label="Read the {field} with a simulated {make.name}"
			>
				<Gauge size={14} aria-hidden="true" />
				{make.short}
			</button>
		{/if}
		{#if ways}
			<ReadAgain figure={{ ...figure, name: `the ${field}`, way: ways.at(-1)! }} {ways} {styles} />
		{:else if source}
			<p class="source">
				{READINGS.sum({
					count: source.count,
					simulated: kept!.some(({ simulated, struck }) => simulated && !struck),
					within: show(nineInTen(source.sd))
				})}
			</p>
		{/if}
	{:else}
		<div class="panel" role="group" aria-label="Simulated {make.name}: {field}">
			<p><strong>{make.name}</strong>, simulated: to try the app with.</p>
			<p class="measure shown" aria-live="polite">
				{#if trouble}{trouble.message}{:else}{values.map(show).join('  ') || 'no reading yet'}{/if}
			</p>
			{#if average}
				<p>
					mean <strong class="measure">{show(average.mean)}</strong>{average.count > 1
						? `, ± ${show(average.plusMinus)}`
						: ''}
				</p>
			{/if}
			<div class="acts">
				{#if trouble?.code === 'battery-low'}
					<button class="btn btn-xs" type="button" onclick={switchOn}>New battery</button>
				{:else}
					<button class="btn btn-xs" type="button" onclick={read}>Take a reading</button>
				{/if}
				<button class="btn btn-primary btn-xs" type="button" disabled={!average} onclick={take}>
					Write it in
				</button>
				<button class="btn btn-ghost btn-xs" type="button" onclick={() => (device = null)}>
					Put away
				</button>
			</div>
		</div>
	{/if}
</div>

<style>
	.open {
		display: inline-flex;
		gap: 0.25rem;
		align-items: center;
		min-height: 2.5rem;
		text-decoration: underline dotted;
		text-underline-offset: 3px;
		color: var(--graphite-soft);
		font-size: 0.875rem;
		cursor: pointer;
	}

	.source {
		color: var(--graphite-soft);
		font-size: var(--text-xs);
	}

	.panel {
		padding: 0.4rem 0.5rem;
		border: 1.5px solid var(--graphite-soft);
		border-radius: 0.3rem;
		font-size: var(--text-sm);
	}

	.shown {
		min-height: 2.5rem;
		padding: 0.1rem 0.4rem;
		background: var(--display);
		color: var(--display-ink);
		font-size: var(--text-base);
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem;
		margin-top: 0.3rem;
	}
</style>
