<script lang="ts">
	import { DropdownMenu } from 'bits-ui';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { startWall, type Project, type Wall } from '$lib/core/index.ts';
	import { addWall } from '$lib/store/commands/index.ts';
	import { isDemo } from '$lib/store/db.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { carryPhotos } from '$lib/store/photos-of.ts';
	import { duplicateOf, deleteProject, keepProject } from '$lib/store/projects.ts';
	import type { Session } from '$lib/store/session.svelte.ts';
	import { exportProject } from './export-project.ts';
	import { help } from './help.svelte.ts';
	import { projectPath } from './paths.ts';
	import type { Station } from './stations.ts';
	import { notices } from './toast.svelte.ts';

	interface Props {
		session: Session;
		wall: Wall;
		here: string;
		open: boolean;
		/** The button the list hangs from. */
		anchor: HTMLElement | undefined;
		onrename: () => void;
		onearlier: () => void;
	}

	let { session, wall, here, open = $bindable(), anchor, onrename, onearlier }: Props = $props();

	const { project } = $derived(session);
	const demo = $derived(isDemo(project.id));

	async function duplicate() {
		const copy = duplicateOf(project);
		const kept = await keepProject(copy);
		if (!kept.ok) {
			notices.error(kept.error.message);
			return;
		}
		await carryPhotos(project, copy);
		notices.success(`${copy.name} is yours to change.`);
		await goto(projectPath(copy.id, wall.id, 'arrange'));
	}

	async function remove() {
		await session.flush();
		const gone = project;
		const removed = await deleteProject(gone.id);
		if (!removed.ok) {
			notices.error(removed.error.message);
			return;
		}
		await goto(resolve('/'));
		notices.undoable(`${gone.name} was deleted.`, () => bringBack(gone));
	}

	async function bringBack(gone: Project) {
		const kept = await keepProject(gone);
		if (!kept.ok) notices.error(kept.error.message);
		else await goto(projectPath(gone.id, gone.walls[0]!.id, 'arrange'));
	}

	async function newWall() {
		const added = startWall(
			newId,
			{
				name: `Wall ${project.walls.length + 1}`,
				width: wall.width,
				height: wall.height
			},
			project.houseRules.units
		);
		session.run(addWall(added));
		await goto(projectPath(project.id, added.id, 'survey'));
	}
</script>

<DropdownMenu.Root bind:open>
	<DropdownMenu.Portal>
		<DropdownMenu.Content
			class="menu-sheet"
			sideOffset={6}
			align="start"
			customAnchor={anchor}
			onCloseAutoFocus={(event) => {
				event.preventDefault();
				anchor?.focus();
			}}
		>
			{#each project.walls as each (each.id)}
				<DropdownMenu.Item
					class="menu-line"
					onSelect={() => goto(projectPath(project.id, each.id, here as Station))}
				>
					{each.id === wall.id ? '✓ ' : ''}{each.name}
				</DropdownMenu.Item>
			{/each}
			<DropdownMenu.Item class="menu-line" onSelect={newWall}>Add a wall</DropdownMenu.Item>
			<DropdownMenu.Separator class="menu-rule" />
			<DropdownMenu.Item class="menu-line" onSelect={onrename}>
				Rename the project
			</DropdownMenu.Item>
			<DropdownMenu.Item class="menu-line" onSelect={duplicate}>
				{demo ? 'Copy the demo to my projects' : 'Duplicate the project'}
			</DropdownMenu.Item>
			<DropdownMenu.Item class="menu-line" onSelect={() => exportProject(project)}>
				Export the project file
			</DropdownMenu.Item>
			<DropdownMenu.Item class="menu-line" onSelect={onearlier}>Earlier versions</DropdownMenu.Item>
			<DropdownMenu.Item class="menu-line" onSelect={() => goto(resolve('/glossary'))}>
				Words and formulas
			</DropdownMenu.Item>
			<DropdownMenu.Item class="menu-line" onSelect={() => (help.keys = true)}
				>Keys</DropdownMenu.Item
			>
			{#if demo}
				<DropdownMenu.Item class="menu-line" onSelect={() => (help.walk = true)}>
					Walk through the demo
				</DropdownMenu.Item>
				<DropdownMenu.Item class="menu-line" onSelect={() => goto(resolve('/demo?reset'))}>
					Reset the demo
				</DropdownMenu.Item>
			{:else}
				<DropdownMenu.Item class="menu-line" onSelect={remove}>Delete the project</DropdownMenu.Item
				>
			{/if}
		</DropdownMenu.Content>
	</DropdownMenu.Portal>
</DropdownMenu.Root>

<style>
	:global(.menu-sheet) {
		z-index: 60;
		min-width: 15rem;
		padding: 0.35rem;
		border: 1px solid var(--color-base-300);
		border-radius: 0.4rem;
		background: var(--color-base-100);
		box-shadow: 0 6px 20px rgb(47 38 32 / 30%);
	}

	:global(.menu-line) {
		padding: 0.4rem 0.7rem;
		border-radius: 0.25rem;
		cursor: pointer;
	}

	:global(.menu-line[data-highlighted]) {
		background: var(--color-primary);
		color: var(--color-primary-content);
		outline: none;
	}

	:global(.menu-rule) {
		height: 1px;
		margin: 0.3rem 0;
		background: var(--color-base-300);
	}
</style>
