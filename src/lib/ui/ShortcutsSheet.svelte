<script lang="ts">
	import SideSheet from './SideSheet.svelte';
	import { SHORTCUTS } from './shortcuts.ts';

	let { open = $bindable() }: { open: boolean } = $props();
</script>

<SideSheet
	bind:open
	title="Keys"
	about="Everything can be done by keyboard. On a Mac, ⌘ stands for Ctrl."
	closes="the keys"
>
	{#each SHORTCUTS as { where, keys } (where)}
		<h3>{where}</h3>
		<dl>
			{#each keys as each (each.keys)}
				<div>
					<dt>{each.keys}</dt>
					<dd>{each.does}</dd>
				</div>
			{/each}
		</dl>
	{/each}
</SideSheet>

<style>
	h3 {
		margin-top: 0.9rem;
		font-size: var(--text-base);
	}

	dl > div {
		display: grid;
		grid-template-columns: 9.5rem 1fr;
		gap: 0.6rem;
		padding: 0.35rem 0;
		border-top: 1px dashed var(--color-base-300);
		font-size: var(--text-sm);
	}

	dt {
		font-weight: 700;
	}
</style>
