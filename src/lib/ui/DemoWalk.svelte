<script lang="ts">
	import { goto } from '$app/navigation';
	import { X } from '@lucide/svelte';
	import { WALK } from '$lib/words/en/walk.ts';
	import { help } from './help.svelte.ts';
	import { projectPath } from './paths.ts';
	import type { Station } from './stations.ts';

	interface Props {
		projectId: string;
		wallId: string;
		here: string;
	}

	let { projectId, wallId, here }: Props = $props();

	const at = $derived(help.walkAt ?? 0);
	const step = $derived(WALK[at]!);
	const last = $derived(at === WALK.length - 1);

	const go = (station: Station) => goto(projectPath(projectId, wallId, station));

	async function walk(to: number) {
		await help.walkTo(to);
		await go(WALK[to]!.at);
	}
</script>

<div class="walk" role="region" aria-label="A walk through the demo">
	<button
		class="close"
		type="button"
		aria-label="Leave the walk"
		onclick={() => void help.leaveWalk()}
	>
		<X size={18} aria-hidden="true" />
	</button>
	<p class="count">{at + 1} of {WALK.length}</p>
	<h2>{step.title}</h2>
	<p>{step.says}</p>
	<p><strong>Try it:</strong> {step.tries}</p>
	<div class="acts">
		{#if step.at !== here}
			<button class="btn btn-sm" type="button" onclick={() => void go(step.at)}>
				Back to this station
			</button>
		{/if}
		{#if at > 0}
			<button class="btn btn-ghost btn-sm" type="button" onclick={() => void walk(at - 1)}>
				Back
			</button>
		{/if}
		<button
			class="btn btn-primary btn-sm"
			type="button"
			onclick={() => void (last ? help.leaveWalk() : walk(at + 1))}
		>
			{last ? 'Done' : 'Next'}
		</button>
	</div>
</div>

<style>
	/* A kraft note, taped to the lower corner of the stage. */
	.walk {
		position: fixed;
		z-index: 35;
		bottom: 5.4rem;
		left: 0.9rem;
		display: grid;
		gap: 0.35rem;
		width: min(22rem, calc(100vw - 1.8rem));
		padding: 0.9rem 1rem;
		border-top: 10px solid var(--tape-blue);
		background: linear-gradient(100deg, var(--kraft-light), var(--kraft-mid));
		color: var(--ink);
		font-size: var(--text-sm);
		box-shadow: 2px 6px 16px rgb(47 38 32 / 35%);
	}

	.close {
		position: absolute;
		top: 0.2rem;
		right: 0.2rem;
		display: grid;
		place-items: center;
		width: 2.5rem;
		height: 2.5rem;
		cursor: pointer;
	}

	.count {
		font-size: var(--text-xs);
	}

	h2 {
		font-size: var(--text-lg);
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		justify-content: flex-end;
		gap: 0.4rem;
		margin-top: 0.2rem;
	}
</style>
