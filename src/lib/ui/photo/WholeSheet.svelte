<script lang="ts">
	import { Dialog } from 'bits-ui';
	import { X } from '@lucide/svelte';
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		/** How the photo is taken. */
		how: string;
		onclose: () => void;
		children: Snippet;
	}

	let { title, how, onclose, children }: Props = $props();
</script>

<Dialog.Root open onOpenChange={(open) => !open && onclose()}>
	<Dialog.Portal>
		<Dialog.Content class="whole-sheet">
			<div class="head">
				<Dialog.Title class="font-display text-xl">{title}</Dialog.Title>
				<Dialog.Close class="btn btn-square btn-ghost btn-sm" aria-label="Close measuring">
					<X size={20} />
				</Dialog.Close>
			</div>
			<Dialog.Description class="small-note mb-2">{how}</Dialog.Description>
			{@render children()}
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>

<style>
	.head {
		display: flex;
		align-items: center;
		justify-content: space-between;
	}
</style>
