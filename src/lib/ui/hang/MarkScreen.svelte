<script lang="ts">
	import { formatLength, hookOf, howSure, secondMeasures, type Mark } from '$lib/core/index.ts';
	import { markTypeLabel } from '../puts.ts';
	import { READINGS } from '$lib/words/en/readings.ts';
	import BigMeasure from './BigMeasure.svelte';
	import Foot from './Foot.svelte';
	import type { ReadOn } from './read-on.svelte.ts';
	import ReadOnPart from './ReadOnPart.svelte';
	import type { ScreenProps } from './screen.ts';

	interface Props extends ScreenProps {
		mark: Mark;
		/** Reads one mark after another; null where none is read aloud. */
		reading: ReadOn | null;
	}

	let { day, item, group, mark, reading, onnext, onback, more }: Props = $props();

	const { styles } = $derived(day);
	const hook = $derived(hookOf(mark.hook));
	const sure = $derived(howSure(day.project, day.plan).get(mark.pieceId));
	const second = $derived(secondMeasures(day.wall, mark, day.rules.tapeHook, styles.lead));

	/** Marks that were read one after another, and are told at once. */
	const read = $derived(
		reading && reading.read.length > 1 ? reading.read : group.map(({ step }) => step.id)
	);
	const partners = $derived(
		group.slice(1).flatMap(({ step }) => (step.asks.of === 'mark' ? [step.asks.mark] : []))
	);

	function marked() {
		for (const step of read) day.tell({ what: 'done', step });
		reading?.forget();
		onnext();
	}
</script>

<p class="hook">{hook.name}. The mark is for the {markTypeLabel(mark)}.</p>
{#if mark.levelWith}
	<BigMeasure
		printed={mark.levelWith.printed}
		exact={mark.levelWith.exact}
		from="{mark.levelWith.way} of {mark.levelWith.name}, level with it"
		{styles}
	/>
{:else}
	<BigMeasure
		printed={mark.up.printed}
		exact={mark.up.exact.value}
		from="{mark.up.way} {mark.up.datum}"
		within={sure?.up}
		{styles}
	/>
	<BigMeasure
		printed={mark.across.printed}
		exact={mark.across.exact.value}
		from="{mark.across.way} {mark.across.datum}"
		within={sure?.across}
		{styles}
	/>
{/if}
{#each partners as { id, name, levelWith } (id)}
	{#if levelWith}
		<BigMeasure
			printed={levelWith.printed}
			exact={levelWith.exact}
			from="then the {name}: {levelWith.way} of {levelWith.name}, level with it"
			{styles}
		/>
	{/if}
{/each}
{#if mark.cord}
	<BigMeasure
		printed={mark.cord.value}
		exact={mark.cord.value}
		from="of cord, from the top of the rail down to it"
		{styles}
	/>
{/if}
{#if sure && READINGS.known(sure)}<p><strong>{READINGS.known(sure)}.</strong></p>{/if}
<p class="prove">
	<strong>Check by</strong>
	<span class="measure">{formatLength(second.across.printed, styles.lead)}</span>
	to {second.across.to}{mark.levelWith
		? ''
		: `, ${formatLength(second.up.printed, styles.lead)} to ${second.up.to}`}.
</p>
{#if reading}<ReadOnPart {reading} />{/if}
<Foot
	label={reading && read.length > 1 ? `All ${read.length} read are on` : 'Marked, next'}
	disabled={item.waitsFor.length > 0}
	onact={marked}
	{onback}
	{more}
/>

<style>
	.hook {
		line-height: 1.3;
	}

	.prove {
		padding: 0.5rem 0.8rem;
		border-left: 6px solid var(--tape-blue);
		background: color-mix(in srgb, var(--tape-blue) 12%, var(--color-base-100));
	}

	.measure {
		font-size: var(--text-lg);
	}
</style>
