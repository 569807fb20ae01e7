<script lang="ts">
	import { Dialog } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import SheetHead from '../SheetHead.svelte';

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
			<SheetHead {title} about={how} closes="measuring" />
			{@render children()}
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
