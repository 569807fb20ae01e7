<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { FileDown, Shapes } from '@lucide/svelte';
	import { drawTemplate, SHEETS, stylesOf } from '$lib/core/index.ts';
	import { download } from '$lib/files/download.ts';
	import { fileName } from '$lib/files/file-name.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { Chooser } from '$lib/ui/fix/chooser.svelte.ts';
	import PaperPages from '$lib/ui/paper/PaperPages.svelte';
	import { PdfMaker } from '$lib/ui/paper/pdf-maker.svelte.ts';
	import { Printer } from '$lib/ui/paper/printer.svelte.ts';
	import SheetTools from '$lib/ui/sheet/SheetTools.svelte';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';

	const session = $derived(getSession()());
	const bones = $derived(getBones()());
	const wallId = $derived(page.params.wall!);
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const chooser = new Chooser(() => ({ session, bones, wallId, all: false }));
	const wanted = $derived(page.url.searchParams.get('of')?.split(','));
	const printer = new Printer(() => ({
		...{ session, wallId, fixes: chooser.fixes },
		wanted: (letter) => wanted?.includes(letter) ?? true
	}));
	const pages = $derived(printer.answer?.ok ? printer.answer.value : null);
	const pdf = new PdfMaker();
	$effect(() => () => pdf.stop());

	const title = $derived(`${session.project.name} · ${wall?.name ?? ''}: templates`);
	const named = (...more: string[]) => [session.project.name, wall!.name, 'templates', ...more];

	function savePdf() {
		if (!pages) return;
		const on = printer.on === 'roll' ? 'roll' : SHEETS[printer.on].name;
		pdf.save(fileName(named(on), 'pdf'), { pages, title });
	}

	/** One file for each piece; several go into a zip. */
	async function saveDrawings(extension: 'svg' | 'dxf') {
		const { drawingsFile } = await import('$lib/files/true-size/drawings-file.ts');
		const drawings = printer.templates.map((template) => ({
			name: fileName(named(template.letter), extension),
			drawing: drawTemplate(template, styles)
		}));
		const { name, content, type } = drawingsFile(
			drawings,
			extension,
			fileName(named(extension), 'zip')
		);
		download(name, content, type);
	}
</script>

<svelte:head><title>{title}</title></svelte:head>

<SheetTools>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: session.id, wall: wallId })}>
		‹ Back to the marks
	</a>
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
	<p class="told" role="status">
		<progress class="progress" max={pdf.progress.of} value={pdf.progress.done}></progress>
		Writing page {pdf.progress.done} of {pdf.progress.of}
		<button class="btn btn-sm" type="button" onclick={() => pdf.stop()}>Stop</button>
	</p>
{:else if pdf.failed}
	<p class="told trouble" role="alert">The PDF could not be written: {pdf.failed}.</p>
{/if}
{#if pages}
	<p class="told">
		{pages.length}
		{pages.length === 1 ? 'page' : 'pages'}. Print at 100 %, then measure both bars on a page before
		you cut.
	</p>
	<PaperPages {pages} />
{:else if printer.answer?.ok === false}
	<p class="told trouble" role="alert">{printer.answer.error.message}</p>
{:else if printer.templates.length === 0}
	<p class="told">No piece to print the paper of: choose some in Mark.</p>
{:else}
	<p class="told" role="status">Laying them out…</p>
{/if}

<style>
	.told {
		display: flex;
		flex-wrap: wrap;
		gap: 0.7rem;
		align-items: center;
		justify-content: center;
		padding: 0 1rem 1rem;
		text-align: center;
	}

	.progress {
		width: 12rem;
	}

	.trouble {
		color: var(--color-error);
		font-weight: 600;
	}

	@media print {
		.told {
			display: none;
		}
	}
</style>
