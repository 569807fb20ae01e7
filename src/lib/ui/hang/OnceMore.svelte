<script lang="ts">
	import { say, type LengthStyle } from '$lib/core/index.ts';

	interface Props {
		/** What is asked about once; null for nothing. */
		odd: string | null;
		style: LengthStyle;
		kept: boolean;
	}

	let { odd, style, kept = $bindable() }: Props = $props();

	/** Another reading is asked about anew. */
	$effect(() => {
		void odd;
		kept = false;
	});
</script>

{#if odd !== null}
	<p role="alert">
		{say(odd, style)}
		<button type="button" aria-pressed={kept} onclick={() => (kept = !kept)}>
			{kept ? 'Kept' : 'Yes, keep it'}
		</button>
	</p>
{/if}

<style>
	p {
		display: flex;
		gap: 0.8rem;
		align-items: center;
		justify-content: space-between;
		padding: 0.4rem 0.8rem;
		border-left: 6px solid var(--brick);
		background: color-mix(in srgb, var(--brick) 12%, var(--color-base-100));
		font-weight: 600;
	}

	button {
		min-height: 48px;
		padding: 0 1rem;
		border: 1.5px solid currentcolor;
		border-radius: 0.6rem;
		cursor: pointer;
	}
</style>
