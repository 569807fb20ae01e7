<script lang="ts">
	import {
		highSide,
		LEVEL_LENGTH_MM,
		levelDone,
		oddReading,
		seeded,
		seedOf,
		tiltOf,
		type LevelTold,
		type Piece,
		type PlannedPiece
	} from '$lib/core/index.ts';
	import { MAKES } from '$lib/instruments/makes.ts';
	import { simulated } from '$lib/instruments/simulated.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import type { Day } from './day.svelte.ts';
	import Instruct from './Instruct.svelte';
	import OnceMore from './OnceMore.svelte';
	import ReadingPad from './ReadingPad.svelte';
	import Says from './Says.svelte';

	interface Props {
		day: Day;
		piece: Piece;
		planned: PlannedPiece;
		/** As the level last read, degrees; null for not read. */
		tilt: number | null;
		told: LevelTold | null;
		says: readonly string[];
	}

	let { day, piece, planned, tilt, told, says }: Props = $props();

	const session = $derived(getSession()());

	/** How far off level the simulation hangs a piece at first, degrees either way. */
	const HUNG_OFF = 1.6;

	let high: 'left' | 'none' | 'right' | null = $state(null);
	let gap: number | null = $state(null);
	/** As the simulated level shows, while it is asked about. */
	let shown: number | null = $state(null);
	let kept = $state(false);
	/** What levels it was just done: the level is to be read again. */
	let again = $state(false);

	const { styles } = $derived(day);
	const family = $derived(styles.lead.unit === 'mm' ? ('mm' as const) : ('in' as const));
	const fromGap = $derived(
		high === null || gap === null
			? null
			: tiltOf(high === 'right' ? gap : -gap, LEVEL_LENGTH_MM[family])
	);
	const reading = $derived(shown ?? (high === 'none' ? 0 : fromGap));
	const odd = $derived(reading === null ? null : oddReading('tilt', reading));

	/** A digital level, simulated: off at first, and near level once it was corrected. */
	function readLevel() {
		const truth = again ? 0 : (seeded(seedOf(piece.id))() - 0.5) * 2 * HUNG_OFF;
		const read = simulated(MAKES.level, truth, Math.random).read();
		if (!read.ok) return;
		if (oddReading('tilt', read.value) === null) keep(read.value, true);
		else shown = read.value;
	}

	function keep(tilt: number, simulated: boolean) {
		day.tell({ what: 'levelled', pieceId: piece.id, tilt, simulated });
		[shown, gap, high, again] = [null, null, null, false];
	}

	function corrected() {
		if (told?.step) day.tell(levelDone(told.step, planned, tilt!));
		again = true;
	}

	const ENDS = [
		{ value: 'left', label: 'left' },
		{ value: 'none', label: 'level' },
		{ value: 'right', label: 'right' }
	] as const;
</script>

{#if told}
	<Instruct {told} {styles}>
		{#if !told.fine}
			<button type="button" onclick={corrected}>Done: read it again</button>
		{/if}
	</Instruct>
{:else if again}
	<p class="again" role="status">Now lay the level on it again.</p>
{:else}
	<Says {says} {styles} />
{/if}
{#if shown !== null || tilt !== null}
	<p class="measure shown">
		{Math.abs(shown ?? tilt!).toFixed(2)}° {told?.fine ? '' : `${highSide(shown ?? tilt!)} high`}
	</p>
{/if}
<fieldset>
	<legend>Which end is high?</legend>
	{#each ENDS as { value, label } (value)}
		<button
			type="button"
			aria-pressed={high === value}
			onclick={() => ([high, shown] = [value, null])}
		>
			{label}
		</button>
	{/each}
	{#if session.simulates}
		<button class="gauge" type="button" onclick={readLevel}>simulated digital level</button>
	{/if}
</fieldset>
{#if high === 'left' || high === 'right'}
	<ReadingPad
		label="Gap under the low end of a level {family === 'mm' ? '600 mm' : '24 in'} long"
		value={gap}
		{styles}
		onvalue={(mm) => (gap = mm)}
	/>
{/if}
<OnceMore {odd} style={styles.lead} bind:kept />
{#if reading !== null}
	<button
		class="keep"
		type="button"
		disabled={odd !== null && !kept}
		onclick={() => keep(reading, shown !== null)}
	>
		{high === 'none' ? 'It reads level' : 'Show the correction'}
	</button>
{/if}

<style>
	fieldset {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
	}

	legend {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	button {
		min-height: 48px;
		min-width: 4rem;
		padding: 0 0.7rem;
		border: 1.5px solid var(--graphite-soft);
		border-radius: 0.6rem;
		font-weight: 600;
		cursor: pointer;
	}

	[aria-pressed='true'] {
		background: var(--umber);
		color: var(--umber-text);
	}

	.gauge {
		max-width: 8rem;
		font-size: var(--text-base);
		font-weight: 500;
		line-height: 1.1;
	}

	.shown {
		padding: 0.1rem 0.8rem;
		border-radius: 0.4rem;
		background: var(--display);
		color: var(--display-ink);
		font-size: var(--text-3xl);
	}

	.again {
		font-size: var(--text-xl);
		font-weight: 600;
	}

	.keep {
		border-color: var(--color-primary);
		color: var(--color-primary);
	}

	.keep:disabled {
		opacity: 0.5;
	}
</style>
