<script lang="ts">
	import {
		GROUNDS,
		holeAsRead,
		hooksInstruction,
		hookWasSet,
		oddReading,
		formatMessage,
		type Mark,
		type PlannedHook,
		type Use
	} from '$lib/core/index.ts';
	import { drivenSaid } from '../bench/mark-said.ts';
	import { markTypeLabel } from '../puts.ts';
	import BigMeasure from './BigMeasure.svelte';
	import Foot from './Foot.svelte';
	import OnceMore from './OnceMore.svelte';
	import ReadingPad from './ReadingPad.svelte';
	import Says from './Says.svelte';
	import type { ScreenProps } from './screen.ts';

	interface Props extends ScreenProps {
		mark: Mark;
		hook: PlannedHook;
		use: Use | null;
	}

	let { day, item, group, mark, hook, use, onnext, onback, onlook, more }: Props = $props();

	const { styles } = $derived(day);
	const driven = $derived(drivenSaid(mark, use ?? undefined, styles.lead));
	let measuring: 'across' | 'up' | null = $state(null);
	let across: number | null = $state(null);
	let up: number | null = $state(null);
	const simulated = $state({ across: false, up: false });

	const hole = $derived(
		across === null && up === null
			? hook.hole
			: holeAsRead(mark, {
					across: across ?? mark.across.exact.value,
					up: up ?? mark.up.exact.value
				})
	);
	const off = $derived({ x: hole.x - hook.hole.x, y: hole.y - hook.hole.y });
	const told = $derived(hooksInstruction(off, mark.name, day.rules.tolerance));
	const odd = $derived(oddReading('hook', Math.hypot(off.x, off.y)));
	let kept = $state(false);
	/** One that came out otherwise is told by itself. */
	const others = $derived(measuring === null ? group.slice(1) : []);
	/** What the tape is read at, as it was marked. */
	const read = $derived(markTypeLabel(mark).replace(/^./, (first) => `The ${first}`));

	function set() {
		// Telling one changes what is done in one go.
		const rest = others;
		day.tell(hookWasSet(item.step.id, hook, hole, simulated.across || simulated.up));
		for (const { step } of rest)
			if (step.asks.of === 'set')
				day.tell(hookWasSet(step.id, step.asks.hook, step.asks.hook.hole, false));
		onnext();
	}
</script>

{#if mark.cord}
	<BigMeasure
		printed={mark.cord.value}
		exact={mark.cord.value}
		from="of cord, from the top of the rail down to the lower hook"
		{styles}
	/>
{:else if use}
	<p>
		Here it meets <strong>{GROUNDS[use.ground]}</strong>{driven ? `: ${driven}` : ''}.
	</p>
{/if}
<Says says={item.step.says} {styles} />
{#if item.mark?.state === 'done'}
	<p class="small-note">It is set. Measure it again if it has moved.</p>
{/if}
{#if others.length > 0}
	<p>
		{others.length === 1 ? 'Both' : `All ${others.length + 1}`} of {item.step.title.split(
			' · '
		)[0]}: the {mark.name}{others
			.map(({ step }) => (step.asks.of === 'set' ? `, the ${step.asks.mark.name}` : ''))
			.join('')}.
	</p>
{/if}
<div class="where">
	{#each others as { step } (step.id)}
		{#if step.asks.of === 'set'}
			<button type="button" onclick={() => onlook(step.id)}>Only the {step.asks.mark.name}</button>
		{/if}
	{/each}
	<button type="button" aria-expanded={measuring === 'up'} onclick={() => (measuring = 'up')}>
		Its height is off
	</button>
	<button
		type="button"
		aria-expanded={measuring === 'across'}
		onclick={() => (measuring = 'across')}
	>
		It is off sideways
	</button>
</div>
{#if measuring === 'up'}
	<ReadingPad
		label="{read}, {mark.up.way} {mark.up.datum}"
		value={up}
		{styles}
		truth={mark.up.exact.value - 4}
		onvalue={(mm, by) => ([up, simulated.up] = [mm, by])}
	/>
{:else if measuring === 'across'}
	<ReadingPad
		label="{read}, {mark.across.way} {mark.across.datum}"
		value={across}
		{styles}
		truth={mark.across.exact.value + 4}
		onvalue={(mm, by) => ([across, simulated.across] = [mm, by])}
	/>
{/if}
{#if !told.fine}
	<p class="told" role="status">
		<strong>{formatMessage(told.says, styles.lead)}</strong>
		{told.or}
	</p>
{/if}
<OnceMore {odd} style={styles.lead} bind:kept />
<Foot
	label={!told.fine ? 'Keep it so, next' : others.length > 0 ? 'All in, next' : 'It is in, next'}
	disabled={item.waitsFor.length > 0 || (odd !== null && !kept)}
	onact={set}
	{onback}
	{more}
/>

<style>
	.where {
		display: flex;
		gap: 0.5rem;
	}

	.where button {
		min-height: 48px;
		padding: 0 0.9rem;
		border: 1.5px solid var(--graphite-soft);
		border-radius: 1.5rem;
		cursor: pointer;
	}

	.where [aria-expanded='true'] {
		border-color: var(--color-primary);
		color: var(--color-primary);
		font-weight: 700;
	}

	.told {
		padding: 0.5rem 0.8rem;
		border-left: 6px solid var(--marigold);
		background: color-mix(in srgb, var(--marigold) 14%, var(--color-base-100));
	}
</style>
