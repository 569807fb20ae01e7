<script lang="ts">
	interface Props {
		/** Why it was skipped; null where it was not. */
		skipped: string | null;
		onskip: (why: string) => void;
	}

	let { skipped, onskip }: Props = $props();

	const REASONS = ['Done before', 'Not needed here', 'Another day'];
	const uid = $props.id();
	let open = $state(false);
	let why = $state('');
	let trouble = $state('');

	function skip(reason: string) {
		if (reason.trim() === '') trouble = 'Say why, in a word or two: it is kept.';
		else onskip(reason.trim());
	}
</script>

{#if !open}
	<button class="open" type="button" onclick={() => (open = true)}>
		{skipped === null ? 'Skip' : `Skipped: ${skipped}`}
	</button>
{:else}
	<div class="why">
		<p>Why is it skipped?</p>
		{#each REASONS as reason (reason)}
			<button type="button" onclick={() => skip(reason)}>{reason}</button>
		{/each}
		<label class="sr-only" for={uid}>Another reason</label>
		<input
			id={uid}
			type="text"
			maxlength="120"
			placeholder="another reason"
			bind:value={why}
			aria-invalid={trouble ? 'true' : undefined}
			aria-describedby="{uid}-said"
		/>
		<button type="button" onclick={() => skip(why)}>Skip it</button>
		<p class="trouble" id="{uid}-said" aria-live="polite">{trouble}</p>
	</div>
{/if}

<style>
	button,
	input {
		min-height: 48px;
		padding: 0 0.9rem;
		border: 1.5px solid var(--graphite-soft);
		border-radius: 0.6rem;
		background: var(--color-base-100);
	}

	button {
		cursor: pointer;
	}

	.open {
		padding: 0 0.2rem;
		border-color: transparent;
		background: transparent;
		color: var(--graphite-soft);
		text-decoration: underline;
		text-underline-offset: 3px;
	}

	.why {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		width: 100%;
	}

	p {
		width: 100%;
	}

	.trouble {
		color: var(--color-error);
		font-size: var(--text-base);
	}
</style>
