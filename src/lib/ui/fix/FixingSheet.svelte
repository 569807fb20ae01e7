<script lang="ts">
	import {
		bitIn,
		fixingOf,
		formatLength,
		formatMessage,
		hookOf,
		NEVER,
		SUITS,
		TOOLS,
		type Ground,
		type HookKind,
		type Styles
	} from '$lib/core/index.ts';

	interface Props {
		kind: HookKind;
		ground: Ground;
		styles: Styles;
	}

	let { kind, ground, styles }: Props = $props();

	const fixing = $derived(fixingOf(kind));
	const bit = $derived(bitIn(fixing, ground));
	const reuse = {
		again: 'can be used again',
		'in place': 'stays in the wall; its screw can be used again',
		once: 'used once'
	};
</script>

<h4>{hookOf(kind).name}</h4>
<p>{SUITS[kind]}</p>
<ol>
	{#each fixing.steps as step (step)}<li>{step}</li>{/each}
</ol>
<dl>
	{#if bit}
		<dt>Bit</dt>
		<dd class="measure">{formatLength(bit, styles.lead)}</dd>
	{/if}
	{#if fixing.grip}
		<dt>Grips</dt>
		<dd class="measure">
			{formatLength(fixing.grip.least, styles.lead)} to {formatLength(
				fixing.grip.most,
				styles.lead
			)}
		</dd>
	{/if}
	{#if fixing.sizes}
		<dt>Sizes</dt>
		<dd>
			{#each fixing.sizes as { bit: wide, long, takes } (long)}
				<span class="size">
					<span class="measure">{formatLength(long, styles.lead)}</span> long, bit
					<span class="measure">{formatLength(wide, styles.lead)}</span>: {formatMessage(
						takes,
						styles.lead
					)}
				</span>
			{/each}
		</dd>
	{/if}
	{#if fixing.clearanceDepth > 0}
		<dt>Needs behind</dt>
		<dd class="measure">{formatLength(fixing.clearanceDepth, styles.lead)}</dd>
	{/if}
	{#if fixing.tools.length > 0}
		<dt>Tools</dt>
		<dd>{fixing.tools.map((tool) => TOOLS[tool]).join(', ')}</dd>
	{/if}
	<dt>After</dt>
	<dd>{reuse[fixing.reusable]}; leaves {fixing.damage.is}. {fixing.damage.mend}</dd>
	{#if fixing.mistakes.length > 0}
		<dt>Goes wrong</dt>
		<dd>{fixing.mistakes.join(' ')}</dd>
	{/if}
	<dt>Not for</dt>
	<dd>{[...fixing.never, NEVER].join(' ')}</dd>
</dl>

<style>
	h4 {
		margin-top: 0.4rem;
		font-weight: 600;
	}

	ol {
		padding-left: 1.2rem;
		list-style: decimal;
	}

	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0.15rem 0.6rem;
		margin-top: 0.3rem;
	}

	.size {
		display: block;
	}

	dt {
		color: var(--graphite-soft);
	}
</style>
