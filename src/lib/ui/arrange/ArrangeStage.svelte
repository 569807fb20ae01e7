<script lang="ts">
	import type { Styles, Wall, WallPlan } from '$lib/core/index.ts';
	import type { ArrangeView } from '../view.svelte.ts';
	import CompareStage from './CompareStage.svelte';
	import FloorStage from './FloorStage.svelte';
	import PhotoStage from './PhotoStage.svelte';
	import StepBackStage from './StepBackStage.svelte';

	interface Props {
		wall: Wall;
		plan: WallPlan;
		styles: Styles;
		showing: Exclude<ArrangeView, 'wall'>;
	}

	let { wall, plan, styles, showing }: Props = $props();
</script>

<div class="stage-box">
	{#if showing === 'compare'}
		<CompareStage {wall} {plan} />
	{:else if showing === 'back'}
		<StepBackStage {wall} {plan} {styles} />
	{:else if showing === 'photo'}
		<PhotoStage {wall} {plan} {styles} />
	{:else}
		<FloorStage {wall} {plan} {styles} />
	{/if}
</div>

<style>
	.stage-box {
		height: 100%;
		padding: 3.2rem 0.8rem 0.8rem;
		overflow: auto;
	}
</style>
