<script lang="ts">
	import { Plus } from '@lucide/svelte';
	import {
		FEATURE_GROUPS,
		featureFaces,
		formatLength,
		startFeature,
		type FeatureKind,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { addFeature } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import CautionList from '../CautionList.svelte';
	import { getView } from '../view.svelte.ts';
	import WallPhotoButton from '../photo/WallPhotoButton.svelte';
	import FeatureFields from './FeatureFields.svelte';

	let { wall, styles, plan }: { wall: Wall; styles: Styles; plan: WallPlan } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const faults = $derived(plan.wallCautions.filter(({ path }) => path !== undefined));

	function add(kind: FeatureKind) {
		const feature = startFeature(newId, kind, wall, styles.lead.unit === 'mm' ? 'mm' : 'in');
		session.run(addFeature(wall.id, feature));
		view.feature = feature.id;
	}
</script>

<p class="small-note mb-1">
	{#if wall.features.length === 0}
		Add doors, windows, sockets and furniture: the tape can be hooked on their edges, pieces keep
		clear of them, and boxes show where studs are.
	{:else}
		Drag one on the wall, move it with the arrow keys, or type where it is.
	{/if}
</p>
<WallPhotoButton {wall} {styles} />
<ul class="features">
	{#each wall.features as feature (feature.id)}
		<li>
			<button
				type="button"
				class="line"
				aria-expanded={view.feature === feature.id}
				onclick={() => (view.feature = view.feature === feature.id ? null : feature.id)}
			>
				<strong>{feature.name}</strong>
				<span class="measure">
					{formatLength(feature.x, styles.lead)} from the left,
					{formatLength(feature.width, styles.lead)} × {formatLength(feature.height, styles.lead)}
				</span>
			</button>
			{#if view.feature === feature.id}
				<FeatureFields wallId={wall.id} {feature} {styles} />
				<CautionList cautions={faults.filter(({ path }) => path === feature.id)} {styles} />
			{/if}
		</li>
	{/each}
</ul>
{#each FEATURE_GROUPS as group (group)}
	<div class="adds">
		<span class="field-label">{group}</span>
		{#each featureFaces.filter((face) => face.group === group) as { kind, label } (kind)}
			<button class="btn btn-xs" type="button" onclick={() => add(kind)}>
				<Plus size={13} aria-hidden="true" />
				{label}
			</button>
		{/each}
	</div>
{/each}
{#if faults.length > 0}
	<h3 class="mt-3 mb-1 text-lg">Does not agree</h3>
	<CautionList cautions={faults} {styles} />
{/if}

<style>
	.features {
		display: grid;
		gap: 0.1rem;
		margin-bottom: 0.4rem;
	}

	.line {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		width: 100%;
		min-height: 2.5rem;
		padding: 0.5rem 0.4rem;
		border-radius: 0.3rem;
		text-align: left;
		cursor: pointer;
	}

	.line:hover,
	.line[aria-expanded='true'] {
		background: var(--color-base-300);
	}

	.adds {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.3rem;
		padding: 0.15rem 0;
	}

	.adds .field-label {
		width: 4.6rem;
	}
</style>
