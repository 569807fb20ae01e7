<script lang="ts">
	import { goto } from '$app/navigation';
	import type { Failure } from '$lib/core/index.ts';
	import { copyOf, keepProject } from '$lib/store/projects.ts';
	import type { Session } from '$lib/store/session.svelte.ts';
	import { projectPath } from './paths.ts';
	import { notices } from './toast.svelte.ts';

	/** Why the project is not kept, and what can be done about it. */
	let { session, error }: { session: Session; error: Failure } = $props();

	async function save() {
		const { exportProject } = await import('./export-project.ts');
		await exportProject(session.project);
	}

	async function keepCopy() {
		const copy = copyOf(session.project);
		const kept = await keepProject(copy);
		if (!kept.ok) {
			notices.error(kept.error.message);
			return;
		}
		session.letGo();
		await goto(projectPath(copy.id, copy.walls[0]!.id, 'arrange'));
	}

	function loadOther() {
		session.letGo();
		location.reload();
	}
</script>

<p>{error.message}</p>
{#if error.code === 'changed-elsewhere'}
	<button class="btn btn-sm" type="button" onclick={loadOther}>Load that version</button>
	<button class="btn btn-sm" type="button" onclick={keepCopy}>Keep this one as a copy</button>
{:else if error.code === 'unsound'}
	<button class="btn btn-sm" type="button" onclick={() => session.undo()}>Undo it</button>
{:else}
	<button class="btn btn-sm" type="button" onclick={save}>Export the project</button>
	<button class="btn btn-sm" type="button" onclick={() => session.keep()}>Try again</button>
{/if}

<style>
	p {
		flex: 1 1 20rem;
	}
</style>
