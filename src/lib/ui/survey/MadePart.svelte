<script lang="ts">
	import {
		BOARDS,
		formatMessage,
		substrateOf,
		substrates,
		SURFACES,
		surfaces,
		WET_SIDES,
		type Made,
		type Styles,
		type Wall,
		type WallPlan,
		type WetSide
	} from '$lib/core/index.ts';
	import { setWall } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import CautionList from '../CautionList.svelte';
	import QuantityField from '../field/QuantityField.svelte';
	import Segments from '../Segments.svelte';
	import { readLux } from './lux.ts';
	import { WET } from '$lib/words/en/survey.ts';
	import ReadWith from '../field/ReadWith.svelte';

	let { wall, styles, plan }: { wall: Wall; styles: Styles; plan: WallPlan } = $props();

	const session = $derived(getSession()());
	const made = $derived(wall.made);
	const substrate = $derived(substrateOf(made));
	const set = (fields: Partial<Made>) =>
		session.run(setWall(wall.id, { made: { ...made, ...fields } }));
	const setWet = (side: WetSide, on: boolean) =>
		session.run(
			setWall(wall.id, {
				wet: WET_SIDES.filter((each) => (each === side ? on : wall.wet.includes(each)))
			})
		);
</script>

<label class="block">
	<span class="field-label">The wall is made of</span>
	<select
		class="select w-full"
		value={made.of}
		onchange={(event) => set({ of: event.currentTarget.value as Made['of'] })}
	>
		{#each substrates as { of, name } (of)}
			<option value={of}>{name}</option>
		{/each}
	</select>
</label>
<p class="small-note my-1">{formatMessage(substrate.tell, styles.lead)}</p>
{#if substrate.board}
	<label class="block">
		<span class="field-label">Thickness of the board</span>
		<select
			class="select w-full"
			value={made.board === null ? '' : String(made.board)}
			onchange={(event) =>
				set({ board: event.currentTarget.value === '' ? null : Number(event.currentTarget.value) })}
		>
			<option value="">not known yet: look behind a socket’s plate</option>
			{#each BOARDS as { mm, name } (mm)}
				<option value={String(mm)}>{name}</option>
			{/each}
		</select>
	</label>
{/if}
<div class="my-1">
	<Segments
		named
		label="Surface"
		options={SURFACES.map((value) => ({ value, label: surfaces[value].name.toLowerCase() }))}
		value={made.surface}
		onchoose={(surface: Made['surface']) => set({ surface })}
	/>
</div>
<Segments
	named
	label="Last plastered or first painted"
	options={[
		{ value: 'unknown', label: 'not known' },
		{ value: 'before-1990', label: 'before 1990' },
		{ value: 'since-1990', label: 'since' }
	]}
	value={made.age}
	onchoose={(age: Made['age']) => set({ age })}
/>
<fieldset class="my-2">
	<legend class="field-label">Kitchen, bath, heating or weather nearby</legend>
	<div class="wet">
		{#each WET_SIDES as side (side)}
			<label>
				<input
					class="checkbox checkbox-sm"
					type="checkbox"
					checked={wall.wet.includes(side)}
					onchange={(event) => setWet(side, event.currentTarget.checked)}
				/>
				{WET[side]}
			</label>
		{/each}
	</div>
</fieldset>
<QuantityField
	label="Light on the wall, lux"
	help="At the brightest hour, meter flat on the wall; empty when not measured"
	value={wall.lux}
	write={(lux) => String(Math.round(lux))}
	read={readLux}
	echo={() => ''}
	optional
	onvalue={(lux) => session.run(setWall(wall.id, { lux }))}
	onseal={() => session.seal()}
/>
<ReadWith
	field="light on the wall"
	fact={{ of: 'wall', id: wall.id, key: 'lux' }}
	instrument="light"
	stands={wall.lux}
	value={wall.lux ?? 140}
	{styles}
	write={(lux) => setWall(wall.id, { lux })}
/>
<h3 class="mt-3 mb-1 text-lg">What to mind</h3>
<ul class="asks small-note">
	{#each [...substrate.asks, surfaces[made.surface].asks] as ask (ask)}
		<li>{formatMessage(ask, styles.lead)}</li>
	{/each}
</ul>
<div class="mt-2"><CautionList cautions={plan.wallCautions} {styles} /></div>

<style>
	.wet {
		display: flex;
		flex-wrap: wrap;
		gap: 0.2rem 1rem;
	}

	.wet label {
		display: flex;
		align-items: center;
		gap: 0.35rem;
		padding: 0.2rem 0;
	}

	.asks {
		padding-left: 1.1rem;
		list-style: disc;
	}
</style>
