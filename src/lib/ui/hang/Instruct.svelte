<script lang="ts">
	import type { Snippet } from 'svelte';
	import { formatMessage, type Instruction, type Styles } from '$lib/core/index.ts';

	interface Props {
		told: Instruction;
		styles: Styles;
		children?: Snippet;
	}

	let { told, styles, children }: Props = $props();
</script>

<div class={['told', told.fine && 'fine']} role="status">
	<p class="one">{formatMessage(told.says, styles.lead)}</p>
	{#if told.or}<p>{formatMessage(told.or, styles.lead)}</p>{/if}
	{#if children}<div class="acts">{@render children()}</div>{/if}
</div>

<style>
	.told {
		display: grid;
		gap: 0.3rem;
		padding: 0.6rem 0.9rem;
		border-left: 6px solid var(--marigold);
		background: color-mix(in srgb, var(--marigold) 14%, var(--color-base-100));
		line-height: 1.3;
	}

	.fine {
		border-color: var(--moss-ink);
		background: color-mix(in srgb, var(--moss-ink) 12%, var(--color-base-100));
	}

	.one {
		font-size: var(--text-xl);
		font-weight: 600;
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
	}

	.acts :global(button) {
		min-height: 48px;
		padding: 0 1rem;
		border: 1.5px solid currentcolor;
		border-radius: 0.6rem;
		font-weight: 600;
		cursor: pointer;
	}
</style>
