<script lang="ts">
	import { Ruler } from '@lucide/svelte';
	import type { Styles, Wall } from '$lib/core/index.ts';

	import { cameraFirst } from './camera-first.ts';

	let { wall, styles }: { wall: Wall; styles: Styles } = $props();

	let file: File | null = $state.raw(null);
</script>

<label class="btn btn-sm">
	<Ruler size={16} aria-hidden="true" /> Survey from a photo
	<input
		class="sr-only"
		type="file"
		accept="image/*"
		capture={cameraFirst()}
		onchange={(event) => {
			file = event.currentTarget.files?.[0] ?? null;
			event.currentTarget.value = '';
		}}
	/>
</label>
{#if file}
	{#await import('./WallSheet.svelte') then { default: WallSheet }}
		<WallSheet {file} {wall} {styles} onclose={() => (file = null)} />
	{/await}
{/if}
