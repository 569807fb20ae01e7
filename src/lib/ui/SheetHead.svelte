<script lang="ts">
	import { Dialog } from 'bits-ui';
	import { X } from '@lucide/svelte';

	interface Props {
		title: string;
		/** Said under the title. */
		about: string;
		/** What its close button closes. */
		closes: string;
	}

	let { title, about, closes }: Props = $props();
</script>

<div class="head">
	<Dialog.Title class="font-display text-xl">{title}</Dialog.Title>
	<Dialog.Close class="btn btn-square btn-ghost btn-sm" aria-label="Close {closes}">
		<X size={20} />
	</Dialog.Close>
</div>
<Dialog.Description class="mb-3">{about}</Dialog.Description>

<style>
	.head {
		display: flex;
		align-items: center;
		justify-content: space-between;
	}
</style>
