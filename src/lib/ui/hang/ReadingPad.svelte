<script lang="ts">
	import { Gauge } from '@lucide/svelte';
	import type { Snippet } from 'svelte';
	import { formatLength, readLength, type Styles } from '$lib/core/index.ts';
	import { MAKES } from '$lib/instruments/makes.ts';
	import { simulated } from '$lib/instruments/simulated.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { keysFor } from './keypad.ts';

	interface Props {
		label: string;
		/** mm as read so far; null for not read. */
		value: number | null;
		styles: Styles;
		onvalue: (mm: number | null, simulated: boolean) => void;
		/** What a simulated laser would read here, mm; none where there is none. */
		truth?: number;
		/** Why it is not taken. */
		trouble?: string | null;
		/** What the reading tells, between it and the keys. */
		children?: Snippet;
	}

	let { label, value, styles, onvalue, truth, trouble = null, children }: Props = $props();

	const session = $derived(getSession()());
	const uid = $props.id();
	let typed = $state('');
	let error: string | null = $state(null);
	const keys = $derived(keysFor(styles.lead));
	const shown = $derived(typed !== '' || value === null ? typed : formatLength(value, styles.lead));
	const echo = $derived(value === null ? '' : formatLength(value, styles.other));

	function take(text: string) {
		typed = text;
		if (text.trim() === '') {
			error = null;
			onvalue(null, false);
			return;
		}
		const read = readLength(text, styles.lead.unit === 'mm' ? 'mm' : 'in');
		error = read.ok ? null : read.error.message;
		onvalue(read.ok ? read.value : null, false);
	}

	function measure() {
		const reading = simulated(MAKES.laser, truth!, Math.random).read();
		error = reading.ok ? null : reading.error.message;
		if (!reading.ok) return;
		typed = '';
		onvalue(reading.value, true);
	}
</script>

<div class="pad">
	<label class="field-label" for={uid}>{label}</label>
	<div class="row">
		<input
			id={uid}
			class="measure"
			type="text"
			inputmode="none"
			autocomplete="off"
			value={shown}
			aria-invalid={error || trouble ? 'true' : undefined}
			aria-describedby="{uid}-said"
			oninput={(event) => take(event.currentTarget.value)}
		/>
		<span class="measure echo">{echo}</span>
		{#if truth !== undefined && session.simulates}
			<button
				class="laser"
				type="button"
				aria-label="{label}: read it with a simulated laser"
				onclick={measure}
			>
				<Gauge size={20} aria-hidden="true" /> simulated<br />laser
			</button>
		{/if}
	</div>
	{@render children?.()}
	<p class="error" id="{uid}-said" aria-live="polite">{error ?? trouble ?? ''}</p>
	<div class="keys" role="group" aria-label="Keys">
		{#each keys as key (key.label)}
			<button
				class={['measure', key.kind]}
				type="button"
				aria-label={key.spoken === key.label ? undefined : key.spoken}
				onclick={() => take(key.press(typed))}
			>
				{key.label}
			</button>
		{/each}
	</div>
</div>

<style>
	.row {
		display: flex;
		gap: 0.4rem 0.6rem;
		align-items: center;
	}

	input {
		flex: 1;
		width: 8rem;
		min-height: 3.4rem;
		padding: 0 0.7rem;
		border: 2px solid var(--graphite-soft);
		border-radius: 0.5rem;
		background: var(--color-base-100);
		font-size: var(--text-3xl);
	}

	.echo {
		min-width: 3.5rem;
		color: var(--graphite-soft);
		font-size: var(--text-xl);
	}

	.laser {
		display: flex;
		gap: 0.3rem;
		align-items: center;
		min-height: 48px;
		margin-left: auto;
		padding: 0 0.7rem;
		border: 1.5px solid var(--graphite-soft);
		border-radius: 0.5rem;
		font-size: var(--text-base);
		line-height: 1.05;
		text-align: left;
		cursor: pointer;
	}

	.error {
		color: var(--color-error);
		font-size: var(--text-base);
		font-weight: 600;
	}

	.keys {
		display: grid;
		margin-top: 0.4rem;
		grid-template-columns: repeat(4, 1fr);
		gap: 0.35rem;
	}

	.keys button {
		min-height: 48px;
		border-radius: 0.4rem;
		background: var(--color-base-300);
		font-size: var(--text-2xl);
		cursor: pointer;
	}

	.keys .share {
		background: var(--boxwood);
		color: var(--boxwood-ink);
	}

	.keys .act {
		background: transparent;
		border: 1.5px solid var(--graphite-soft);
	}
</style>
