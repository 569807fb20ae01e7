<script lang="ts">
	import { Trash2 } from '@lucide/svelte';
	import {
		faceOf,
		factKey,
		featureFact,
		formatMessage,
		type Feature,
		type Styles
	} from '$lib/core/index.ts';
	import { answerFeature, removeFeature, setFeature } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import ChoiceField from '../field/ChoiceField.svelte';
	import MassField from '../field/MassField.svelte';
	import LengthField from '../field/LengthField.svelte';
	import ReadAgain from '../field/ReadAgain.svelte';
	import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
	import { READINGS } from '$lib/words/en/readings.ts';

	interface Props {
		wallId: string;
		feature: Feature;
		styles: Styles;
	}

	let { wallId, feature, styles }: Props = $props();

	const session = $derived(getSession()());
	const seal = () => session.seal();
	const set = (fields: Parameters<typeof setFeature>[2]) =>
		session.run(setFeature(wallId, feature.id, fields));
	const { mass } = $derived(faceOf(feature));
	const held = $derived(mass?.of(feature));
	const choices = $derived(faceOf(feature).choices?.(feature) ?? []);
	/** Figures that were read, and can be read again beside that. */
	const read = $derived(
		(['x', 'y', 'width', 'height'] as const)
			.map((key) => ({
				fact: featureFact(wallId, feature.id, key),
				label: PHOTO_MEASURE.figure[key],
				name: READINGS.figure({
					of: PHOTO_MEASURE.figure[key].toLowerCase(),
					piece: feature.name.toLowerCase()
				}),
				...{ stands: feature[key], way: 'tape' as const },
				write: (mean: number) => setFeature(wallId, feature.id, { [key]: mean })
			}))
			.filter(({ fact }) => session.project.readings[factKey(fact)])
	);
	const wants = $derived(
		faceOf(feature)
			.zones(feature)
			.map(({ caution }) => caution('A piece'))
	);
</script>

<div class="edit">
	<label>
		<span class="field-label">Name</span>
		<input
			class="input w-full"
			value={feature.name}
			maxlength="120"
			oninput={(event) => set({ name: event.currentTarget.value })}
			onblur={seal}
		/>
	</label>
	<div class="field-pair">
		<LengthField
			label="Left edge"
			zero
			help="From the left corner; over the casing"
			value={feature.x}
			{styles}
			onvalue={(x) => set({ x })}
			onseal={seal}
		/>
		<LengthField
			label="Bottom"
			signed
			zero
			help="Up from the floor’s left end"
			value={feature.y}
			{styles}
			onvalue={(y) => set({ y })}
			onseal={seal}
		/>
		<LengthField
			label="Width"
			value={feature.width}
			{styles}
			onvalue={(width) => set({ width })}
			onseal={seal}
		/>
		<LengthField
			label="Height"
			value={feature.height}
			{styles}
			onvalue={(height) => set({ height })}
			onseal={seal}
		/>
	</div>
	{#each read as figure (figure.name)}
		<div class="read">
			<span class="small-note">{figure.label}</span>
			<ReadAgain {figure} ways={['tape']} {styles} />
		</div>
	{/each}
	{#if mass && held !== undefined}
		<MassField
			label={mass.label}
			help={mass.help}
			placeholder="not known"
			value={held}
			units={styles.lead.unit === 'mm' ? 'mm' : 'in'}
			onvalue={(kg) => set(mass.set(feature, kg))}
			onseal={seal}
		/>
	{/if}
	{#each choices as choice (choice.key)}
		<ChoiceField
			{choice}
			onchoose={(answer) => session.run(answerFeature(wallId, feature, choice.key, answer))}
		/>
	{/each}
	{#if wants.length > 0}
		<p class="field-label">What to mind near it</p>
		<ul class="small-note wants">
			{#each wants as { message, remedy }, index (index)}
				<li>{formatMessage(message, styles.lead)} {formatMessage(remedy, styles.lead)}</li>
			{/each}
		</ul>
	{/if}
	<button
		class="btn btn-ghost btn-sm"
		type="button"
		onclick={() => session.run(removeFeature(wallId, feature))}
	>
		<Trash2 size={17} aria-hidden="true" /> Remove
	</button>
</div>

<style>
	.read {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.5rem;
		align-items: baseline;
	}

	.edit {
		padding: 0.4rem;
		border-left: 4px solid var(--tape-blue);
	}

	.wants {
		padding-left: 1.1rem;
		list-style: disc;
	}
</style>
