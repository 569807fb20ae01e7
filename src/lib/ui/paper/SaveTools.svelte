<script lang="ts">
	import { FileDown, Shapes } from '@lucide/svelte';
	import type { Snippet } from 'svelte';
	import type { Drawing, PaperPage } from '$lib/core/index.ts';
	import { download } from '$lib/files/download.ts';
	import { fileName } from '$lib/files/file-name.ts';
	import SheetTools from '../sheet/SheetTools.svelte';
	import { PdfMaker } from './pdf-maker.svelte.ts';

	interface Props {
		/** null while they are being made. */
		pages: readonly PaperPage[] | null;
		title: string;
		/** Parts of the files’ names. */
		names: string[];
		/** What the pages are printed on, for the name of the PDF. */
		on: string;
		/** What each file of drawings is called, and shows. */
		drawings: () => { name: string; drawing: Drawing }[];
		/** The way back. */
		children: Snippet;
	}

	let { pages, title, names, on, drawings, children }: Props = $props();

	const pdf = new PdfMaker();
	$effect(() => () => pdf.stop());

	function savePdf() {
		if (pages) pdf.save(fileName([...names, on], 'pdf'), { pages, title });
	}

	/** One file for each drawing; several go into a zip. */
	async function saveDrawings(extension: 'svg' | 'dxf') {
		const { drawingsFile } = await import('$lib/files/true-size/drawings-file.ts');
		const named = drawings().map(({ name, drawing }) => ({
			name: fileName([...names, name], extension),
			drawing
		}));
		const zip = fileName([...names, extension], 'zip');
		const file = drawingsFile(named, extension, zip);
		download(file.name, file.content, file.type);
	}
</script>

<SheetTools>
	{@render children()}
	<button class="btn" type="button" disabled={!pages || pdf.progress !== null} onclick={savePdf}>
		<FileDown size={16} aria-hidden="true" /> Save as PDF
	</button>
	{#each ['svg', 'dxf'] as const as extension (extension)}
		<button
			class="btn"
			type="button"
			disabled={!pages}
			onclick={() => void saveDrawings(extension)}
		>
			<Shapes size={16} aria-hidden="true" />
			{extension.toUpperCase()}
		</button>
	{/each}
</SheetTools>
{#if pdf.progress}
	<p role="status">
		<progress class="progress" max={pdf.progress.of} value={pdf.progress.done}></progress>
		Writing page {pdf.progress.done} of {pdf.progress.of}
		<button class="btn btn-sm" type="button" onclick={() => pdf.stop()}>Stop</button>
	</p>
{:else if pdf.failed}
	<p class="trouble" role="alert">The PDF could not be written: {pdf.failed}</p>
{/if}

<style>
	p {
		display: flex;
		flex-wrap: wrap;
		gap: 0.7rem;
		align-items: center;
		justify-content: center;
		padding: 0 1rem 1rem;
	}

	.progress {
		width: 12rem;
	}

	.trouble {
		color: var(--color-error);
		font-weight: 600;
	}

	@media print {
		p {
			display: none;
		}
	}
</style>
