<script lang="ts">
	import {
		formatLength,
		offerOtherUnit,
		readLength,
		type LengthUnit,
		type Styles
	} from '$lib/core/index.ts';
	import { fail } from '../said.ts';
	import QuantityField from './QuantityField.svelte';

	interface Props {
		label: string;
		/** mm; null when not known. */
		value: number | null;
		styles: Styles;
		onvalue: (mm: number) => void;
		onseal?: () => void;
		/** Enter goes on by itself; without it, it leaves the field. */
		onenter?: () => void;
		/** An empty field means there is none. */
		onempty?: () => void;
		/** Believable values, mm. */
		plausible?: { min: number; max: number };
		/** Values below zero are allowed. */
		signed?: boolean;
		/** Zero is allowed. */
		zero?: boolean;
		help?: string;
		trouble?: string | null;
		compact?: boolean;
		assumed?: boolean;
	}

	let {
		label,
		value,
		styles,
		onvalue,
		plausible = { min: 0, max: 20_000 },
		signed = false,
		zero = false,
		onempty,
		...rest
	}: Props = $props();

	const unit: LengthUnit = $derived(styles.lead.unit === 'mm' ? 'mm' : 'in');

	function read(text: string) {
		const result = readLength(text, unit);
		if (!result.ok) return result;
		if (!signed && (result.value < 0 || (result.value === 0 && !zero))) return fail('not-positive');
		return result;
	}

	function offer(text: string) {
		const other = offerOtherUnit(text, unit, plausible);
		return other && { label: `${text.trim()} ${other.unit}`, value: other.mm };
	}

	const write = (mm: number) => formatLength(mm, styles.lead);
	const echo = (mm: number) =>
		`${formatLength(mm, styles.lead)} · ${formatLength(mm, styles.other)}`;
</script>

<QuantityField
	{...rest}
	{label}
	{value}
	{read}
	{write}
	{echo}
	{offer}
	optional={onempty !== undefined}
	onvalue={(mm) => (mm === null ? onempty?.() : onvalue(mm))}
/>
