<script lang="ts">
	import type { SheetStep, Styles } from '../../core/index.ts';
	import Says from './Says.svelte';

	/** What else is done in one go with a step. */
	let { group, styles }: { group: readonly SheetStep[]; styles: Styles } = $props();
</script>

{#each group.slice(1) as { step } (step.id)}
	<h3>{step.title}</h3>
	<Says says={step.says} {styles} />
{/each}

<style>
	h3 {
		font-size: var(--text-lg);
	}
</style>
