<script lang="ts">
	import { resolve } from '$app/paths';
	import { House } from '@lucide/svelte';
	import type { Snippet } from 'svelte';
	import { newVersion } from './new-version.svelte.ts';

	let { children, end }: { children?: Snippet; end?: Snippet } = $props();
</script>

<header class="bar">
	<a class="brand" href={resolve('/')}>
		<House class="at-hand" size={22} aria-hidden="true" />
		<span>Warm Porch</span>
	</a>
	{@render children?.()}
	<div class="end">
		{#if newVersion.ready}
			<button class="btn btn-primary btn-sm" type="button" onclick={() => newVersion.take()}>
				Load the new version
			</button>
		{/if}
		{@render end?.()}
	</div>
</header>

<style>
	.bar {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.3rem 0.9rem;
		min-height: 3.5rem;
		padding: 0 1rem;
		background: var(--umber);
		color: var(--umber-text);
	}

	.brand {
		display: flex;
		align-items: center;
		min-height: 2.5rem;
		font-family: var(--font-display);
		font-size: var(--text-lg);
		font-weight: 600;
		white-space: nowrap;
	}

	.end {
		display: flex;
		align-items: center;
		gap: 0.2rem;
		margin-left: auto;
	}

	.brand :global(.at-hand) {
		display: none;
	}

	/* A bar with a name of its own has more to hold than a phone is wide. */
	@media (width < 56rem) {
		.bar:has(:global(nav)) {
			gap: 0.2rem 0.6rem;
			padding-top: 0.35rem;
		}

		.bar:has(:global(:is(nav, h1))) .brand :global(.at-hand) {
			display: block;
		}

		.bar:has(:global(:is(nav, h1))) .brand span {
			position: absolute;
			overflow: hidden;
			width: 1px;
			height: 1px;
			clip-path: inset(50%);
		}

		.bar :global(nav) {
			order: 1;
		}

		.end {
			gap: 0.2rem;
		}
	}

	.bar :global(:focus-visible) {
		outline-color: var(--steel-tape);
	}

	@media print {
		.bar {
			display: none;
		}
	}
</style>
