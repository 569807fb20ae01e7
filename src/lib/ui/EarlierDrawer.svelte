<script lang="ts">
	import { goto } from '$app/navigation';
	import { format, isToday, isYesterday } from 'date-fns';
	import { changesBetween } from '$lib/core/index.ts';
	import { goBackTo } from '$lib/store/commands/index.ts';
	import { carryPhotos } from '$lib/store/photos-of.ts';
	import { copyOf, keepProject } from '$lib/store/projects.ts';
	import type { Session } from '$lib/store/session.svelte.ts';
	import { earlierOf, keepSnapshot, type Earlier } from '$lib/store/snapshots.ts';
	import SideSheet from './SideSheet.svelte';
	import { counted } from '$lib/words/counted.ts';
	import { projectPath } from './paths.ts';
	import { notices } from './toast.svelte.ts';

	let { session, open = $bindable() }: { session: Session; open: boolean } = $props();

	const list = $derived(open ? session.snapshot.then(() => earlierOf(session.id)) : null);

	function when(at: number): string {
		const day = isToday(at) ? 'today' : isYesterday(at) ? 'yesterday' : format(at, 'd MMM yyyy');
		return `${day}, ${format(at, 'HH:mm')}`;
	}

	/** What going back would undo. */
	const since = ({ project }: Earlier): string[] => changesBetween(project, session.committed);

	async function goBack({ at, project }: Earlier) {
		await session.flush();
		await keepSnapshot(session.committed, Date.now(), true);
		session.run(goBackTo(project, when(at)));
		open = false;
		notices.undoable(`The project is as it was ${when(at)}.`, () => session.undo());
	}

	async function openCopy({ at, project }: Earlier) {
		const copy = { ...copyOf(project), name: `${project.name} (${when(at)})`.slice(0, 120) };
		const kept = await keepProject(copy);
		if (!kept.ok) {
			notices.error(kept.error.message);
			return;
		}
		await carryPhotos(project, copy);
		open = false;
		await goto(projectPath(copy.id, copy.walls[0]!.id, 'arrange'));
	}
</script>

<SideSheet
	bind:open
	title="Earlier versions"
	about="Kept by itself before the first change of each visit, and for each hour of work."
	closes="earlier versions"
>
	{#await list then listed}
		{#if listed?.ok === false}
			<p role="alert">{listed.error.message}</p>
		{:else if listed?.value.length === 0}
			<p>None yet. The first is kept with your next change.</p>
		{:else if listed}
			<ol>
				{#each listed.value as version (version.id)}
					{@const undone = since(version)}
					<li>
						<h3>{when(version.at)}</h3>
						<p>
							{counted(version.project.walls.length, 'wall')}, {counted(
								version.project.pieces.length,
								'piece'
							)}.
							{version.changes.join(' ')}
						</p>
						<details>
							<summary>What came after</summary>
							<ul>
								{#each undone as text, index (index)}<li>{text}</li>{/each}
							</ul>
						</details>
						<div class="acts">
							<button class="btn btn-sm" type="button" onclick={() => goBack(version)}>
								Go back to this
							</button>
							<button class="btn btn-ghost btn-sm" type="button" onclick={() => openCopy(version)}>
								Open as a copy
							</button>
						</div>
					</li>
				{/each}
			</ol>
		{/if}
	{/await}
</SideSheet>

<style>
	ol > li {
		display: grid;
		gap: 0.35rem;
		padding: 0.8rem 0;
		border-top: 1px dashed var(--color-base-300);
	}

	h3 {
		font-size: var(--text-base);
	}

	p,
	details {
		font-size: var(--text-sm);
	}

	summary {
		min-height: 2rem;
		color: var(--color-primary);
		cursor: pointer;
	}

	ul {
		padding-left: 1.1rem;
		list-style: disc;
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
	}
</style>
