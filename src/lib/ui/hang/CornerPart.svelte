<script lang="ts">
	import { bumperInstruction } from '$lib/core/index.ts';
	import Segments from '../Segments.svelte';
	import type { Day } from './day.svelte.ts';
	import Instruct from './Instruct.svelte';
	import ReadingPad from './ReadingPad.svelte';

	let { day }: { day: Day } = $props();

	let corner: 'left' | 'right' = $state('left');
	let stands: number | null = $state(null);
	const { styles } = $derived(day);
	const told = $derived(stands === null ? null : bumperInstruction(corner, stands));
</script>

<Segments
	label="Which lower corner stands off the wall?"
	named
	options={[
		{ value: 'left', label: 'lower left' },
		{ value: 'right', label: 'lower right' }
	]}
	value={corner}
	onchoose={(value) => (corner = value)}
/>
<ReadingPad
	label="It stands off the wall by"
	value={stands}
	{styles}
	onvalue={(mm) => (stands = mm)}
>
	{#if told}<Instruct {told} {styles} />{/if}
</ReadingPad>
