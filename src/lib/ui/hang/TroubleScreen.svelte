<script lang="ts">
	import { page } from '$app/state';
	import { projectPath } from '../paths.ts';
	import { getView } from '../view.svelte.ts';
	import Foot from './Foot.svelte';
	import Says from './Says.svelte';
	import type { ScreenProps } from './screen.ts';

	let { day, item, onnext, onback, more }: ScreenProps = $props();

	const view = $derived(getView()());

	function leave() {
		day.tell({ what: 'skipped', step: item.step.id, why: 'left off for now' });
		onnext();
	}
</script>

<Says says={item.step.says} styles={day.styles} />
<a
	class="btn btn-outline"
	href={projectPath(page.params.project!, day.wall.id, 'rack')}
	onclick={() => {
		view.select(item.step.pieceId);
		view.rackPart = 'back';
		view.fromWall = true;
	}}
>
	Open its back in the Rack
</a>
<Foot label="Go on without it" onact={leave} {onback} {more} />

<style>
	.btn {
		min-height: 3.4rem;
		font-size: var(--text-base);
	}
</style>
