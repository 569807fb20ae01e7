<script lang="ts">
	import { formatMessage, type LengthStyle, type OddReading } from '$lib/core/index.ts';

	interface Props {
		/** What is asked about once; null for nothing. */
		odd: OddReading | null;
		style: LengthStyle;
		kept: boolean;
	}

	let { odd, style, kept = $bindable() }: Props = $props();

	/** Another reading is asked about anew. */
	const said = $derived(odd?.says);
	$effect(() => {
		void said;
		kept = false;
	});
</script>

{#if odd !== null}
	<p role="alert">
		{formatMessage(odd.says, style)}
		{#if !odd.refused}
			<button type="button" aria-pressed={kept} onclick={() => (kept = !kept)}>
				{kept ? 'Kept' : 'Yes, keep it'}
			</button>
		{/if}
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
