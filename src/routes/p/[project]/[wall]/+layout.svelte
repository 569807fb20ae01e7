<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import type { Failure } from '$lib/core/index.ts';
	import { isDemo } from '$lib/store/db.ts';
	import { loadProject, rawProject } from '$lib/store/projects.ts';
	import { Session, setSession } from '$lib/store/session.svelte.ts';
	import { setView, View } from '$lib/ui/view.svelte.ts';
	import ProjectShell from '$lib/ui/ProjectShell.svelte';
	import { notices } from '$lib/ui/toast.svelte.ts';
	import TopBar from '$lib/ui/TopBar.svelte';

	let { children } = $props();

	let session: Session | null = $state.raw(null);
	let refused: Failure | null = $state.raw(null);
	const view = new View();

	setSession(() => session!);
	setView(() => view);

	async function open(id: string) {
		session = null;
		refused = null;
		const loaded = await loadProject(id);
		if (id !== projectId) return;
		if (loaded.ok) {
			session = new Session(loaded.value);
			if (!isDemo(id))
				void import('$lib/store/persist.ts').then(({ askToPersist }) => askToPersist());
		} else refused = loaded.error;
	}

	async function saveRawFile() {
		const row = await rawProject(projectId);
		const { saveRaw } = await import('$lib/ui/save-raw.ts');
		if (row) saveRaw(row);
		else notices.error('This browser does not let us read what it keeps.');
	}

	/** Only another project opens anew; moving between stations does not. */
	const projectId = $derived(page.params.project!);
	$effect(() => {
		void open(projectId);
	});
</script>

{#if session}
	{#key session}
		<ProjectShell {session} {view}>
			{@render children()}
		</ProjectShell>
	{/key}
{:else}
	<TopBar />
	<main class="mx-auto max-w-xl p-8">
		{#if refused}
			<h1 class="mb-2 text-2xl">This project cannot be opened</h1>
			<p class="mb-4">{refused.message}</p>
			{#if refused.code !== 'no-such-project'}
				<button class="btn" type="button" onclick={saveRawFile}>Save its raw file</button>
			{/if}
			<a class="btn btn-primary" href={resolve('/')}>Back to all projects</a>
		{:else}
			<p>Opening…</p>
		{/if}
	</main>
{/if}
