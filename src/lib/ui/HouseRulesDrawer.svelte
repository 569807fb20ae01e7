<script lang="ts">
	import {
		CENTRE_SCHOOLS,
		FIX_SCHOOLS,
		GAP_SCHOOLS,
		PLACE_FACTS,
		WIRE_SCHOOLS,
		stylesOf,
		type HouseRules,
		type School
	} from '$lib/core/index.ts';
	import { setHouseRules, setPlace } from '$lib/store/commands/index.ts';
	import type { Session } from '$lib/store/session.svelte.ts';
	import SideSheet from './SideSheet.svelte';
	import LengthField from './field/LengthField.svelte';
	import MassField from './field/MassField.svelte';
	import Segments from './Segments.svelte';

	let { session, open = $bindable() }: { session: Session; open: boolean } = $props();

	const rules = $derived(session.project.houseRules);
	const styles = $derived(stylesOf(rules));
	const fractions: HouseRules['tapeFraction'][] = [8, 16, 32, 64];

	const set = (change: Partial<HouseRules>) => session.run(setHouseRules(change));
	const seal = () => session.seal();
</script>

{#snippet schools(list: School[], value: number, onchoose: (value: number) => void)}
	<ul class="schools">
		{#each list as school (school.name)}
			<li>
				<button
					type="button"
					class="measure"
					aria-pressed={Math.abs(school.value - value) < 0.01}
					onclick={() => onchoose(school.value)}
				>
					{school.name}
				</button>
				<span>{school.why}</span>
			</li>
		{/each}
	</ul>
{/snippet}

<SideSheet
	bind:open
	title="House rules"
	about="Your own conventions. They go with this project."
	closes="the house rules"
>
	<section>
		<Segments
			named
			label="Units that lead"
			options={[
				{ value: 'in', label: 'inches' },
				{ value: 'mm', label: 'millimetres' }
			]}
			value={rules.units}
			onchoose={(units) => set({ units })}
		/>
		<p class="why">The other family always stands beside it, smaller.</p>
	</section>
	<section>
		<Segments
			named
			label="Finest fraction of your tape"
			options={fractions.map((fraction) => ({
				value: String(fraction),
				label: `1/${fraction}`
			}))}
			value={String(rules.tapeFraction)}
			onchoose={(text) => set({ tapeFraction: Number(text) as HouseRules['tapeFraction'] })}
		/>
		<p class="why">Marks are rounded to it, and only marks: the plan itself is not.</p>
	</section>
	<section>
		<LengthField
			label="Your tape’s hook reads too much by"
			help="Measure something known, hooked and from the 10 in or 10 cm line; minus is too little"
			signed
			zero
			value={rules.tapeHook}
			{styles}
			plausible={{ min: -3, max: 3 }}
			onvalue={(tapeHook) => set({ tapeHook })}
			onseal={seal}
		/>
		<p class="why">
			A bent hook shifts every reading: marks are given as your tape will show them.
		</p>
	</section>
	<section>
		<LengthField
			label="Centre height"
			help="From the floor under the middle of the group, carried level"
			value={rules.centreHeight}
			{styles}
			plausible={{ min: 900, max: 2200 }}
			onvalue={(centreHeight) => set({ centreHeight })}
			onseal={seal}
		/>
		{@render schools(CENTRE_SCHOOLS, rules.centreHeight, (centreHeight) => set({ centreHeight }))}
	</section>
	<section>
		<LengthField
			label="Gap between neighbours"
			zero
			value={rules.gap}
			{styles}
			plausible={{ min: 0, max: 400 }}
			onvalue={(gap) => set({ gap })}
			onseal={seal}
		/>
		{@render schools(GAP_SCHOOLS, rules.gap, (gap) => set({ gap }))}
	</section>
	<section>
		<LengthField
			label="Hook below the top edge, at least"
			zero
			value={rules.hookMargin}
			{styles}
			plausible={{ min: 0, max: 150 }}
			onvalue={(hookMargin) => set({ hookMargin })}
			onseal={seal}
		/>
		<p class="why">Closer than this and the hook may show from below or from the side.</p>
	</section>
	<section>
		<Segments
			named
			label="A wire is rated for"
			options={WIRE_SCHOOLS.map(({ value, name }) => ({ value: String(value), label: name }))}
			value={String(rules.wireFactor)}
			onchoose={(value) => set({ wireFactor: value === '1' ? 1 : 2 })}
		/>
		{#each WIRE_SCHOOLS.filter(({ value }) => value === rules.wireFactor) as { why } (why)}
			<p class="why">{why} The tension decides where it is larger.</p>
		{/each}
	</section>
	<section>
		<LengthField
			label="Tolerance of a mark"
			zero
			value={rules.tolerance}
			{styles}
			plausible={{ min: 0, max: 20 }}
			onvalue={(tolerance) => set({ tolerance })}
			onseal={seal}
		/>
		<p class="why">A mark whose rounding is further off than this says so.</p>
	</section>
	<section>
		<Segments
			named
			label="A rating is trusted"
			options={FIX_SCHOOLS.map(({ value, name }) => ({ value, label: name }))}
			value={rules.school}
			onchoose={(school) => set({ school })}
		/>
		{#each FIX_SCHOOLS.filter(({ value }) => value === rules.school) as { why } (why)}
			<p class="why">{why}</p>
		{/each}
	</section>
	<section>
		<MassField
			label="Heavy, from"
			value={rules.heavy}
			units={rules.units}
			onvalue={(heavy) => heavy !== null && set({ heavy })}
			onseal={seal}
		/>
		<p class="why">
			A heavy mirror is not hung by its wire, and anything heavy looks for studs. A house rule: no
			source.
		</p>
	</section>
	<section>
		<LengthField
			label="A piece may move to meet a stud or an old nail, at most"
			zero
			value={rules.nudge}
			{styles}
			plausible={{ min: 0, max: 200 }}
			onvalue={(nudge) => set({ nudge })}
			onseal={seal}
		/>
		<p class="why">The move is always shown before it is made.</p>
	</section>
	<fieldset>
		<legend class="field-label">The place</legend>
		{#each PLACE_FACTS as { fact, name } (fact)}
			<label class="fact">
				<input
					class="checkbox"
					type="checkbox"
					checked={session.project.place.includes(fact)}
					onchange={(event) => session.run(setPlace(fact, event.currentTarget.checked))}
				/>
				{name}
			</label>
		{/each}
		<p class="why">Each brings cautions of its own in Fix.</p>
	</fieldset>
</SideSheet>

<style>
	.fact {
		display: flex;
		gap: 0.6rem;
		align-items: center;
		min-height: 2.5rem;
		cursor: pointer;
	}

	section {
		padding: 0.7rem 0;
		border-top: 1px dashed var(--color-base-300);
	}

	.why,
	.schools {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	.schools {
		display: grid;
		gap: 0.3rem;
		margin-top: 0.3rem;
	}

	.schools li {
		display: grid;
		grid-template-columns: 8rem 1fr;
		gap: 0.6rem;
		align-items: baseline;
	}

	.schools button {
		padding: 0.1rem 0.3rem;
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.2rem;
		color: var(--color-base-content);
		font-size: var(--text-lg);
		cursor: pointer;
	}

	.schools button[aria-pressed='true'] {
		border-color: var(--color-primary);
		background: var(--color-primary);
		color: var(--color-primary-content);
	}
</style>
