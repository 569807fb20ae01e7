<script lang="ts">
	import { page } from '$app/state';
	import { Plus, Trash2 } from '@lucide/svelte';
	import {
		FEATURE_KINDS,
		FEATURE_START,
		floorAt,
		formatLength,
		startFeature,
		stylesOf
	} from '$lib/core/index.ts';
	import { addFeature, removeFeature, setFeature, setWall } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '$lib/ui/field/LengthField.svelte';
	import Segments from '$lib/ui/Segments.svelte';

	const session = $derived(getSession()());
	const styles = $derived(stylesOf(session.rulesOn(page.params.wall!)));
	const wall = $derived(session.project.walls.find(({ id }) => id === page.params.wall)!);
	const fall = $derived(floorAt(wall.floor, wall.width));
	const seal = () => session.seal();
	let opened: string | null = $state(null);

	function setFall(mm: number) {
		session.run(setWall(wall.id, { floor: mm === 0 ? [] : [{ x: wall.width, y: mm }] }));
	}
</script>

<h2 class="mb-2 text-xl">Survey</h2>
<label class="mb-1 block">
	<span class="field-label">Name of the wall</span>
	<input
		class="input w-full"
		value={wall.name}
		maxlength="120"
		oninput={(event) => session.run(setWall(wall.id, { name: event.currentTarget.value }))}
		onblur={seal}
	/>
</label>
<div class="pair">
	<LengthField
		label="Wall width"
		help="Corner to corner, on the wall face"
		value={wall.width}
		{styles}
		plausible={{ min: 500, max: 20_000 }}
		onvalue={(width) => session.run(setWall(wall.id, { width }))}
		onseal={seal}
	/>
	<LengthField
		label="Wall height"
		help="Floor to ceiling at the left end"
		value={wall.height}
		{styles}
		plausible={{ min: 1800, max: 6000 }}
		onvalue={(height) => session.run(setWall(wall.id, { height }))}
		onseal={seal}
	/>
	<LengthField
		label="Skirting"
		zero
		value={wall.skirting}
		{styles}
		plausible={{ min: 0, max: 400 }}
		onvalue={(skirting) => session.run(setWall(wall.id, { skirting }))}
		onseal={seal}
	/>
	<LengthField
		label="Floor at the right end"
		help="Higher than at the left end; minus is lower. Read it off a level line."
		signed
		zero
		value={fall}
		{styles}
		plausible={{ min: -150, max: 150 }}
		onvalue={setFall}
		onseal={seal}
	/>
</div>
<div class="pair">
	<LengthField
		label="Picture rail, top"
		help="From the level line at the floor’s left end; empty for none"
		value={wall.rail}
		{styles}
		plausible={{ min: 1500, max: 4000 }}
		onvalue={(rail) => session.run(setWall(wall.id, { rail }))}
		onempty={() => session.run(setWall(wall.id, { rail: null }))}
		onseal={seal}
	/>
</div>
<Segments
	named
	label="Units on this wall"
	options={[
		{ value: 'house', label: 'house rule' },
		{ value: 'in', label: 'inches' },
		{ value: 'mm', label: 'mm' }
	]}
	value={wall.units ?? 'house'}
	onchoose={(value: 'house' | 'in' | 'mm') =>
		session.run(setWall(wall.id, { units: value === 'house' ? null : value }))}
/>
{#if fall !== 0}
	<p class="note">
		The floor {fall < 0 ? 'falls' : 'rises'}
		<span class="measure">{formatLength(Math.abs(fall), styles.lead)}</span> to the right. The centre
		line stays level; marks from “floor here” follow the floor.
	</p>
{/if}

<h3 class="mt-3 mb-1 text-lg">On and before the wall</h3>
{#if wall.features.length === 0}
	<p class="note">
		Add doors, windows, sockets and furniture: the tape can be hooked on their edges, and pieces
		keep clear of them.
	</p>
{/if}
<ul class="features">
	{#each wall.features as feature (feature.id)}
		<li>
			<button
				type="button"
				class="line"
				aria-expanded={opened === feature.id}
				onclick={() => (opened = opened === feature.id ? null : feature.id)}
			>
				<strong>{feature.name}</strong>
				<span class="measure">
					{formatLength(feature.x, styles.lead)} from the left,
					{formatLength(feature.width, styles.lead)} × {formatLength(feature.height, styles.lead)}
				</span>
			</button>
			{#if opened === feature.id}
				<div class="edit">
					<label>
						<span class="field-label">Name</span>
						<input
							class="input w-full"
							value={feature.name}
							maxlength="120"
							oninput={(event) =>
								session.run(setFeature(wall.id, feature.id, { name: event.currentTarget.value }))}
							onblur={seal}
						/>
					</label>
					<div class="pair">
						<LengthField
							label="Left edge"
							zero
							help="From the left corner; over the casing"
							value={feature.x}
							{styles}
							onvalue={(x) => session.run(setFeature(wall.id, feature.id, { x }))}
							onseal={seal}
						/>
						<LengthField
							label="Bottom"
							signed
							help="Above the level line"
							value={feature.y}
							{styles}
							onvalue={(y) => session.run(setFeature(wall.id, feature.id, { y }))}
							onseal={seal}
						/>
						<LengthField
							label="Width"
							value={feature.width}
							{styles}
							onvalue={(width) => session.run(setFeature(wall.id, feature.id, { width }))}
							onseal={seal}
						/>
						<LengthField
							label="Height"
							value={feature.height}
							{styles}
							onvalue={(height) => session.run(setFeature(wall.id, feature.id, { height }))}
							onseal={seal}
						/>
					</div>
					<button
						class="btn btn-ghost btn-sm"
						type="button"
						onclick={() => session.run(removeFeature(wall.id, feature))}
					>
						<Trash2 size={17} aria-hidden="true" /> Remove
					</button>
				</div>
			{/if}
		</li>
	{/each}
</ul>
<div class="adds">
	{#each FEATURE_KINDS as kind (kind)}
		<button
			class="btn btn-sm"
			type="button"
			onclick={() => {
				const feature = startFeature(newId, kind, wall);
				session.run(addFeature(wall.id, feature));
				opened = feature.id;
			}}
		>
			<Plus size={15} aria-hidden="true" />
			{FEATURE_START[kind].label}
		</button>
	{/each}
</div>

<style>
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.2rem 0.7rem;
	}

	.note {
		font-size: 0.92rem;
	}

	.features {
		display: grid;
		gap: 0.2rem;
		margin: 0.3rem 0;
	}

	.line {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		width: 100%;
		padding: 0.3rem 0.4rem;
		border-radius: 0.3rem;
		text-align: left;
		cursor: pointer;
	}

	.line:hover,
	.line[aria-expanded='true'] {
		background: var(--color-base-300);
	}

	.edit {
		padding: 0.4rem;
		border-left: 4px solid var(--tape-blue);
	}

	.adds {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		margin-top: 0.5rem;
	}
</style>
