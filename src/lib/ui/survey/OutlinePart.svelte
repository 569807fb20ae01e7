<script lang="ts">
	import { ArrowDown, ArrowUp } from '@lucide/svelte';
	import {
		rakeOf,
		formatMessage,
		type RailSort,
		type Stairs,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { reorderWall, setWall } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import Segments from '../Segments.svelte';
	import { cornersFor, shapeOf, type CeilingShape } from './ceiling.ts';
	import CornerList from './CornerList.svelte';
	import ReadWith from '../field/ReadWith.svelte';

	let { wall, styles }: { wall: Wall; styles: Styles } = $props();

	const session = $derived(getSession()());
	const walls = $derived(session.project.walls);
	const place = $derived(walls.findIndex(({ id }) => id === wall.id));
	const set = (fields: Parameters<typeof setWall>[1]) => session.run(setWall(wall.id, fields));
	const seal = () => session.seal();
	const shape = $derived(shapeOf(wall));
	const stairs = $derived(wall.stairs);
	const setStairs = (fields: Partial<Stairs>) =>
		stairs && set({ stairs: { ...stairs, ...fields } });
</script>

<label class="mb-1 block">
	<span class="field-label">Name of the wall</span>
	<input
		class="input w-full"
		value={wall.name}
		maxlength="120"
		oninput={(event) => set({ name: event.currentTarget.value })}
		onblur={seal}
	/>
</label>
{#if walls.length > 1}
	<p class="order small-note">
		Wall {place + 1} of {walls.length} in the room’s order
		<button
			class="btn btn-ghost btn-xs"
			type="button"
			aria-label="Earlier in the room"
			disabled={place === 0}
			onclick={() => session.run(reorderWall(wall.id, -1))}
		>
			<ArrowUp size={16} aria-hidden="true" />
		</button>
		<button
			class="btn btn-ghost btn-xs"
			type="button"
			aria-label="Later in the room"
			disabled={place === walls.length - 1}
			onclick={() => session.run(reorderWall(wall.id, 1))}
		>
			<ArrowDown size={16} aria-hidden="true" />
		</button>
	</p>
{/if}
<div class="field-pair">
	<div>
		<LengthField
			label="Wall width"
			help="Corner to corner, on the wall face and not on the skirting"
			value={wall.width}
			{styles}
			plausible={{ min: 500, max: 20_000 }}
			onvalue={(width) => set({ width })}
			onseal={seal}
		/>
		<ReadWith
			field="width of the wall"
			fact={{ of: 'wall', id: wall.id, key: 'width' }}
			instrument="laser"
			stands={wall.width}
			ways={['laser', 'corners']}
			{styles}
			write={(width) => setWall(wall.id, { width })}
		/>
	</div>
	<div>
		<LengthField
			label="Wall height"
			help="Floor to ceiling at the left end"
			value={wall.height}
			{styles}
			plausible={{ min: 1800, max: 6000 }}
			onvalue={(height) => set({ height })}
			onseal={seal}
		/>
		<ReadWith
			field="height of the wall"
			fact={{ of: 'wall', id: wall.id, key: 'height' }}
			instrument="laser"
			stands={wall.height}
			ways={['laser', 'corners']}
			{styles}
			write={(height) => setWall(wall.id, { height })}
		/>
	</div>
</div>
<Segments
	named
	label="Ceiling"
	options={[
		{ value: 'level', label: 'level' },
		{ value: 'sloping', label: 'sloping' },
		{ value: 'gable', label: 'gable' },
		{ value: 'corners', label: 'other corners' }
	]}
	value={shape}
	onchoose={(to: CeilingShape) => set({ ceiling: cornersFor(to, wall) })}
/>
{#if shape !== 'level'}
	<CornerList {wall} {styles} {shape} />
{/if}
<div class="field-pair mt-1">
	<LengthField
		label="Skirting"
		zero
		value={wall.skirting}
		{styles}
		plausible={{ min: 0, max: 400 }}
		onvalue={(skirting) => set({ skirting })}
		onseal={seal}
	/>
	<LengthField
		label="Picture rail, top"
		help="Up from the floor’s left end; empty for none"
		value={wall.rail}
		{styles}
		plausible={{ min: 1500, max: 4000 }}
		onvalue={(rail) => set({ rail })}
		onempty={() => set({ rail: null })}
		onseal={seal}
	/>
</div>
{#if wall.rail !== null}
	<Segments
		named
		label="The rail is"
		options={[
			{ value: 'moulding', label: 'a moulding' },
			{ value: 'track', label: 'a track with its own hooks' }
		]}
		value={wall.railSort}
		onchoose={(railSort: RailSort) => set({ railSort })}
	/>
{/if}
<Segments
	named
	label="Stairs along it"
	options={[
		{ value: 'none', label: 'none' },
		{ value: 'left', label: 'up to the left' },
		{ value: 'right', label: 'up to the right' }
	]}
	value={stairs?.up ?? 'none'}
	onchoose={(up: 'none' | 'left' | 'right') =>
		set({
			stairs:
				up === 'none'
					? null
					: { ...(stairs ?? { x: wall.width / 4, rise: 180, going: 250, steps: 10 }), up }
		})}
/>
{#if stairs}
	<div class="field-pair">
		<LengthField
			label="First riser"
			help="From the wall’s left end to the face of the first riser"
			value={stairs.x}
			{styles}
			zero
			onvalue={(x) => setStairs({ x })}
			onseal={seal}
		/>
		<label>
			<span class="field-label">Steps</span>
			<input
				class="measure input w-full"
				type="number"
				min="1"
				max="60"
				value={stairs.steps}
				oninput={(event) => {
					const steps = event.currentTarget.valueAsNumber;
					if (Number.isInteger(steps) && steps >= 1 && steps <= 60) setStairs({ steps });
				}}
				onblur={(event) => {
					event.currentTarget.value = String(stairs.steps);
					seal();
				}}
			/>
		</label>
		<LengthField
			label="Rise of a step"
			value={stairs.rise}
			{styles}
			plausible={{ min: 120, max: 250 }}
			onvalue={(rise) => setStairs({ rise })}
			onseal={seal}
		/>
		<LengthField
			label="Going of a step"
			help="From riser to riser"
			value={stairs.going}
			{styles}
			plausible={{ min: 180, max: 400 }}
			onvalue={(going) => setStairs({ going })}
			onseal={seal}
		/>
	</div>
	<p class="small-note">
		The flight climbs at {rakeOf(stairs).toFixed(1)}°, {formatMessage(
			`{${stairs.rise * stairs.steps} mm} over {${stairs.going * stairs.steps} mm}`,
			styles.lead
		)}. “Floor here” is the tread below a mark.
	</p>
{/if}
<Segments
	named
	label="Units on this wall"
	options={[
		{ value: 'house', label: 'house rule' },
		{ value: 'in', label: 'inches' },
		{ value: 'mm', label: 'mm' }
	]}
	value={wall.units ?? 'house'}
	onchoose={(value: 'house' | 'in' | 'mm') => set({ units: value === 'house' ? null : value })}
/>

<style>
	/* Readings want the whole width. */
	.field-pair > div:has(:global([aria-expanded='true'])) {
		grid-column: 1 / -1;
	}

	.order {
		display: flex;
		align-items: center;
		gap: 0.2rem;
	}
</style>
