<script lang="ts">
	import Foot from './Foot.svelte';
	import Others from './Others.svelte';
	import Says from './Says.svelte';
	import type { ScreenProps } from './screen.ts';

	let { day, item, group, onnext, onback, more }: ScreenProps = $props();

	const { step, waitsFor } = $derived(item);

	function done() {
		for (const each of group) day.tell({ what: 'done', step: each.step.id });
		onnext();
	}
</script>

<Says says={step.says} styles={day.styles} />
<Others {group} styles={day.styles} />
<Foot label="Done, next" disabled={waitsFor.length > 0} onact={done} {onback} {more} />
