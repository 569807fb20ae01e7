<script lang="ts">
	import type { PaperPage } from '$lib/core/index.ts';
	import { pageSvg } from '$lib/files/true-size/svg.ts';

	/** @param large few pages, to be read on the screen. */
	let { pages, large = false }: { pages: readonly PaperPage[]; large?: boolean } = $props();

	/** A name for each size of page, so that the browser prints each on its own. */
	const sizeOf = ({ width, height }: PaperPage) =>
		`size-${Math.round(width)}-${Math.round(height)}`;
	const rules = $derived(
		[...new Map(pages.map((page) => [sizeOf(page), page])).entries()]
			.map(([name, { width, height }]) => `@page ${name}{size:${width}mm ${height}mm;margin:0}`)
			.join('')
	);

	$effect(() => {
		const sheet = new CSSStyleSheet();
		sheet.replaceSync(rules);
		document.adoptedStyleSheets.push(sheet);
		return () => {
			document.adoptedStyleSheets = document.adoptedStyleSheets.filter((each) => each !== sheet);
		};
	});

	/** The very drawing that is saved. */
	const drawn = (page: PaperPage, index: number) => (node: HTMLElement) => {
		const text = pageSvg(page, `window-${index}`);
		const { documentElement } = new DOMParser().parseFromString(text, 'image/svg+xml');
		node.replaceChildren(documentElement);
	};
</script>

<div class="pages">
	{#each pages as page, index (page.name)}
		<figure class:large style:width="{page.width}mm" style:page={sizeOf(page)}>
			<div
				class="page"
				style:aspect-ratio={page.width / page.height}
				role="img"
				aria-label="Page {index + 1} of {pages.length}: {page.name}"
				{@attach drawn(page, index)}
			></div>
			<figcaption class="measure">{page.name}</figcaption>
		</figure>
	{/each}
</div>

<style>
	.pages {
		display: flex;
		flex-wrap: wrap;
		gap: 1rem;
		justify-content: center;
		padding: 0 1rem 2rem;
	}

	figure {
		max-width: min(100%, 24rem);
	}

	.large {
		max-width: 100%;
	}

	.page {
		background: var(--sheet);
		box-shadow: 0 2px 12px rgb(47 38 32 / 25%);
		content-visibility: auto;
	}

	.page :global(svg) {
		display: block;
		width: 100%;
		height: 100%;
	}

	figcaption {
		padding: 0.2rem;
		text-align: center;
	}

	@media print {
		.pages {
			display: block;
			padding: 0;
		}

		figure {
			max-width: none;
			break-after: page;
		}

		figure:last-child {
			break-after: auto;
		}

		.page {
			box-shadow: none;
			content-visibility: visible;
		}

		figcaption {
			display: none;
		}
	}
</style>
