<script lang="ts">
	import '../app.css';
	import { afterNavigate } from '$app/navigation';
	import { page } from '$app/state';
	import { onMount } from 'svelte';
	import { announcer } from '$lib/ui/announcer.svelte.ts';
	import { help } from '$lib/ui/help.svelte.ts';
	import { isTyping } from '$lib/ui/is-typing.ts';
	import { keepFocus } from '$lib/ui/keep-focus.ts';
	import FileDrop from '$lib/ui/FileDrop.svelte';
	import { notices } from '$lib/ui/toast.svelte.ts';
	import { newVersion } from '$lib/ui/new-version.svelte.ts';
	import { theme } from '$lib/ui/theme.svelte.ts';

	let { children } = $props();
	let ready = $state(false);

	afterNavigate(() => notices.turnPage());

	/** Past the bar, to what the page is for. */
	function toWork(event: MouseEvent) {
		const main = document.querySelector<HTMLElement>('main');
		if (!main) return;
		event.preventDefault();
		main.tabIndex = -1;
		main.focus();
	}

	onMount(() => {
		void theme.start();
		void newVersion.watch();
		ready = true;
		// Only a window that opens at the list of projects sweeps: no undo of its own can ask for a photo yet.
		if (page.route.id === '/') void import('$lib/store/sweep.ts').then(({ sweep }) => sweep());
		return keepFocus();
	});
</script>

<a class="skip" href="#work" onclick={toWork}>Skip to the work</a>
<div data-ready={ready ? '' : undefined} class="contents">
	{@render children()}
</div>
<p class="sr-only" role="status" data-testid="announced">{announcer.said}</p>
<svelte:window
	onkeydown={(event) => {
		if (event.key === '?' && !isTyping(event.target)) help.keys = true;
	}}
/>
{#if help.keys}
	{#await import('$lib/ui/ShortcutsSheet.svelte') then { default: ShortcutsSheet }}
		<ShortcutsSheet bind:open={help.keys} />
	{/await}
{/if}
<FileDrop />
{#if notices.Toaster}
	<notices.Toaster
		position="bottom-left"
		offset={{ bottom: '5.5rem', left: '1rem' }}
		mobileOffset={{ bottom: '6.5rem' }}
		closeButton
	/>
{/if}

<style>
	.skip {
		position: absolute;
		z-index: 90;
		top: -5rem;
		left: 0.5rem;
		min-height: 3rem;
		padding: 0.75rem 1rem;
		background: var(--color-primary);
		color: var(--color-primary-content);
		font-weight: 700;
	}

	.skip:focus {
		top: 0.4rem;
	}

	@media print {
		.skip {
			display: none;
		}
	}
</style>
