<script lang="ts">
	import { Ruler } from '@lucide/svelte';
	import type { Piece, Styles } from '$lib/core/index.ts';
	import { cameraFirst } from './camera-first.ts';
	import { getView } from '../view.svelte.ts';

	interface Props {
		/** The piece whose back it is; none where each photo is of a new one. */
		piece?: Piece;
		wallId: string;
		styles: Styles;
	}

	let { piece, wallId, styles }: Props = $props();

	const view = $derived(getView()());
	let files: File[] = $state.raw([]);

	function choose(event: Event & { currentTarget: HTMLInputElement }) {
		files = [...(event.currentTarget.files ?? [])];
		event.currentTarget.value = '';
	}
</script>

<label class="btn btn-sm">
	<Ruler size={16} aria-hidden="true" />
	{piece ? 'Measure from a photo' : 'From photos of the backs'}
	<input
		class="sr-only"
		type="file"
		accept="image/*"
		multiple={!piece}
		capture={piece ? cameraFirst() : undefined}
		onchange={choose}
	/>
</label>
{#if files.length > 0}
	{#await import('./MeasureSheet.svelte') then { default: MeasureSheet }}
		<MeasureSheet
			{files}
			{piece}
			{wallId}
			{styles}
			onclose={(last) => {
				files = [];
				if (last) view.select(last.id);
			}}
		/>
	{/await}
{/if}
