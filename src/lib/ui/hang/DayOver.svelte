<script lang="ts">
	import { page } from '$app/state';
	import { projectPath } from '../paths.ts';
	import type { Day } from './day.svelte.ts';

	let { day, onback }: { day: Day; onback: () => void } = $props();

	const skipped = $derived(day.sheet.filter(({ mark }) => mark?.state === 'skipped'));
</script>

<h2>The wall is done</h2>
<p>
	Everything on the run sheet is done{skipped.length > 0
		? `, but for ${skipped.length} skipped`
		: ''}. What hangs, on what, and how it came out is kept.
</p>
{#each skipped as { step, mark } (step.id)}
	<p class="small-note">{step.title}: {mark!.why}</p>
{/each}
<a class="btn btn-primary" href={projectPath(page.params.project!, page.params.wall!, 'hang')}>
	Back to the run sheet
</a>
<button class="btn" type="button" onclick={onback}>Look at the last step</button>

<style>
	h2 {
		font-size: var(--text-2xl);
	}

	.btn {
		min-height: 3.4rem;
		font-size: var(--text-base);
	}
</style>
