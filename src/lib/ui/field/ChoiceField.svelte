<script lang="ts">
	import type { Choice } from '$lib/core/index.ts';
	import Segments from '../Segments.svelte';

	let { choice, onchoose }: { choice: Choice; onchoose: (answer: string) => void } = $props();

	const uid = $props.id();
	/** Many or long answers would fill the bench as strips. */
	const LONGEST = 34;
	const asList = $derived(
		choice.answers.reduce((sum, { label }) => sum + label.length + 2, 0) > LONGEST
	);
</script>

{#if asList}
	<div>
		<label class="field-label block" for={uid}>{choice.label}</label>
		<select
			id={uid}
			class="select w-full select-sm"
			value={choice.answer}
			onchange={(event) => onchoose(event.currentTarget.value)}
		>
			{#each choice.answers as { answer, label } (answer)}
				<option value={answer}>{label}</option>
			{/each}
		</select>
	</div>
{:else}
	<Segments
		named
		label={choice.label}
		options={choice.answers.map(({ answer, label }) => ({ value: answer, label }))}
		value={choice.answer}
		{onchoose}
	/>
{/if}
