<script lang="ts">
	import { Dialog } from 'bits-ui';
	import { X } from '@lucide/svelte';
	import { SHORTCUTS } from './shortcuts.ts';

	let { open = $bindable() }: { open: boolean } = $props();
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="side-shade" />
		<Dialog.Content class="side-sheet">
			<div class="head">
				<Dialog.Title class="font-display text-xl">Keys</Dialog.Title>
				<Dialog.Close class="btn btn-square btn-ghost btn-sm" aria-label="Close the keys">
					<X size={20} />
				</Dialog.Close>
			</div>
			<Dialog.Description class="mb-3">
				Everything can be done by keyboard. On a Mac, ⌘ stands for Ctrl.
			</Dialog.Description>
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
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>

<style>
	.head {
		display: flex;
		align-items: center;
		justify-content: space-between;
	}

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
