<script lang="ts">
	import { formatMass, parseMass, type HouseRules } from '$lib/core/index.ts';
	import QuantityField from './QuantityField.svelte';

	interface Props {
		label: string;
		/** kg; null when not weighed. */
		value: number | null;
		units: HouseRules['units'];
		onvalue: (kg: number | null) => void;
		onseal?: () => void;
		help?: string;
		compact?: boolean;
		/** What stands there while nothing is known. */
		placeholder?: string;
	}

	let { units, placeholder = 'not weighed', ...rest }: Props = $props();

	const unit = $derived(units === 'in' ? 'lb' : 'kg');
	const other = $derived(units === 'in' ? 'kg' : 'lb');
</script>

<QuantityField
	{...rest}
	optional
	{placeholder}
	read={(text) => parseMass(text, unit)}
	write={(kg) => formatMass(kg, unit)}
	echo={(kg) => `${formatMass(kg, unit)} · ${formatMass(kg, other)}`}
/>
