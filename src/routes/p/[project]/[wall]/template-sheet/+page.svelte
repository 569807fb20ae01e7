<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { drawTemplate, SHEETS, stylesOf } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { Chooser } from '$lib/ui/fix/chooser.svelte.ts';
	import PaperPages from '$lib/ui/paper/PaperPages.svelte';
	import { Printer } from '$lib/ui/paper/printer.svelte.ts';
	import SaveTools from '$lib/ui/paper/SaveTools.svelte';
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
	const title = $derived(`${session.project.name} · ${wall?.name ?? ''}: templates`);
	const drawings = () =>
		printer.templates.map((template) => ({
			name: template.letter,
			drawing: drawTemplate(template, styles)
		}));
</script>

<svelte:head><title>{title}</title></svelte:head>

<SaveTools
	{pages}
	{title}
	names={[session.project.name, wall?.name ?? '', 'templates']}
	on={printer.on === 'roll' ? 'roll' : SHEETS[printer.on].name}
	{drawings}
>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: session.id, wall: wallId })}>
		‹ Back to the marks
	</a>
</SaveTools>
{#if pages}
	<p>
		{pages.length}
		{pages.length === 1 ? 'page' : 'pages'}. Print at 100 %, then measure both bars on a page before
		you cut.
	</p>
	<PaperPages {pages} />
{:else if printer.answer?.ok === false}
	<p class="trouble" role="alert">{printer.answer.error.message}</p>
{:else if printer.templates.length === 0}
	<p>No piece to print the paper of: choose some in Mark.</p>
{:else}
	<p role="status">Laying them out…</p>
{/if}

<style>
	p {
		padding: 0 1rem 1rem;
		text-align: center;
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
