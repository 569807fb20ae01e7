<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		page: number;
		of: number;
		children: Snippet;
	}

	let { title, page, of, children }: Props = $props();
</script>

<section class="page paper" data-theme="porch-day">
	<header>
		<h1>{title}</h1>
		<p>page {page} of {of}</p>
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
		background: #fff;
		color: #000;
		box-shadow: 0 2px 12px rgb(47 38 32 / 25%);
	}

	header {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		border-bottom: 2px solid #000;
		margin-bottom: 4mm;
	}

	h1 {
		font-size: 1.25rem;
	}

	/* Tables and boxes to tick on paper; where a sheet wants them otherwise it says so. */
	:global(:where(.paper) table) {
		width: 100%;
		border-collapse: collapse;
	}

	:global(:where(.paper) :is(th, td)) {
		padding: 0.8mm 2.5mm 0.8mm 0;
		border-bottom: 1px solid #999;
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
		border: 1.4px solid #000;
	}

	@page {
		margin: 14mm;
	}

	@media print {
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
