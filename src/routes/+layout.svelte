<script lang="ts">
	import '../app.css';
	import { afterNavigate } from '$app/navigation';
	import { page } from '$app/state';
	import { onMount } from 'svelte';
	import FileDrop from '$lib/ui/FileDrop.svelte';
	import { notices } from '$lib/ui/toast.svelte.ts';
	import { theme } from '$lib/ui/theme.svelte.ts';

	let { children } = $props();
	let ready = $state(false);

	afterNavigate(() => notices.turnPage());

	onMount(() => {
		void theme.start();
		ready = true;
		// Only a window that opens at the list of projects sweeps: no undo of its own can ask for a photo yet.
		if (page.route.id === '/')
			void import('$lib/store/photos.ts').then(({ sweepPhotos }) => sweepPhotos());
	});
</script>

<div data-ready={ready ? '' : undefined} class="contents">
	{@render children()}
</div>
<FileDrop />
{#if notices.Toaster}
	<notices.Toaster
		position="bottom-left"
		offset={{ bottom: '5.5rem', left: '1rem' }}
		mobileOffset={{ bottom: '6.5rem' }}
		closeButton
	/>
{/if}
