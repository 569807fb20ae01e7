<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Snippet } from 'svelte';
	import type { Drawing, PaperPage, Result } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import type { Chooser } from '../fix/chooser.svelte.ts';
	import NotChecked from '../fix/NotChecked.svelte';
	import WorkFailed from '../WorkFailed.svelte';
	import PaperPages from './PaperPages.svelte';
	import SaveTools from './SaveTools.svelte';

	interface Props {
		wallId: string;
		/** What is printed, in a word. */
		what: string;
		/** null while it is being made. */
		made: Result<readonly PaperPage[]> | null;
		/** Tells whether the fixings of what is printed are known. */
		chooser?: Chooser;
		/** Why the pages could not be made; null where they were, or that is under way. */
		failed?: string | null;
		onretry?: () => void;
		/** What the pages are printed on. */
		on: string;
		/** Without its extension, what each file of drawings is called, and what it shows. */
		drawings: () => { name: string; drawing: Drawing }[];
		/** Said where there is nothing to print. */
		none: string;
		/** Few pages, to be read on the screen. */
		large?: boolean;
		/** What to know before it is printed. */
		children?: Snippet<[readonly PaperPage[]]>;
	}

	let {
		wallId,
		what,
		made,
		chooser,
		failed = null,
		onretry = () => undefined,
		on,
		drawings,
		none,
		large = false,
		children
	}: Props = $props();

	const session = $derived(getSession()());
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const title = $derived(`${session.project.name} · ${wall?.name ?? ''}: ${what}`);
	const pages = $derived(made?.ok && made.value.length > 0 ? made.value : null);
</script>

<svelte:head><title>{title}</title></svelte:head>

<h1 class="sr-only">{title}</h1>
<SaveTools {pages} {title} names={[session.project.name, wall?.name ?? '', what]} {on} {drawings}>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: session.id, wall: wallId })}>
		‹ Back to the marks
	</a>
</SaveTools>
<!-- On paper each piece that is not checked says so itself. -->
{#if chooser}<div class="on-screen"><NotChecked {chooser} /></div>{/if}
{#if failed}
	<WorkFailed cause={failed} {onretry} />
{:else if pages}
	{#if children}<p>{@render children(pages)}</p>{/if}
	<PaperPages {pages} {large} />
{:else if made?.ok === false}
	<p class="trouble" role="alert">{made.error.message}</p>
{:else if made}
	<p>{none}</p>
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

	.on-screen {
		max-width: 40rem;
		margin: 0 auto;
		padding: 0 1rem;
	}

	@media print {
		p,
		.on-screen {
			display: none;
		}
	}
</style>
