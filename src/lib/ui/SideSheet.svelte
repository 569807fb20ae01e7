<script lang="ts">
	import { Dialog } from 'bits-ui';
	import { X } from '@lucide/svelte';
	import type { Snippet } from 'svelte';

	interface Props {
		open: boolean;
		title: string;
		/** Said under the title. */
		about: string;
		/** What its close button closes. */
		closes: string;
		children: Snippet;
	}

	let { open = $bindable(), title, about, closes, children }: Props = $props();
</script>

<Dialog.Root bind:open>
	<Dialog.Portal>
		<Dialog.Overlay class="side-shade" />
		<Dialog.Content class="side-sheet">
			<div class="head">
				<Dialog.Title class="font-display text-xl">{title}</Dialog.Title>
				<Dialog.Close class="btn btn-square btn-ghost btn-sm" aria-label="Close {closes}">
					<X size={20} />
				</Dialog.Close>
			</div>
			<Dialog.Description class="mb-3">{about}</Dialog.Description>
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
