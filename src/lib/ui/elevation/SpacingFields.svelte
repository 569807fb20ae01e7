<script lang="ts">
	import type { Gap, Styles } from '$lib/core/index.ts';
	import LengthField from '../field/LengthField.svelte';
	import { toMakeGap, type SpacingLabel } from './spacing-labels.ts';

	interface Props {
		labels: readonly SpacingLabel[];
		letter: string;
		styles: Styles;
		onshift: (dx: number, dy: number) => void;
	}

	let { labels, letter, styles, onshift }: Props = $props();

	/** What is being typed; the piece moves when the field is left, as it would run from under the hand. */
	let typed: { gap: Gap; mm: number } | null = null;

	function settle() {
		if (!typed) return;
		const { dx, dy } = toMakeGap(typed.gap, typed.mm);
		typed = null;
		onshift(dx, dy);
	}

	const WORDS = {
		left: 'left of',
		right: 'right of',
		above: 'above',
		below: 'below'
	} as const;
</script>

{#each labels as { gap, x, y, width, size, alike } (gap.side)}
	<div
		class="field"
		class:alike
		role="presentation"
		onkeydowncapture={({ key }) => key === 'Escape' && (typed = null)}
		style:left="{x}px"
		style:top="{y}px"
		style:width="{width + 4}px"
	>
		<LengthField
			compact
			zero
			label="Gap {WORDS[gap.side]} {letter}"
			value={size}
			{styles}
			onvalue={(mm) => (typed = { gap, mm })}
			onseal={settle}
		/>
	</div>
{/each}

<style>
	.field {
		position: absolute;
		transform: translate(-50%, -50%);
	}

	.alike :global(input) {
		color: var(--tape-blue-ink);
		text-decoration: underline double;
	}
</style>
