<script lang="ts">
	import { Anchor, CircleCheck, CircleAlert } from '@lucide/svelte';
	import { formatMessage, stayLevel, type HangSolution, type Styles } from '$lib/core/index.ts';

	let { hung, styles }: { hung: HangSolution; styles: Styles } = $props();

	const ANSWERS = {
		points: { icon: Anchor, text: 'Yes: by its points.' },
		weight: { icon: CircleCheck, text: 'Mostly: by its own weight.' },
		friction: { icon: CircleAlert, text: 'Only by friction.' }
	};
	const level = $derived(stayLevel(hung, styles.lead));
	const answer = $derived(ANSWERS[level.by]);
</script>

<h3>Will it stay level?</h3>
<p class={['answer', level.by]}>
	<answer.icon size={18} aria-hidden="true" />
	<strong>{answer.text}</strong>
</p>
<p>{formatMessage(level.says, styles.lead)}</p>
<ul>
	{#each level.advice as line (line)}<li>{line}</li>{/each}
</ul>

<style>
	h3 {
		margin-top: 0.8rem;
		font-size: var(--text-base);
	}

	.answer {
		display: flex;
		gap: 0.4rem;
		align-items: center;
	}

	.friction {
		color: var(--color-error);
	}

	ul {
		padding-left: 1.1rem;
		list-style: disc;
	}
</style>
