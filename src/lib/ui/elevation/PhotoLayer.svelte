<script lang="ts">
	import {
		inverseMap,
		rectToQuad,
		top,
		type Quad,
		type Wall,
		type WallPhoto
	} from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { photoUrls } from '../photo-urls.svelte.ts';
	import type { Frame } from './frame.ts';
	import { matrix3d } from './matrix.ts';
	import { facePath } from './outline.ts';

	interface Props {
		wall: Wall;
		photo: WallPhoto;
		frame: Frame;
	}

	let { wall, photo, frame }: Props = $props();

	const session = $derived(getSession()());
	const url = $derived(photoUrls.get(session.id, photo.hash));
	/** Size the photo has before it is laid on the wall, px. */
	let width = $state(0);
	let height = $state(0);

	/** From the photo to the known rectangle as it is drawn. */
	const map = $derived.by(() => {
		if (width === 0 || height === 0) return null;
		const { known, corners } = photo;
		const seen = rectToQuad(
			{ width: known.width * frame.scale, height: known.height * frame.scale },
			corners.map(({ x, y }) => ({ x: x * width, y: y * height })) as unknown as Quad
		);
		return seen.ok ? inverseMap(seen.value) : null;
	});
</script>

{#if url}
	<div class="clip" style:clip-path="path('{facePath(wall, frame)}')" aria-hidden="true">
		<div
			class="place"
			style:left="{frame.x(photo.known.x)}px"
			style:top="{frame.y(top(photo.known))}px"
		>
			<img
				src={url}
				alt=""
				bind:clientWidth={width}
				bind:clientHeight={height}
				style:transform={map ? matrix3d(map) : 'scale(0)'}
			/>
		</div>
	</div>
{/if}

<style>
	.clip {
		position: absolute;
		inset: 0;
		pointer-events: none;
	}

	.place {
		position: absolute;
	}

	img {
		max-width: none;
		transform-origin: 0 0;
	}
</style>
