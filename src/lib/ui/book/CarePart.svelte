<script lang="ts">
	import {
		careNotes,
		doseOf,
		FADES,
		FADES_WORDS,
		fadesOf,
		formatLength,
		hoursItMay,
		isTooMuch,
		lampWithin,
		LIGHT_LIMITS,
		luxOn,
		nearIt,
		formatMessage,
		spotFor,
		type Fades,
		type Piece,
		type PlannedPiece,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { setLit, setPiece } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import ChoiceField from '../field/ChoiceField.svelte';
	import QuantityField from '../field/QuantityField.svelte';
	import Curve from '../rack/Curve.svelte';
	import { readLux } from '../survey/lux.ts';
	import { readBetween } from './read-between.ts';

	interface Props {
		piece: Piece;
		planned: PlannedPiece;
		plan: WallPlan;
		wall: Wall;
		styles: Styles;
	}

	let { piece, planned, plan, wall, styles }: Props = $props();

	const session = $derived(getSession()());
	const fades = $derived(fadesOf(piece));
	const limit = $derived(fades === 'none' ? null : LIGHT_LIMITS[fades]);
	const lux = $derived(luxOn(wall, piece.id));
	const dose = $derived(doseOf(piece, wall));
	const hours = $derived(hoursItMay(piece, wall));
	const curve = $derived(
		dose
			? Array.from({ length: 13 }, (_, month) => ({ x: month, y: (dose.luxHours * month) / 12000 }))
			: []
	);
	const lamp = $derived(spotFor(planned, piece, wall));
	const notes = $derived(careNotes(piece));
	const near = $derived(nearIt(plan.placementCautions, piece.id));
	const plain = (value: number) => String(value);
	const setHours = (key: 'hoursPerDay' | 'daysPerYear') => (value: number | null) =>
		session.run(setLit(wall.id, { ...wall.lit, [key]: value ?? 0 }));
	function setLux(value: number | null) {
		const others = Object.entries(wall.lit.at).filter(([id]) => id !== piece.id);
		const at = Object.fromEntries(value === null ? others : [...others, [piece.id, value]]);
		session.run(setLit(wall.id, { ...wall.lit, at }));
	}
</script>

<h3>Light</h3>
<ChoiceField
	choice={{
		...{ key: 'fades', label: 'Light harms it', answer: fades },
		answers: FADES.map((answer) => ({ answer, label: FADES_WORDS[answer] }))
	}}
	onchoose={(answer) => session.run(setPiece(piece.id, { fades: answer as Fades }))}
/>
<div class="field-pair">
	<QuantityField
		label="Lux on it"
		help="Read at the piece, meter flat on it; empty for the wall’s own reading"
		value={wall.lit.at[piece.id] ?? null}
		placeholder={wall.lux === null ? 'not read' : `${Math.round(wall.lux)}, the wall’s`}
		read={readLux}
		write={(value) => String(Math.round(value))}
		echo={() => ''}
		optional
		onvalue={setLux}
		onseal={() => session.seal()}
	/>
	<QuantityField
		label="Hours lit a day"
		value={wall.lit.hoursPerDay}
		read={readBetween(0, 24, 'hours')}
		write={plain}
		echo={() => ''}
		onvalue={setHours('hoursPerDay')}
		onseal={() => session.seal()}
	/>
	<QuantityField
		label="Days lit a year"
		value={wall.lit.daysPerYear}
		read={readBetween(0, 366, 'days')}
		write={plain}
		echo={() => ''}
		onvalue={setHours('daysPerYear')}
		onseal={() => session.seal()}
	/>
</div>
{#if limit === null}
	<p class="small-note">Light does not harm it.</p>
{:else if !dose}
	<p class="small-note">No light was read here yet: at most {limit.lux} lux for it.</p>
{:else}
	<p class={['dose', isTooMuch(dose) && 'over']} role="status">
		<strong class="measure">{Math.round(dose.share * 100)} %</strong>
		of the light it may have in a year ({Math.round(dose.luxHours / 1000)} of {limit.luxHours /
			1000}
		thousand lux hours, CIE 157:2004).
		{#if !dose.withinLux}{Math.round(lux!)} lux is over the {limit.lux} it bears.{/if}
		{#if !dose.withinDose && hours !== null}
			As bright as it is, it may be lit {hours.toFixed(1)} hours a day: shade it, dim it, film the window,
			or let it rest in the dark for part of the year.
		{/if}
	</p>
	<Curve
		label="Light over a year: {Math.round(
			dose.luxHours / 1000
		)} thousand lux hours at its end, of {limit.luxHours / 1000} allowed"
		points={curve}
		mark={null}
		xTitle="months"
		xMost={12}
		yTitle="thousand lux hours"
		level={{ y: limit.luxHours / 1000, name: 'what it may have' }}
	/>
	<p class="small-note">Dashed: what it may have in a year.</p>
{/if}
{#each near as caution, index (index)}
	<p class="small-note">
		{formatMessage(caution.message, styles.lead)}
		{formatMessage(caution.remedy, styles.lead)}
	</p>
{/each}
{#if lamp}
	<h3>A lamp for it</h3>
	<p class="small-note">
		At the ceiling, <span class="measure">{formatLength(lamp.distance, styles.lead)}</span> out from
		the wall: its beam comes down at 30° from plumb, and neither glares nor throws the frame’s
		shadow.
		{#if limit}
			{@const light = lampWithin(limit.lux, lamp)}
			At most <span class="measure">{Math.round(light.candela)} candela</span> towards it: its top
			then gets {Math.round(light.top)} lux, its middle {Math.round(light.middle)}. An LED without
			ultraviolet.
		{/if}
	</p>
{/if}
<h3>Air</h3>
{#each notes.air as line (line)}<p class="small-note">{line}</p>{/each}
<h3>Who may touch it</h3>
<p class="small-note">{notes.touch}</p>

<style>
	h3 {
		margin-top: 0.7rem;
		font-size: var(--text-base);
	}

	.dose {
		padding: 0.4rem 0.7rem;
		border-left: 4px solid var(--moss-ink);
		background: color-mix(in srgb, var(--moss-ink) 12%, var(--color-base-100));
		font-size: var(--text-sm);
	}

	.dose .measure {
		font-size: var(--text-2xl);
	}

	.over {
		border-color: var(--marigold);
		background: color-mix(in srgb, var(--marigold) 14%, var(--color-base-100));
	}
</style>
