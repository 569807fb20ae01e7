<script lang="ts">
	import { Plus, Trash2 } from '@lucide/svelte';
	import {
		ceilingFall,
		downAt,
		errorOff,
		floorFall,
		formatLength,
		slopeTo,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import {
		addLevelReading,
		removeLevelReading,
		setLevelReading,
		setWall
	} from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import ReadWith from '../field/ReadWith.svelte';

	let { wall, styles, plan }: { wall: Wall; styles: Styles; plan: WallPlan } = $props();

	const session = $derived(getSession()());
	const seal = () => session.seal();
	const readings = $derived(wall.levels.readings.toSorted((a, b) => a.x - b.x));
	const written = (mm: number) => formatLength(Math.abs(mm), styles.lead);

	/** The stretch that hangs on this wall; all of it while nothing does. */
	const stretch = $derived.by((): [number, number] => {
		const xs = plan.pieces.flatMap(({ hooks }) => hooks.map(({ hole }) => hole.x));
		return xs.length < 2 ? [0, wall.width] : [Math.min(...xs), Math.max(...xs)];
	});
	const lines = $derived([
		{
			what: 'floor' as const,
			isRead: readings.some(({ down }) => down !== null),
			fall: floorFall(wall),
			error: errorOff('floor', wall, stretch)
		},
		{
			what: 'ceiling' as const,
			isRead: readings.some(({ up }) => up !== null),
			fall: ceilingFall(wall),
			error: errorOff('ceiling', wall, stretch)
		}
	]);

	/** The widest stretch without a reading is worth one. */
	function nextPlace(): number {
		const xs = [0, ...readings.map(({ x }) => x)].toSorted((a, b) => a - b);
		if (xs.at(-1)! < wall.width - 1) return wall.width;
		const widest = xs
			.slice(1)
			.map((x, index) => ({ at: (x + xs[index]!) / 2, wide: x - xs[index]! }))
			.reduce((a, b) => (b.wide > a.wide ? b : a));
		return widest.at;
	}
</script>

<p class="small-note mb-2">
	Put up a level line, by laser or by a long level. Read down to the floor and up to the ceiling at
	both ends, and wherever it looks crooked.
</p>
<LengthField
	label="Level line above the floor, left end"
	value={wall.levels.line}
	{styles}
	plausible={{ min: 200, max: 2500 }}
	onvalue={(line) => session.run(setWall(wall.id, { levels: { ...wall.levels, line } }))}
	onseal={seal}
/>
{#each readings as { id, x, down, up }, index (id)}
	<fieldset class="reading">
		<legend class="field-label">Reading {index + 1}</legend>
		<LengthField
			label="From left"
			value={x}
			{styles}
			zero
			onvalue={(to) => session.run(setLevelReading(wall.id, id, { x: to }))}
			onseal={seal}
		/>
		<LengthField
			label="Down"
			help="From the line to the floor; empty when not read"
			value={down}
			{styles}
			onvalue={(to) => session.run(setLevelReading(wall.id, id, { down: to }))}
			onempty={() => session.run(setLevelReading(wall.id, id, { down: null }))}
			onseal={seal}
		/>
		<LengthField
			label="Up"
			help="From the line to the ceiling; empty when not read"
			value={up}
			{styles}
			onvalue={(to) => session.run(setLevelReading(wall.id, id, { up: to }))}
			onempty={() => session.run(setLevelReading(wall.id, id, { up: null }))}
			onseal={seal}
		/>
		<div class="tools">
			<ReadWith
				field="distance down at reading {index + 1}"
				fact={{ of: 'wall', id: wall.id, key: `levels/${id}/down` }}
				instrument="laser"
				stands={down}
				value={down ?? wall.levels.line}
				{styles}
				write={(to) => setLevelReading(wall.id, id, { down: to })}
			/>
			<ReadWith
				field="slope of the floor to reading {index + 1}"
				fact={{ of: 'wall', id: wall.id, key: `levels/${id}/slope` }}
				instrument="level"
				stands={slopeTo({ line: wall.levels.line, down: down ?? wall.levels.line, x })}
				{styles}
				write={(degrees) =>
					setLevelReading(wall.id, id, {
						down: downAt({ line: wall.levels.line, degrees, x })
					})}
			/>
			<button
				class="btn btn-ghost btn-xs"
				type="button"
				aria-label="Remove reading {index + 1}"
				onclick={() => session.run(removeLevelReading(wall.id, id))}
			>
				<Trash2 size={16} aria-hidden="true" />
			</button>
		</div>
	</fieldset>
{/each}
<button
	class="btn mt-1 btn-sm"
	type="button"
	onclick={() =>
		session.run(
			addLevelReading(wall.id, { id: newId(), x: nextPlace(), down: wall.levels.line, up: null })
		)}
>
	<Plus size={15} aria-hidden="true" /> Reading
</button>

<h3 class="mt-3 mb-1 text-lg">What that means</h3>
{#each lines as { what, isRead, fall, error } (what)}
	<p class="small-note mb-1">
		{#if fall.high.y - fall.low.y < 0.5}
			{isRead
				? `The ${what} is level as far as it was read.`
				: `The ${what} was not read: it is taken for level.`}
		{:else}
			The {what}
			{#if Math.abs(fall.across) >= 0.5}
				{fall.across < 0 ? 'falls' : 'rises'}
				<strong class="measure">{written(fall.across)}</strong> to the right.
			{:else}
				is as high at both ends, and <strong class="measure"
					>{written(fall.high.y - fall.low.y)}</strong
				>
				off level between.
			{/if}
			Measured off the {what}, a row from
			<span class="measure">{written(stretch[0])}</span> to
			<span class="measure">{written(stretch[1])}</span> would run
			<strong class="measure">{written(error.value)}</strong> out of level.
		{/if}
	</p>
{/each}
{#if lines.some(({ error }) => error.value > session.rulesOn(wall.id).tolerance)}
	<p class="small-note">
		The centre line stays level. Hook the side tape on “the floor here”, “the ceiling here” or the
		level line: every mark allows for the difference.
	</p>
{/if}

<style>
	.reading {
		display: grid;
		grid-template-columns: 1fr 1fr 1fr;
		gap: 0 0.5rem;
		margin-top: 0.3rem;
		padding: 0.3rem 0.5rem;
		border-left: 4px solid var(--tape-blue);
	}

	.reading :global(.said) {
		font-size: var(--text-2xs);
	}

	.tools {
		display: flex;
		grid-column: 1 / -1;
		flex-wrap: wrap;
		gap: 0.3rem;
	}
</style>
