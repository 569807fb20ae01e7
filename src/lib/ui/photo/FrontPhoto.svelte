<script lang="ts">
	import { onDestroy, untrack } from 'svelte';
	import { FRAME_CORNERS } from '$lib/core/index.ts';
	import type { Front } from '$lib/photos/look.ts';
	import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
	import { MarkedPhoto } from './marked-photo.svelte.ts';
	import PhotoDesk from './PhotoDesk.svelte';

	interface Props {
		file: File;
		/** Width and height of the piece: they give the picture its shape. */
		size: { width: number; height: number };
		onfront: (front: Front) => void;
		onleave: () => void;
	}

	let { file, size, onfront, onleave }: Props = $props();

	const photo = untrack(
		() =>
			new MarkedPhoto(
				file,
				() =>
					FRAME_CORNERS.map((corner) => ({
						...{ id: corner, of: 'corner' as const },
						label: PHOTO_MEASURE.handles.corner({ corner }),
						says: PHOTO_MEASURE.frontCorner({ corner })
					})),
				() => [],
				'no'
			)
	);
	void photo.open();
	onDestroy(() => photo.close());

	const lines = $derived([
		{
			of: 'corner' as const,
			points: photo.handles.map(({ at }) => at),
			closed: photo.left === 0
		}
	]);
	let working = $state(false);

	async function make() {
		working = true;
		const front = await photo.front(FRAME_CORNERS, size);
		working = false;
		if (front) onfront(front);
	}
</script>

<PhotoDesk {photo} alt={PHOTO_MEASURE.frontTitle()} {lines} trouble={photo.trouble}>
	<p class="small-note">{PHOTO_MEASURE.frontHow()}</p>
	<div class="line">
		<button
			class="btn btn-primary"
			type="button"
			disabled={photo.left > 0 || working}
			onclick={() => void make()}
		>
			{working ? 'Working…' : 'Use this front'}
		</button>
		<button class="btn btn-ghost" type="button" onclick={onleave}>Leave it</button>
	</div>
</PhotoDesk>

<style>
	.line {
		display: flex;
		gap: 0.4rem;
	}
</style>
