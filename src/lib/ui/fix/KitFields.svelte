<script lang="ts">
	import {
		bearingToHole,
		fixingOf,
		GROUNDS,
		formatLength,
		hookOf,
		offsetFact,
		standOffOf,
		type Ground,
		type HookKind,
		type Meaning,
		type Project,
		type Styles
	} from '$lib/core/index.ts';
	import { measureHook, setOwnHook } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import ReadAgain from '../field/ReadAgain.svelte';
	import LengthField from '../field/LengthField.svelte';
	import MassField from '../field/MassField.svelte';
	import Segments from '../Segments.svelte';

	interface Props {
		/** What a rating is for unless said otherwise. */
		ground: Ground;
		kind: HookKind;
		kit: Project['kit'];
		styles: Styles;
	}

	let { ground, kind, kit, styles }: Props = $props();

	const session = $derived(getSession()());
	const trouble = $props.id();
	const own = $derived(kit[kind]);
	const offset = $derived(bearingToHole(kit, kind));
	const measured = $derived(
		own != null && (own.dy !== null || own.standOff !== null || own.sits != null)
	);
	const rating = $derived(own?.rating ?? null);
	let miscounted = $state(false);
	const seal = () => session.seal();

	function rate(kg: number | null, meaning: Meaning, within = rating?.in ?? ground) {
		session.run(setOwnHook(kind, { rating: kg === null ? null : { kg, meaning, in: within } }));
	}

	function count(text: string) {
		const stock = text.trim() === '' ? null : Number(text);
		miscounted = stock !== null && !(Number.isInteger(stock) && stock >= 0 && stock <= 10_000);
		if (!miscounted) session.run(setOwnHook(kind, { stock }));
	}
</script>

<h3>{hookOf(kind).name}</h3>
<p class="small-note">{hookOf(kind).setting}</p>
<LengthField
	label="From the bearing up to the hole"
	help="Measure it on your own hook; minus is below"
	signed
	zero
	value={offset.dy}
	{styles}
	assumed={own?.dy == null}
	plausible={{ min: -60, max: 80 }}
	onvalue={(dy) => session.run(measureHook(kind, dy))}
	onseal={seal}
/>
{#if own?.dy != null}
	<ReadAgain
		figure={{
			fact: offsetFact(kind),
			name: `bearing to hole of ${hookOf(kind).name.toLowerCase()}`,
			stands: own.dy,
			way: 'tape',
			write: (mean) => measureHook(kind, mean)
		}}
		ways={['tape']}
		{styles}
	/>
{/if}
<LengthField
	label="Off the wall"
	help="From the wall out to where the wire or ring lies on it"
	zero
	value={standOffOf(kit, kind)}
	{styles}
	assumed={own?.standOff == null}
	plausible={{ min: 0, max: 40 }}
	onvalue={(standOff) => session.run(setOwnHook(kind, { standOff }))}
	onseal={seal}
/>
{#if own?.sits}
	<p class="small-note">
		As a wall taught, it carries {formatLength(Math.abs(own.sits), styles.lead)}
		{own.sits < 0 ? 'lower' : 'higher'} than its mark; marks allow for it.
	</p>
{/if}
{#if measured}
	<button
		class="btn btn-ghost btn-sm"
		type="button"
		onclick={() => session.run(setOwnHook(kind, { dy: null, standOff: null, sits: null }))}
	>
		Back to typical figures
	</button>
{:else}
	<p class="small-note">Typical figures. Yours may differ by a few millimetres.</p>
{/if}
<div class="pair">
	<MassField
		label="Your packet says, for one"
		placeholder="typical"
		value={rating?.kg ?? null}
		units={styles.lead.unit === 'mm' ? 'mm' : 'in'}
		onvalue={(kg) => rate(kg, rating?.meaning ?? 'unknown')}
		onseal={seal}
	/>
	<label>
		<span class="field-label">At hand</span>
		<input
			class="input w-full"
			inputmode="numeric"
			value={own?.stock ?? ''}
			aria-invalid={miscounted}
			aria-describedby={miscounted ? trouble : undefined}
			oninput={(event) => count(event.currentTarget.value)}
			onblur={seal}
		/>
	</label>
</div>
{#if miscounted}
	<p class="small-note text-error" id={trouble} role="alert">Count whole ones, 0 to 10,000.</p>
{/if}
{#if rating}
	<Segments
		named
		label="That figure is"
		options={[
			{ value: 'working', label: 'a working load' },
			{ value: 'failure', label: 'a failure load' },
			{ value: 'unknown', label: 'not said' }
		]}
		value={rating.meaning}
		onchoose={(meaning) => rate(rating.kg, meaning)}
	/>
	<label>
		<span class="field-label">It is for</span>
		<select
			class="select w-full select-sm"
			value={rating.in ?? ''}
			onchange={({ currentTarget: { value } }) => rate(rating.kg, rating.meaning, value as Ground)}
		>
			{#if !rating.in}<option value="">anything, as entered</option>{/if}
			{#each fixingOf(kind).holds.flatMap((holding) => holding.in) as each (each)}
				<option value={each}>{GROUNDS[each]}</option>
			{/each}
		</select>
	</label>
{/if}

<style>
	h3 {
		margin-top: 0.5rem;
		font-size: var(--text-base);
	}

	.pair {
		display: grid;
		grid-template-columns: 1fr 6rem;
		gap: 0.2rem 0.7rem;
		align-items: start;
		margin-top: 0.4rem;
	}
</style>
