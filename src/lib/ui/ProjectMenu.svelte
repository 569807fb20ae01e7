<script lang="ts">
	import { ChevronDown } from '@lucide/svelte';
	import type { Wall } from '$lib/core/index.ts';
	import { renameProject } from '$lib/store/commands/index.ts';
	import { isDemo } from '$lib/store/db.ts';
	import type { Session } from '$lib/store/session.svelte.ts';

	interface Props {
		session: Session;
		wall: Wall;
		here: string;
	}

	let { session, wall, here }: Props = $props();

	const { project } = $derived(session);
	const demo = $derived(isDemo(project.id));
	let renaming = $state(false);
	/** The list is fetched when it is first asked for. */
	let wanted = $state(false);
	let open = $state(false);
	let earlier = $state(false);
	let button: HTMLElement | undefined = $state();

	function ask() {
		wanted = true;
		open = true;
	}
</script>

{#if renaming}
	<form
		onsubmit={(event) => {
			event.preventDefault();
			renaming = false;
		}}
	>
		<input
			{@attach (input) => input.select()}
			class="rename"
			aria-label="Project name"
			value={project.name}
			maxlength="120"
			oninput={(event) => session.run(renameProject(event.currentTarget.value))}
			onblur={() => {
				renaming = false;
				session.seal();
			}}
		/>
	</form>
{:else}
	<button
		bind:this={button}
		type="button"
		class="project-name"
		aria-haspopup="menu"
		aria-expanded={open}
		onclick={ask}
		onkeydown={(event) => {
			if (event.key !== 'ArrowDown') return;
			event.preventDefault();
			ask();
		}}
	>
		<span>
			{project.name}{demo ? ' (demo)' : ''}
			<strong>{wall.name}</strong>
		</span>
		<ChevronDown size={16} aria-hidden="true" />
	</button>
	{#if wanted}
		{#await import('./ProjectMenuList.svelte') then { default: ProjectMenuList }}
			<ProjectMenuList
				{session}
				{wall}
				{here}
				bind:open
				anchor={button}
				onrename={() => (renaming = true)}
				onearlier={() => (earlier = true)}
			/>
		{/await}
	{/if}
{/if}

{#if earlier}
	{#await import('./EarlierDrawer.svelte') then { default: EarlierDrawer }}
		<EarlierDrawer {session} bind:open={earlier} />
	{/await}
{/if}

<style>
	.project-name {
		display: flex;
		align-items: center;
		gap: 0.3rem;
		max-width: 11rem;
		min-height: 2.5rem;
		color: var(--umber-soft);
		font-size: 0.875rem;
		line-height: 1.1;
		text-align: left;
		cursor: pointer;
	}

	.project-name strong {
		display: block;
		font-size: var(--text-base);
		color: var(--umber-text);
	}

	.rename {
		padding: 0.2rem 0.5rem;
		border: 2px solid var(--steel-tape);
		border-radius: 0.3rem;
		background: var(--umber-deep);
		color: var(--umber-text);
	}
</style>
