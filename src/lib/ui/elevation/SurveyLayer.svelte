<script lang="ts">
	import type { Styles, Wall } from '$lib/core/index.ts';
	import FeatureHandles from './FeatureHandles.svelte';
	import type { Frame } from './frame.ts';
	import HintMarks from './HintMarks.svelte';

	interface Props {
		wall: Wall;
		frame: Frame;
		styles: Styles;
		/** Hints can be dropped and moved. */
		hints: boolean;
	}

	let { wall, frame, styles, hints }: Props = $props();
</script>

<FeatureHandles {wall} {frame} {styles} />
{#if hints}
	<HintMarks {wall} {frame} {styles} />
{/if}
