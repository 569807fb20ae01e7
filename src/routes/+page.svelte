<script lang="ts">
	import { resolve } from '$app/paths';
	import { formatDistanceToNow } from 'date-fns';
	import { Copy, Trash2 } from '@lucide/svelte';
	import { onMount } from 'svelte';
	import type { Project } from '$lib/core/index.ts';
	import {
		duplicateOf,
		deleteProject,
		keepProject,
		listProjects,
		putBack,
		type Listed
	} from '$lib/store/projects.ts';
	import type { ProjectRow } from '$lib/store/db.ts';
	import DoorPicture from '$lib/ui/home/DoorPicture.svelte';
	import MiniWall from '$lib/ui/MiniWall.svelte';
	import NewWall from '$lib/ui/NewWall.svelte';
	import { openFile } from '$lib/ui/open-file.ts';
	import { projectPath } from '$lib/ui/paths.ts';
	import { saveRaw } from '$lib/ui/save-raw.ts';
	import ThemeButton from '$lib/ui/ThemeButton.svelte';
	import { notices } from '$lib/ui/toast.svelte.ts';
	import TopBar from '$lib/ui/TopBar.svelte';

	let projects: Listed[] = $state.raw([]);
	let trouble: string | null = $state(null);

	async function refresh() {
		const listed = await listProjects();
		if (listed.ok) projects = listed.value;
		else trouble = listed.error.message;
	}

	onMount(refresh);

	async function put(project: Project) {
		const kept = await keepProject(project);
		if (!kept.ok) notices.error(kept.error.message);
		await refresh();
	}

	async function remove(listed: Listed) {
		const removed = await deleteProject(listed.id);
		if (!removed.ok) {
			notices.error(removed.error.message);
			return;
		}
		await refresh();
		notices.undoable(`${listed.name} was deleted.`, async () => {
			if ('project' in listed) await put(listed.project);
			else await putBackAsItWas(listed.row);
		});
	}

	async function putBackAsItWas(row: ProjectRow) {
		const kept = await putBack(row);
		if (!kept.ok) notices.error(kept.error.message);
		await refresh();
	}

	function choose(event: Event & { currentTarget: HTMLInputElement }) {
		const file = event.currentTarget.files?.[0];
		event.currentTarget.value = '';
		if (file) void openFile(file);
	}
</script>

<svelte:head><title>Warm Porch</title></svelte:head>

<TopBar>
	{#snippet end()}<ThemeButton />{/snippet}
</TopBar>

<main>
	<div class="intro">
		<h1>Where the hook goes, and what it carries.</h1>
		<p>
			Warm Porch works out, from what your tape can read on the back of a picture, the height and
			place of every hook on your wall.
		</p>
	</div>
	{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
	<div class="doors">
		<a class="door-button first" href={resolve('/one')}>
			<DoorPicture of="one" />
			<strong>Just one picture</strong>
			<span>Its hook height in a few seconds.</span>
		</a>
		<NewWall />
		<label class="door-button">
			<DoorPicture of="file" />
			<strong>Open a file</strong>
			<span>A project or a backup; or drop it anywhere.</span>
			<input
				class="sr-only"
				type="file"
				accept=".json,.zip,application/json,application/zip"
				onchange={choose}
			/>
		</label>
		<a class="door-button" href={resolve('/demo')}>
			<span class="walls" aria-hidden="true">
				{#await import('$lib/ui/home/DemoWalls.svelte') then { default: DemoWalls }}
					<DemoWalls />
				{/await}
			</span>
			<strong>Open the demo</strong>
			<span>The Ferry House: three walls to try things on.</span>
		</a>
	</div>

	<p class="practise">
		Or <a class="link" href={resolve('/practice')}>practise finding studs</a> on a made-up wall, or
		<a class="link" href={resolve('/glossary')}>look up a word or a formula</a>.
	</p>

	<h2>Your projects</h2>
	{#if projects.length === 0}
		<p class="empty">
			None yet. Projects are kept in this browser as you work; export a file to take one elsewhere.
		</p>
	{:else}
		<ul class="projects">
			{#each projects as listed (listed.id)}
				<li>
					{#snippet named()}
						<strong>{listed.name}</strong>
						<span class="when">{formatDistanceToNow(listed.updated, { addSuffix: true })}</span>
					{/snippet}
					{#if 'project' in listed}
						<a href={projectPath(listed.id, listed.project.walls[0]!.id, 'arrange')}>
							<MiniWall project={listed.project} />
							{@render named()}
							{#await import('$lib/ui/next-of.ts') then { nextOf }}
								{@const next = nextOf(listed.project)}
								{#if next}<span class="next">Next: {next}</span>{/if}
							{/await}
						</a>
					{:else}
						<div class="unreadable">
							<p>
								<strong>It cannot be opened.</strong>
								{listed.unreadable.message} Nothing of it is deleted.
							</p>
							<button class="btn btn-sm" type="button" onclick={() => saveRaw(listed.row)}>
								Save its raw file
							</button>
							{@render named()}
						</div>
					{/if}
					<div class="acts">
						{#if 'project' in listed}
							<button
								type="button"
								aria-label="Duplicate {listed.name}"
								onclick={() => put(duplicateOf(listed.project))}
							>
								<Copy size={18} />
							</button>
						{/if}
						<button type="button" aria-label="Delete {listed.name}" onclick={() => remove(listed)}>
							<Trash2 size={18} />
						</button>
					</div>
				</li>
			{/each}
		</ul>
		{#await import('$lib/ui/home/BackupPart.svelte') then { default: BackupPart }}
			<BackupPart
				projects={projects.flatMap((listed) => ('project' in listed ? [listed.project] : []))}
			/>
		{/await}
	{/if}
</main>

<style>
	.practise {
		margin-top: 0.8rem;
	}

	main {
		max-width: 66rem;
		margin: 0 auto;
		padding: 2rem 1.25rem 4rem;
	}

	.intro {
		max-width: 44rem;
		margin-bottom: 1.6rem;
	}

	h1 {
		font-size: clamp(1.9rem, 4.5vw, 3rem);
		line-height: 1.1;
	}

	.intro p {
		margin-top: 0.6rem;
		font-size: var(--text-lg);
	}

	h2 {
		margin: 2.2rem 0 0.6rem;
		font-size: var(--text-xl);
	}

	.doors {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
		gap: 2.2rem 1.9rem;
	}

	/* Kraft sheets held up by two bits of painter's tape. */
	:global(.door-button) {
		position: relative;
		display: flex;
		flex-direction: column;
		justify-content: flex-end;
		gap: 0.2rem;
		padding: 1rem;
		background: linear-gradient(100deg, var(--kraft-light), var(--kraft-mid));
		color: var(--ink);
		text-align: left;
		box-shadow: 2px 5px 10px rgb(47 38 32 / 22%);
		cursor: pointer;
	}

	:global(.door-button)::before,
	:global(.door-button)::after {
		content: '';
		position: absolute;
		top: -7px;
		width: 42px;
		height: 15px;
		background: var(--tape-blue);
		opacity: 0.92;
	}

	:global(.door-button)::before {
		left: -12px;
		transform: rotate(-8deg);
	}

	:global(.door-button)::after {
		right: -12px;
		transform: rotate(7deg);
	}

	.walls {
		min-height: 4.5rem;
		align-content: end;
	}

	:global(.door-button strong) {
		font-family: var(--font-display);
		font-size: var(--text-xl);
	}

	:global(.door-button:hover) {
		background: linear-gradient(100deg, var(--kraft-lit), var(--kraft-light));
	}

	:global(.door-button:focus-within) {
		outline: 3px solid var(--color-primary);
		outline-offset: 3px;
	}

	.projects {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
		gap: 1rem;
	}

	.projects li {
		position: relative;
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.5rem;
		background: var(--color-base-100);
	}

	.projects a,
	.unreadable {
		display: grid;
		padding: 0.6rem 0.8rem 0.8rem;
	}

	.unreadable {
		gap: 0.4rem;
		align-content: space-between;
		justify-items: start;
		height: 100%;
		border-left: 6px solid var(--brick);
	}

	.unreadable p {
		font-size: var(--text-sm);
		overflow-wrap: anywhere;
	}

	.next {
		display: block;
		font-size: var(--text-sm);
		font-weight: 600;
	}

	.when {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	.acts {
		position: absolute;
		right: 0.5rem;
		bottom: 0.5rem;
		display: flex;
		gap: 0.2rem;
	}

	.acts button {
		padding: 0.4rem;
		border-radius: 0.3rem;
		cursor: pointer;
	}

	.acts button:hover {
		background: var(--color-base-300);
	}

	.trouble {
		margin-bottom: 1rem;
		padding: 0.6rem 0.9rem;
		border-left: 6px solid var(--brick);
		background: var(--color-base-100);
	}
</style>
