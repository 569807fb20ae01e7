<script lang="ts">
	import { goto } from '$app/navigation';
	import { copyOf, keepProject } from '$lib/store/projects.ts';
	import type { Session } from '$lib/store/session.svelte.ts';
	import { projectPath } from './paths.ts';
	import { notices } from './toast.svelte.ts';

	let { session }: { session: Session } = $props();

	const { keeping } = $derived(session);
	const words = { kept: 'kept', keeping: 'keeping…', failed: 'not kept' };
	const elsewhere = $derived(
		keeping.state === 'failed' && keeping.error.code === 'changed-elsewhere'
	);

	const unsound = $derived(keeping.state === 'failed' && keeping.error.code === 'unsound');

	async function save() {
		const { exportProject } = await import('./export-project.ts');
		await exportProject(session.project);
	}

	async function keepCopy() {
		const copy = copyOf(session.project);
		const kept = await keepProject(copy);
		if (!kept.ok) notices.error(kept.error.message);
		else await goto(projectPath(copy.id, copy.walls[0]!.id, 'arrange'));
	}
</script>

<span class="note" class:failed={keeping.state === 'failed'} role="status" data-testid="keeping">
	{words[keeping.state]}
</span>
{#if keeping.state === 'failed'}
	<div class="banner" role="alert">
		<p>{keeping.error.message}</p>
		{#if elsewhere}
			<button class="btn btn-sm" type="button" onclick={() => location.reload()}>
				Load that version
			</button>
			<button class="btn btn-sm" type="button" onclick={keepCopy}>Keep this one as a copy</button>
		{:else if unsound}
			<button class="btn btn-sm" type="button" onclick={() => session.undo()}>Undo it</button>
		{:else}
			<button class="btn btn-sm" type="button" onclick={save}> Export the project </button>
		{/if}
	</div>
{/if}

<style>
	.note {
		color: var(--umber-soft);
		font-size: 0.82rem;
	}

	.note.failed {
		color: #ffb3a0;
		font-weight: 600;
	}

	.banner {
		position: fixed;
		z-index: 40;
		top: 4.2rem;
		left: 50%;
		display: flex;
		flex-wrap: wrap;
		gap: 0.8rem;
		align-items: center;
		width: min(46rem, 94vw);
		padding: 0.7rem 1rem;
		transform: translateX(-50%);
		border-left: 6px solid var(--brick);
		background: var(--color-base-100);
		color: var(--color-base-content);
		box-shadow: 0 4px 16px rgb(47 38 32 / 30%);
	}

	.banner p {
		flex: 1 1 20rem;
	}
</style>
