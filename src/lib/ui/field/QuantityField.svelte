<script lang="ts">
	import type { Result } from '$lib/core/index.ts';

	interface Props {
		label: string;
		value: number | null;
		read: (text: string) => Result<number>;
		write: (value: number) => string;
		/** The value as understood, in both unit families. */
		echo: (value: number) => string;
		/** Another reading of the text, when the first is hard to believe. */
		offer?: (text: string) => { label: string; value: number } | null;
		onvalue: (value: number | null) => void;
		onseal?: () => void;
		/** Enter goes on by itself; without it, it leaves the field. */
		onenter?: () => void;
		/** An empty field means "not known". */
		optional?: boolean;
		help?: string;
		/** Trouble found elsewhere that belongs to this field. */
		trouble?: string | null;
		/** Small, for a dimension on a drawing: the label is only spoken. */
		compact?: boolean;
		/** Nobody has measured it yet. */
		assumed?: boolean;
		placeholder?: string;
	}

	let {
		label,
		value,
		read,
		write,
		echo,
		offer,
		onvalue,
		onseal,
		onenter,
		optional = false,
		help,
		trouble = null,
		compact = false,
		assumed = false,
		placeholder = ''
	}: Props = $props();

	const uid = $props.id();
	let typed: string | null = $state(null);
	let focused = $state(false);

	const text = $derived(typed ?? (value === null ? '' : write(value)));
	const understood = $derived.by((): Result<number> | null => {
		if (typed === null || (optional && typed.trim() === '')) return null;
		return read(typed);
	});
	const ownError = $derived(understood && !understood.ok ? understood.error.message : null);
	const error = $derived(ownError ?? trouble);
	const other = $derived(typed === null ? null : (offer?.(typed) ?? null));
	const said = $derived(
		understood?.ok ? echo(understood.value) : value === null || typed !== null ? '' : echo(value)
	);

	function input(event: Event & { currentTarget: HTMLInputElement }) {
		typed = event.currentTarget.value;
		if (optional && typed.trim() === '') onvalue(null);
		else {
			const result = read(typed);
			if (result.ok) onvalue(result.value);
		}
	}

	function settle() {
		focused = false;
		if (ownError) return;
		typed = null;
		onseal?.();
	}

	function accept(value: number) {
		onvalue(value);
		typed = null;
		onseal?.();
	}

	function keydown(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
		if (event.key === 'Enter') {
			if (!onenter) event.currentTarget.blur();
			else if (!ownError) {
				event.preventDefault();
				settle();
				focused = true;
				onenter();
			}
		}
		if (event.key === 'Escape') {
			typed = null;
			event.currentTarget.blur();
		}
	}
</script>

<div class={['field', compact && 'compact']}>
	<label for={uid} class={compact ? 'sr-only' : 'field-label block'}>{label}</label>
	<input
		id={uid}
		class={['measure', assumed && !error && 'assumed', error && 'wrong']}
		type="text"
		inputmode="text"
		autocomplete="off"
		spellcheck="false"
		{placeholder}
		value={text}
		aria-invalid={error ? 'true' : undefined}
		aria-describedby="{uid}-said"
		title={compact ? `${label}${help ? `: ${help.toLowerCase()}` : ''}` : undefined}
		oninput={input}
		onkeydown={keydown}
		onfocus={(event) => {
			focused = true;
			event.currentTarget.select();
		}}
		onblur={settle}
	/>
	<div
		id="{uid}-said"
		class="said"
		class:shown={focused || error}
		aria-live={focused || error ? 'polite' : 'off'}
	>
		{#if error}
			<p class="error">{error}</p>
		{:else}
			{#if compact}<p class="what">{label}{assumed ? ' · assumed' : ''}</p>{/if}
			{#if said}<p class="measure">{said}</p>{/if}
			{#if help}<p class="help">{help}</p>{/if}
		{/if}
		{#if other}
			<button
				type="button"
				class="offer"
				onmousedown={(event) => event.preventDefault()}
				onclick={() => accept(other.value)}
			>
				Read as {other.label}
			</button>
		{/if}
	</div>
</div>

<style>
	.field {
		position: relative;
	}

	input {
		width: 100%;
		min-height: 2.5rem;
		padding: 0.1rem 0.6rem;
		border: 1.5px solid var(--graphite-soft);
		border-radius: 0.3rem;
		background: var(--color-base-100);
		color: var(--color-base-content);
		font-size: var(--text-xl);
	}

	input.assumed {
		border-style: dashed;
		font-style: italic;
	}

	input.wrong {
		border-color: var(--color-error);
		border-width: 2px;
	}

	.said {
		min-height: 1.2rem;
		font-size: var(--text-xs);
		line-height: 1.25;
		color: var(--graphite-soft);
	}

	.help {
		display: none;
	}

	.said.shown .help {
		display: block;
	}

	.error {
		color: var(--color-error);
		font-weight: 600;
	}

	.offer {
		margin-top: 0.2rem;
		padding: 0.15rem 0.6rem;
		border: 1.5px solid var(--color-primary);
		border-radius: 1rem;
		color: var(--color-primary);
		font-weight: 600;
		cursor: pointer;
	}

	.compact input {
		min-height: 1.75rem;
		padding: 0;
		border-color: transparent;
		background: color-mix(in srgb, var(--color-base-100) 92%, transparent);
		font-size: var(--text-lg);
		text-align: center;
		cursor: text;
	}

	.compact input:hover,
	.compact input:focus {
		border-color: var(--tape-blue-ink);
		border-style: solid;
		color: var(--tape-blue-ink);
	}

	.compact input.assumed {
		border-color: var(--graphite-soft);
	}

	.compact input.wrong {
		border-color: var(--color-error);
		color: var(--color-error);
	}

	.compact .said {
		display: none;
		position: absolute;
		z-index: 30;
		top: 100%;
		left: 50%;
		width: max-content;
		max-width: 15rem;
		margin-top: 0.25rem;
		padding: 0.35rem 0.6rem;
		transform: translateX(-50%);
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.4rem;
		background: var(--color-base-100);
		color: var(--color-base-content);
		box-shadow: 0 3px 10px rgb(47 38 32 / 20%);
	}

	.compact:focus-within .said {
		display: block;
	}

	.what {
		font-weight: 600;
	}
</style>
