<script lang="ts">
	import {
		angleForFactor,
		asKilograms,
		cutLength,
		formatForce,
		formatLength,
		formatMass,
		hungPiece,
		massBelowRings,
		pullOverWeight,
		ringHeights,
		steadyCurve,
		strandsOf,
		tensionCurve,
		wireNeed,
		type HangSolution,
		type Piece,
		type Styles,
		type WireBack,
		massUnitOf
	} from '$lib/core/index.ts';
	import { measureBack } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import Curve from './Curve.svelte';

	interface Props {
		piece: Piece;
		back: WireBack;
		wire: NonNullable<HangSolution['wire']>;
		styles: Styles;
	}

	let { piece, back, wire, styles }: Props = $props();

	const session = $derived(getSession()());
	const strands = $derived(strandsOf(back));
	const factor = $derived(session.project.houseRules.wireFactor);
	const facts = $derived(hungPiece(piece));
	const units = $derived(massUnitOf(styles.lead));
	const need = $derived(
		facts.weight !== null && wire.tension
			? wireNeed(facts.weight / strands, wire.tension.value / strands, factor)
			: null
	);
	const heights = $derived(ringHeights(back, wire.hookSpacing, piece.height));
	const deep = $derived(massBelowRings(back, facts));
	const steady = $derived(steadyCurve({ ...back, wireLength: wire.length }));
	const inUnit = (mm: number) => (units === 'lb' ? mm / 25.4 : mm);
	const unitName = $derived(units === 'lb' ? 'in' : 'mm');
	const inUnits = $derived(steady.map(({ x, y }) => ({ x: inUnit(x), y: inUnit(y) })));
	const now = $derived(
		steady.reduce<{ x: number; y: number } | null>(
			(best, point) =>
				!best || Math.abs(point.x - wire.hookSpacing) < Math.abs(best.x - wire.hookSpacing)
					? point
					: best,
			null
		)
	);
	const cut = $derived(cutLength(wire.length, units === 'lb' ? 'in' : 'mm', strands));
	const length = (mm: number) => formatLength(mm, styles.lead);
	const ratio = $derived(pullOverWeight(wire.angle.value));
</script>

<dl>
	<dt>Ring to ring</dt>
	<dd class="measure">{length(wire.length)}</dd>
	<dt>Cut, {strands === 2 ? 'double, ' : ''}with two ties</dt>
	<dd class="measure big" data-testid="cut">{length(cut)}</dd>
	<dt>Wire angle</dt>
	<dd class="measure">{wire.angle.value.toFixed(0)}°</dd>
	{#if wire.tension}
		<dt>It pulls</dt>
		<dd class="measure">{formatForce(wire.tension.value, units)}</dd>
	{/if}
</dl>
{#if need}
	<p class="class">
		{#if need.kg}
			Take wire with a working load of <strong class="measure">{formatMass(need.kg, units)}</strong>
			or more{strands === 2 ? ': each of its two runs takes half' : ''}.
		{:else}
			<strong>No usual wire is strong enough.</strong> Hang it from its rings, or on a cleat.
		{/if}
		House rule: {factor === 2 ? 'twice the weight' : 'the weight'},
		{formatMass(asKilograms(need.byRule), units)}; tension
		{formatMass(asKilograms(need.byTension), units)}.
		{need.tensionDecides
			? `The wire is flatter than ${angleForFactor(factor).toFixed(0)}°, so its tension decides.`
			: ''}
	</p>
{:else}
	<p>Weigh it to see which wire it needs.</p>
{/if}
<h3>Pull against angle</h3>
<Curve
	label="Tension over weight against wire angle; now {ratio.toFixed(
		2
	)} at {wire.angle.value.toFixed(0)} degrees"
	points={tensionCurve()}
	mark={{ x: wire.angle.value, y: ratio }}
	xTitle="wire angle, degrees"
	yTitle="pull ÷ weight"
	yMost={6}
/>
<h3>Steadiness against hook spacing</h3>
<Curve
	label="How deep the centre of mass must lie below the rings, against hook spacing"
	points={inUnits}
	mark={now && { x: inUnit(now.x), y: inUnit(now.y) }}
	xTitle="between hooks, {unitName}"
	yTitle="depth needed, {unitName}"
	level={{ y: inUnit(deep), name: 'its own' }}
/>
<p class="note">
	Dashed: how deep its centre of mass lies below the rings. Under the curve only friction keeps it
	level.
</p>
{#if heights.length > 0}
	<h3>Rings higher or lower</h3>
	<table>
		<thead>
			<tr><th scope="col">rings down</th><th scope="col">hook drop</th><th></th></tr>
		</thead>
		<tbody>
			{#each heights as { share, ringDrop, drop } (share)}
				<tr>
					<td class="measure">{length(ringDrop)}</td>
					<td class="measure" class:shows={drop < 0}>{drop < 0 ? 'shows above' : length(drop)}</td>
					<td>
						<button
							class="link"
							type="button"
							onclick={() => session.run(measureBack(piece.id, 'ringDrop', ringDrop))}
						>
							put them here
						</button>
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}
<h3>How to tie it</h3>
<ol>
	<li>Through the ring, round once more, and a half knot drawn down hard on the ring.</li>
	<li>Wind the tail tightly round the standing wire like a spring, six turns or more.</li>
	<li>Do not twist the two together: that slips. Stiff steel cable does not tie; use sleeves.</li>
	<li>For a valuable piece run the wire double.</li>
</ol>

<style>
	dl {
		display: grid;
		grid-template-columns: 1fr auto;
		align-items: baseline;
	}

	dd {
		font-size: var(--text-lg);
		text-align: right;
	}

	.big {
		font-size: var(--text-3xl);
	}

	h3 {
		margin-top: 0.7rem;
		font-size: var(--text-base);
	}

	.class {
		margin-top: 0.3rem;
	}

	.note {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	table {
		width: 100%;
	}

	th {
		font-size: var(--text-sm);
		font-weight: 500;
		text-align: left;
	}

	.shows {
		color: var(--color-error);
	}

	ol {
		padding-left: 1.2rem;
		font-size: var(--text-sm);
		list-style: decimal;
	}
</style>
