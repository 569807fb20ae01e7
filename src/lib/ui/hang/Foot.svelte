<script lang="ts">
	import { onMount, type Snippet } from 'svelte';
	import { tinykeys } from 'tinykeys';

	interface Props {
		label: string;
		disabled?: boolean;
		onact: () => void;
		onback: () => void;
		more: Snippet;
	}

	let { label, disabled = false, onact, onback, more }: Props = $props();

	/** A pedal or a clicker that turns pages works without a hand on the phone. */
	onMount(() => {
		const does = (act: () => void) => (event: KeyboardEvent) => {
			if (event.target instanceof HTMLInputElement) return;
			event.preventDefault();
			act();
		};
		return tinykeys(window, {
			PageDown: does(() => !disabled && onact()),
			PageUp: does(() => onback())
		});
	});
</script>

<div class="foot">
	<div class="more">{@render more()}</div>
	<button class="back" type="button" onclick={onback}>Back</button>
	<button class="act" type="button" {disabled} onclick={onact}>{label}</button>
</div>

<style>
	.foot {
		position: sticky;
		z-index: 5;
		bottom: 0;
		display: grid;
		grid-template-columns: 1fr 2.2fr;
		gap: 0.6rem;
		margin: auto -1rem 0;
		padding: 0.6rem 1rem calc(0.8rem + env(safe-area-inset-bottom));
		background: var(--color-base-200);
		box-shadow: 0 -8px 8px -8px rgb(47 38 32 / 25%);
	}

	.more {
		display: flex;
		flex-wrap: wrap;
		grid-column: span 2;
		gap: 0.4rem;
		align-items: center;
	}

	.foot > button {
		min-height: 4rem;
		border-radius: 0.9rem;
		font-size: var(--text-lg);
		font-weight: 700;
		cursor: pointer;
	}

	.back {
		background: var(--boxwood);
		color: var(--boxwood-ink);
	}

	.act {
		background: var(--color-primary);
		color: var(--color-primary-content);
	}

	.act:disabled {
		background: var(--color-base-300);
		color: var(--graphite-soft);
		cursor: default;
	}
</style>
