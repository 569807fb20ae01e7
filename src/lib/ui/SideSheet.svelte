<script lang="ts">
	import { Dialog } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import SheetHead from './SheetHead.svelte';

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
			<SheetHead {title} {about} {closes} />
			{@render children()}
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
