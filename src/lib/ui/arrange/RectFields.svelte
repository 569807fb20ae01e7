<script lang="ts">
	import type { Rect, Styles } from '$lib/core/index.ts';
	import LengthField from '../field/LengthField.svelte';

	interface Props {
		rect: Rect;
		styles: Styles;
		onrect: (rect: Rect) => void;
		onseal?: () => void;
	}

	let { rect, styles, onrect, onseal }: Props = $props();

	const fields = [
		{ key: 'x', label: 'From the left', zero: true },
		{ key: 'y', label: 'Up from the floor', zero: true },
		{ key: 'width', label: 'Width', zero: false },
		{ key: 'height', label: 'Height', zero: false }
	] as const;
</script>

<div class="field-pair">
	{#each fields as { key, label, zero } (key)}
		<LengthField
			{label}
			{zero}
			{styles}
			value={rect[key]}
			onvalue={(mm) => onrect({ ...rect, [key]: mm })}
			{onseal}
		/>
	{/each}
</div>
