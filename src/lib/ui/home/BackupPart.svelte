<script lang="ts">
	import { formatDistanceToNow } from 'date-fns';
	import { HardDriveDownload } from '@lucide/svelte';
	import { onMount } from 'svelte';
	import type { Project } from '$lib/core/index.ts';
	import { counted } from '$lib/words/counted.ts';
	import { lastBackup, unsaved, type LastBackup } from '$lib/store/backup.ts';
	import { isPersistent } from '$lib/store/persist.ts';

	let { projects }: { projects: readonly Project[] } = $props();

	let last: LastBackup | null = $state.raw(null);
	let persistent: boolean | null = $state(null);
	let saving = $state(false);
	const waiting = $derived(unsaved(projects, last));

	onMount(async () => ([last, persistent] = await Promise.all([lastBackup(), isPersistent()])));

	async function save() {
		saving = true;
		const { saveBackup } = await import('../save-backup.ts');
		if (await saveBackup()) last = await lastBackup();
		saving = false;
	}
</script>

<div class="backup" class:waiting={waiting > 0}>
	<p>
		{#if waiting > 0}
			<strong>
				Only this browser holds {counted(waiting, 'project')} as {waiting === 1
					? 'it is'
					: 'they are'} now.
			</strong>
		{:else}
			Everything is in your last backup.
		{/if}
		{last === null
			? 'No backup was saved yet.'
			: `The last backup was saved ${formatDistanceToNow(last.at, { addSuffix: true })}.`}
		{#if persistent === true}
			The browser promised to keep them until you delete them.
		{:else}
			The browser may clear them when it runs short of room.
		{/if}
	</p>
	<button class="btn btn-sm" type="button" disabled={saving} onclick={save}>
		<HardDriveDownload size={17} aria-hidden="true" /> Save a backup of everything
	</button>
</div>

<style>
	.backup {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
		gap: 0.6rem 1rem;
		margin-top: 1.4rem;
		padding: 0.7rem 0.9rem;
		border-left: 6px solid var(--color-success);
		background: var(--color-base-100);
		font-size: var(--text-sm);
	}

	.waiting {
		border-left-color: var(--marigold);
	}

	p {
		flex: 1 1 20rem;
	}
</style>
