<script lang="ts">
	import type { Snippet } from 'svelte';
	import { usualSheet } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { paged } from './paged.ts';

	interface Props {
		/** The project, and the wall where it is about one. */
		of: string;
		title: string;
		/** It follows another on the same page. */
		second?: boolean;
		/** Said once under the title. */
		intro?: Snippet;
		children: Snippet;
	}

	let { of, title, second = false, intro, children }: Props = $props();

	const session = $derived(getSession()());
	const size = $derived.by(() => {
		const { paper, houseRules } = session.committed;
		const { on } = paper.printing;
		return on === 'a4' || on === 'letter' ? on : usualSheet(houseRules.units);
	});
</script>

<section
	class="page paper"
	class:letter={size === 'letter'}
	data-theme="porch-day"
	{@attach paged(of, size)}
>
	<header>
		<svelte:element this={second ? 'h2' : 'h1'} class="title">{of}: {title}</svelte:element>
		{#if intro}<p>{@render intro()}</p>{/if}
	</header>
	{@render children()}
</section>

<style>
	.page {
		width: 210mm;
		max-width: 100%;
		min-height: 270mm;
		margin: 0 auto 1.5rem;
		padding: 14mm;
		line-height: 1.35;
		background: var(--sheet);
		color: var(--sheet-ink);
		box-shadow: 0 2px 12px rgb(47 38 32 / 25%);
	}

	.letter {
		width: 215.9mm;
	}

	header {
		border-bottom: 2px solid var(--sheet-ink);
		margin-bottom: 3mm;
		padding-bottom: 1mm;
	}

	header p {
		font-size: var(--text-xs);
	}

	.title {
		font-size: var(--text-lg);
	}

	/* Tables and boxes to tick on paper; where a sheet wants them otherwise it says so. */
	:global(:where(.paper) table) {
		width: 100%;
		border-collapse: collapse;
	}

	:global(:where(.paper) :is(th, td)) {
		padding: 0.8mm 2.5mm 0.8mm 0;
		border-bottom: 1px solid var(--sheet-rule);
		text-align: left;
		vertical-align: top;
	}

	:global(:where(.paper) tr) {
		break-inside: avoid;
	}

	:global(:where(.paper tbody) th) {
		font-weight: 400;
	}

	:global(:where(.paper .box)) {
		display: inline-block;
		width: 4mm;
		height: 4mm;
		border: 1.4px solid var(--sheet-ink);
	}

	/* On a phone a table wider than the screen is moved by itself. */
	@media screen and (width < 45rem) {
		.page {
			min-height: 0;
			overflow-x: auto;
			padding: 4mm;
		}
	}

	@media print {
		:global(html, body) {
			background: var(--sheet);
		}

		.page {
			width: auto;
			min-height: 0;
			margin: 0;
			padding: 0;
			box-shadow: none;
			break-after: page;
		}

		.page:last-of-type {
			break-after: auto;
		}
	}
</style>
