<script lang="ts">
	import type { Mark, PlannedPiece, Project, Styles, WallPlan } from '$lib/core/index.ts';

	interface Props {
		/** As the commands made them: how sure a mark is waits for the end of a drag. */
		project: Project;
		plan: WallPlan | null;
		planned: PlannedPiece | undefined;
		/** Marks of the selected piece. */
		marks: Mark[];
		hook: number;
		styles: Styles;
		onhook: (hook: number) => void;
		/** What to do first, while nothing is selected. */
		hint: string;
		/** What is to be done next, while nothing is selected; null where nothing is. */
		next: { href: string; says: string } | null;
	}

	let { project, plan, planned, marks, hook, styles, onhook, hint, next }: Props = $props();

	const current = $derived(planned?.hooks[hook] ?? planned?.hooks[0]);
	const mark = $derived(marks.find(({ id }) => id === current?.id));
</script>

<section class="readout" aria-label="Readout">
	{#if plan && planned && mark}
		{#await import('./MarkReadout.svelte') then { default: MarkReadout }}
			<MarkReadout
				{project}
				{plan}
				{planned}
				{mark}
				{styles}
				onnext={() => onhook((hook + 1) % planned.hooks.length)}
			/>
		{/await}
	{:else if planned?.trouble}
		<div class="line">
			<h2>{planned.letter} · no mark yet</h2>
			<p class="said">{planned.trouble.message}</p>
		</div>
	{:else}
		<div class="line">
			{#if next}<a href={next.href}>Next, {next.says} ›</a>{/if}
			<p class="said" class:beside={next}>{hint}</p>
		</div>
	{/if}
</section>

<style>
	.readout {
		background: var(--umber-deep);
		color: var(--umber-text);
	}

	.line {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.1rem 2.4rem;
		min-height: 4.4rem;
		padding: 0.3rem 1.25rem;
	}

	.line p {
		line-height: 1.1;
	}

	h2 {
		font-size: var(--text-lg);
		white-space: nowrap;
	}

	.said {
		font-size: var(--text-base);
	}

	.beside {
		color: var(--umber-soft);
		font-size: var(--text-sm);
	}

	a {
		display: flex;
		align-items: center;
		min-height: 2.5rem;
		font-weight: 600;
	}

	@media (max-width: 40rem) {
		.line {
			min-height: 2.6rem;
			padding: 0.2rem 0.8rem;
		}

		.beside {
			display: none;
		}

		.said {
			font-size: var(--text-sm);
		}
	}

	.readout :global(:focus-visible) {
		outline-color: var(--steel-tape);
	}
</style>
