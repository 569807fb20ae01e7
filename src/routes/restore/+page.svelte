<script lang="ts">
	import { resolve } from '$app/paths';
	import { format } from 'date-fns';
	import { onMount } from 'svelte';
	import { changesBetween, type Project } from '$lib/core/index.ts';
	import { standingOf, USUAL, type Restoring, type Standing } from '$lib/files/backup.ts';
	import { restore, restoreRest } from '$lib/store/backup.ts';
	import { listProjects } from '$lib/store/projects.ts';
	import { counted } from '$lib/words/counted.ts';
	import { RESTORE } from '$lib/words/en/restore.ts';
	import MiniWall from '$lib/ui/MiniWall.svelte';
	import { heldBackup } from '$lib/ui/restore/held.ts';
	import Segments from '$lib/ui/Segments.svelte';
	import TopBar from '$lib/ui/TopBar.svelte';

	interface Row {
		theirs: Project;
		here: Project | undefined;
		standing: Standing;
		as: Restoring;
		/** What became of it. */
		done: string;
	}

	const backup = heldBackup();
	let rows: Row[] = $state([]);
	let working = $state(false);
	let ended = $state(false);
	let troubles: string[] = $state([]);

	const chosen = $derived(rows.filter(({ as }) => as !== 'leave').length);

	onMount(async () => {
		const listed = await listProjects();
		if (!listed.ok) {
			troubles = [listed.error.message];
			return;
		}
		const here = new Map(
			listed.value.flatMap((each) => ('project' in each ? [[each.id, each.project] as const] : []))
		);
		rows = (backup?.projects ?? []).map((theirs) => {
			const mine = here.get(theirs.id);
			const standing = standingOf(theirs, mine);
			return { theirs, here: mine, standing, as: USUAL[standing], done: '' };
		});
	});

	const choices = ({ here }: Row): { value: Restoring; label: string }[] =>
		here
			? [
					{ value: 'leave', label: RESTORE['leave-mine']() },
					{ value: 'take', label: RESTORE['replace-mine']() },
					{ value: 'beside', label: RESTORE['open-beside']() }
				]
			: [
					{ value: 'leave', label: RESTORE['leave-out']() },
					{ value: 'take', label: RESTORE['bring-back']() }
				];

	async function bringBack() {
		if (!backup) return;
		working = true;
		troubles = await restoreRest(backup);
		for (const row of rows) {
			if (row.as === 'leave') continue;
			const restored = await restore($state.snapshot(row.theirs) as Project, row.as);
			if (restored.ok) row.done = RESTORE[row.as === 'beside' ? 'came-beside' : 'came-back']();
			else troubles.push(restored.error.message);
		}
		working = false;
		ended = true;
	}
</script>

<svelte:head><title>Restore a backup · Warm Porch</title></svelte:head>

<TopBar><h1 class="text-base font-semibold">Restore a backup</h1></TopBar>

<main>
	{#if !backup}
		<p>Open the backup file on the first page; what is in it is shown here.</p>
		<a class="btn btn-primary" href={resolve('/')}>All projects</a>
	{:else}
		<p>
			Saved {format(backup.at, 'd MMM yyyy, HH:mm')}: {counted(backup.projects.length, 'project')}, {counted(
				backup.photos.length,
				'photo'
			)}. Nothing is changed until you press the button; what is replaced stays among its earlier
			versions.
		</p>
		{#each [...backup.refused, ...troubles] as text, index (index)}
			<p class="trouble" role="alert">{text}</p>
		{/each}
		<ul>
			{#each rows as row (row.theirs.id)}
				<li>
					<MiniWall project={row.theirs} />
					<div class="what">
						<h2>{row.theirs.name}</h2>
						<p>{RESTORE[row.standing]()}</p>
						{#if row.done}
							<p class="done" role="status">{row.done}</p>
						{:else}
							<Segments
								label="What becomes of {row.theirs.name}"
								options={choices(row)}
								value={row.as}
								onchoose={(as: Restoring) => (row.as = as)}
							/>
							{#if row.here && row.as === 'take' && row.standing !== 'same'}
								<details>
									<summary>What would be replaced</summary>
									<ul class="changes">
										{#each changesBetween(row.theirs, row.here) as text, index (index)}
											<li>{text}</li>
										{/each}
									</ul>
								</details>
							{/if}
						{/if}
					</div>
				</li>
			{/each}
		</ul>
		{#if ended}
			<a class="btn btn-primary" href={resolve('/')}>All projects</a>
		{:else}
			<button
				class="btn btn-primary"
				type="button"
				disabled={working || chosen === 0}
				onclick={bringBack}
			>
				{chosen === 0 ? 'Nothing is chosen' : `Restore ${counted(chosen, 'project')}`}
			</button>
		{/if}
	{/if}
</main>

<style>
	main {
		display: grid;
		gap: 1rem;
		justify-items: start;
		max-width: 48rem;
		margin: 0 auto;
		padding: 1.5rem 1.25rem 4rem;
	}

	main > ul {
		display: grid;
		gap: 0.8rem;
		width: 100%;
	}

	main > ul > li {
		display: grid;
		grid-template-columns: minmax(6rem, 11rem) 1fr;
		gap: 1rem;
		padding: 0.8rem;
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.5rem;
		background: var(--color-base-100);
	}

	.what {
		display: grid;
		gap: 0.4rem;
		align-content: start;
		justify-items: start;
	}

	h2 {
		font-size: var(--text-lg);
	}

	.done {
		color: var(--moss-ink);
		font-weight: 600;
	}

	summary {
		min-height: 2rem;
		font-size: var(--text-sm);
		cursor: pointer;
	}

	.changes {
		padding-left: 1.1rem;
		font-size: var(--text-sm);
		list-style: disc;
	}

	.trouble {
		padding: 0.6rem 0.9rem;
		border-left: 6px solid var(--brick);
		background: var(--color-base-100);
	}

	@media (width < 34rem) {
		main > ul > li {
			grid-template-columns: 1fr;
		}
	}
</style>
