<script lang="ts">
	import Foot from './Foot.svelte';
	import Says from './Says.svelte';
	import type { ScreenProps } from './screen.ts';

	let { day, item, onnext, onback, more }: ScreenProps = $props();

	const { step, waitsFor } = $derived(item);

	function done() {
		day.tell({ what: 'done', step: step.id });
		onnext();
	}
</script>

<Says says={step.says} styles={day.styles} />
<Foot label="Done, next" disabled={waitsFor.length > 0} onact={done} {onback} {more} />
