<script lang="ts">
	import type { Session } from '$lib/store/session.svelte.ts';

	interface Props {
		session: Session;
		/** What is not kept is told elsewhere on the page. */
		word?: boolean;
	}

	let { session, word = false }: Props = $props();

	const { keeping } = $derived(session);
	const words = { kept: 'kept', keeping: 'keeping…', failed: 'not kept' };
</script>

<span
	class="note"
	class:failed={keeping.state === 'failed'}
	class:kept={keeping.state === 'kept'}
	role={keeping.state === 'failed' ? 'status' : undefined}
	data-testid="keeping"
>
	{words[keeping.state]}
</span>
{#if keeping.state === 'failed' && !word}
	{@const { error } = keeping}
	{#await import('./KeepingTrouble.svelte') then { default: KeepingTrouble }}
		<div class="banner" role="alert"><KeepingTrouble {session} {error} /></div>
	{/await}
{/if}

<style>
	.note {
		color: var(--umber-soft);
		font-size: var(--text-xs);
	}

	.note.failed {
		color: var(--brick-on-dark);
		font-weight: 600;
	}

	/* Kept is what is expected: it is told where there is room. */
	@media (width < 26rem) {
		.note.kept {
			position: absolute;
			overflow: hidden;
			width: 1px;
			height: 1px;
			clip-path: inset(50%);
		}
	}

	.banner {
		position: fixed;
		z-index: 40;
		top: 4.2rem;
		left: 50%;
		display: flex;
		flex-wrap: wrap;
		gap: 0.8rem;
		align-items: center;
		width: min(46rem, 94vw);
		padding: 0.7rem 1rem;
		transform: translateX(-50%);
		border-left: 6px solid var(--brick);
		background: var(--color-base-100);
		color: var(--color-base-content);
		box-shadow: 0 4px 16px rgb(47 38 32 / 30%);
	}
</style>
