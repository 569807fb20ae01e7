<script lang="ts">
	import { formatLength, type Styles } from '$lib/core/index.ts';
	import WorkFailed from '../WorkFailed.svelte';
	import type { Practice } from './practice.svelte.ts';

	let { practice, styles }: { practice: Practice; styles: Styles } = $props();

	const { score, others, wall } = $derived(practice);
	const about: Partial<Record<typeof wall.kind, string>> = $derived({
		odd: 'One stud stood astray and one was added: a layout cannot tell that. It is why each stud is proved by a nail on both sides before it bears weight.',
		'lath and plaster':
			'Laths give a nail some hold everywhere, so some of its answers were wrong. Several agreeing answers are worth more than one.'
	});
</script>

{#if score}
	<section aria-live="polite" data-testid="result">
		<h2 class="mb-1 text-xl">Behind the board: {wall.kind}</h2>
		<dl>
			<dt>Studs named rightly</dt>
			<dd class="measure">{score.right} of {score.of}</dd>
			<dt>Named where there is none</dt>
			<dd class="measure">{score.wrong}</dd>
			<dt>Mean distance from the middle</dt>
			<dd class="measure">{score.error === null ? '–' : formatLength(score.error, styles.lead)}</dd>
			<dt>Holes to fill</dt>
			<dd class="measure">{score.holes}</dd>
			<dt>Tries, and time</dt>
			<dd class="measure">{score.tries}, {practice.seconds} s</dd>
			{#if others}
				<dt>Nails by advice alone</dt>
				<dd class="measure">
					{others.advice.holes}, {others.advice.right} of {others.advice.of} right
				</dd>
				<dt>Nails every quarter inch</dt>
				<dd class="measure">{others.quarters}</dd>
			{/if}
		</dl>
		{#if practice.failed}
			<WorkFailed cause={practice.failed} onretry={() => practice.compare()} />
		{/if}
		<p class="small-note mt-2">
			Spacing {formatLength(wall.pitch, styles.lead)}, the first stud at
			{formatLength(wall.studs[0]!, styles.lead)}.
			{about[wall.kind] ??
				'Once two or three studs agree on a spacing, the rest follow by measuring; a nail far away tells more than one close by.'}
		</p>
	</section>
{/if}

<style>
	dl {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0.15rem 0.8rem;
	}

	dd {
		font-size: var(--text-lg);
		text-align: right;
	}
</style>
