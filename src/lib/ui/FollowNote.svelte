<script lang="ts">
	import { Eye } from '@lucide/svelte';
	import type { Session } from '$lib/store/session.svelte.ts';

	/** Another window edits: it is said, louder once somebody tries to change something here. */
	let { session }: { session: Session } = $props();
</script>

<div class="follow" class:tried={session.refused > 0} role="status">
	<Eye size={18} aria-hidden="true" />
	<span>
		{session.refused > 0
			? 'Nothing was changed: another window edits this project.'
			: 'Another window edits this project. This one follows.'}
	</span>
	<button class="btn btn-primary btn-sm" type="button" onclick={() => void session.takeOver()}>
		Work here
	</button>
</div>

<style>
	.follow {
		position: fixed;
		z-index: 40;
		bottom: 5.2rem;
		left: 0.8rem;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.3rem 0.7rem;
		width: max-content;
		max-width: calc(100vw - 1rem);
		padding: 0.4rem 0.6rem 0.4rem 0.9rem;
		border-top: 6px solid var(--tape-blue);
		background: var(--color-base-100);
		box-shadow: 2px 6px 14px rgb(47 38 32 / 30%);
		font-size: var(--text-sm);
	}

	/* There the thumb’s buttons are at the bottom. */
	@media (width < 56rem) {
		.follow {
			top: 3.7rem;
			bottom: auto;
			left: 0.5rem;
		}
	}

	.tried {
		border-top-color: var(--marigold);
	}

	@media print {
		.follow {
			display: none;
		}
	}
</style>
