<script lang="ts">
	import type { Failure } from '$lib/core/index.ts';
	import type { Session } from '$lib/store/session.svelte.ts';
	import KeepingTrouble from '../KeepingTrouble.svelte';

	interface Props {
		session: Session;
		error: Failure;
		/** What was done and is not kept. */
		title: string;
	}

	let { session, error, title }: Props = $props();
</script>

<section role="alert">
	<h2>What you did is not kept</h2>
	<p>Go no further here until it is: {title} waits.</p>
	<KeepingTrouble {session} {error} />
</section>

<style>
	section {
		display: grid;
		gap: 0.8rem;
		padding: 0.8rem 1rem;
		border-left: 6px solid var(--brick);
		background: color-mix(in srgb, var(--brick) 12%, var(--color-base-100));
	}

	section :global(button) {
		min-height: 52px;
		font-size: var(--text-base);
	}

	h2 {
		font-size: var(--text-2xl);
		line-height: 1.15;
	}
</style>
