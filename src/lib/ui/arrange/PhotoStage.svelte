<script lang="ts">
	import { Camera, Trash2 } from '@lucide/svelte';
	import {
		mapPoint,
		rectToQuad,
		right,
		startWallPhoto,
		top,
		type Quad,
		type Rect,
		type Styles,
		type Wall,
		type WallPhoto,
		type WallPlan
	} from '$lib/core/index.ts';
	import { setWall } from '$lib/store/commands/index.ts';
	import { download } from '$lib/files/download.ts';
	import { fileName } from '$lib/files/file-name.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { dragged } from '../elevation/dragged.ts';
	import type { Frame } from '../elevation/frame.ts';
	import { matrix3d } from '../elevation/matrix.ts';
	import { wallBox } from '../elevation/outline.ts';
	import WallFace from '../elevation/WallFace.svelte';
	import { photoUrls } from '../photo-urls.svelte.ts';
	import { takePhoto } from '../take-photo.ts';
	import RectFields from './RectFields.svelte';

	let { wall, plan, styles }: { wall: Wall; plan: WallPlan; styles: Styles } = $props();

	const session = $derived(getSession()());
	const photo = $derived(wall.photo);
	const url = $derived(photo && photoUrls.get(session.id, photo.hash));
	const NAMES = ['upper left', 'upper right', 'lower right', 'lower left'];
	/** Pixels a mm of the wall is drawn with, before it is put in the photo. */
	const SCALE = 0.4;
	const WHOLE_WALL = 'wall';

	let trouble: string | null = $state(null);
	let width = $state(0);
	let height = $state(0);
	let shown: HTMLImageElement | undefined = $state();
	let drawing: SVGSVGElement | undefined = $state();

	const box = $derived(wallBox(wall));
	const map = $derived.by(() => {
		if (!photo) return null;
		const { known, corners } = photo;
		const quad = corners.map(({ x, y }) => ({ x: x * width, y: y * height }));
		return rectToQuad(
			{ width: known.width * SCALE, height: known.height * SCALE },
			quad as unknown as Quad
		);
	});
	/** The wall drawn from the known rectangle's upper left corner. */
	const frame = $derived.by((): Frame | null => {
		if (!photo) return null;
		const { known } = photo;
		return {
			scale: SCALE,
			left: -known.x * SCALE,
			floor: top(known) * SCALE,
			width: box.width * SCALE,
			height: box.height * SCALE,
			x: (mm) => (mm - known.x) * SCALE,
			y: (mm) => (top(known) - mm) * SCALE
		};
	});
	/** What lies behind the horizon of the photo cannot be drawn. */
	const seen = $derived.by(() => {
		if (!map?.ok || !frame) return [];
		const { value } = map;
		const before = (rect: Rect) =>
			[rect.x, right(rect)].every((x) =>
				[rect.y, top(rect)].every((y) => mapPoint(value, { x: frame.x(x), y: frame.y(y) }) !== null)
			);
		return plan.pieces.filter(({ rect }) => before(rect));
	});
	const knownBy = $derived(
		photo
			? (wall.features.find(
					({ x, y, width: wide, height: high }) =>
						x === photo.known.x &&
						y === photo.known.y &&
						wide === photo.known.width &&
						high === photo.known.height
				)?.id ??
					(photo.known.width === wall.width && photo.known.height === wall.height
						? WHOLE_WALL
						: 'own'))
			: 'own'
	);

	const set = (fields: Partial<WallPhoto>) =>
		setWall(wall.id, { photo: photo && { ...photo, ...fields } });

	async function take(event: Event & { currentTarget: HTMLInputElement }) {
		const hash = await takePhoto(event.currentTarget, session.id);
		if (!hash) return;
		trouble = hash.ok ? null : hash.error.message;
		if (!hash.ok) return;
		session.run(
			setWall(wall.id, {
				photo: photo ? { ...photo, hash: hash.value } : startWallPhoto(wall, hash.value)
			})
		);
		session.seal();
	}

	function choose(by: string) {
		const feature = wall.features.find(({ id }) => id === by);
		const known = feature
			? { x: feature.x, y: feature.y, width: feature.width, height: feature.height }
			: { x: 0, y: 0, width: wall.width, height: wall.height };
		session.run(set({ known }));
	}

	/** The photo with the pieces in it, to send. */
	async function save() {
		if (!shown || !drawing || !map?.ok) return;
		try {
			const { picturedOn } = await import('./on-photo.ts');
			const picture = await picturedOn(shown, drawing, map.value);
			download(fileName([session.project.name, wall.name, 'photo'], 'jpg'), picture, 'image/jpeg');
			trouble = null;
		} catch {
			trouble = 'The picture could not be made. Take the photo again, or a smaller one.';
		}
	}

	const moved = (from: WallPhoto['corners'], index: number, dx: number, dy: number) => {
		const inside = (share: number) => Math.min(Math.max(share, 0), 1);
		return set({
			corners: from.map((corner, at) =>
				at === index
					? { x: inside(corner.x + dx / width), y: inside(corner.y - dy / height) }
					: corner
			)
		});
	};
</script>

{#if photo}
	<div class="on-photo">
		<div class="picture">
			{#if url}
				<img
					src={url}
					alt="The real wall"
					bind:this={shown}
					bind:clientWidth={width}
					bind:clientHeight={height}
				/>
			{:else}
				<p class="empty">This device does not have the photo of this wall. Take it again.</p>
			{/if}
			{#if url && width > 0 && map?.ok && frame}
				<div class="plane" style:transform={matrix3d(map.value)}>
					<svg
						bind:this={drawing}
						width={photo.known.width * SCALE}
						height={photo.known.height * SCALE}
						role="img"
						aria-label="{seen.length} pieces in the photo"
					>
						<path
							class="line"
							d="M{frame.x(0)} {frame.y(plan.centreLine.y)} H{frame.x(wall.width)}"
						/>
						<rect
							class="known"
							width={photo.known.width * SCALE}
							height={photo.known.height * SCALE}
						/>
						<WallFace {wall} pieces={seen} rack={session.project.pieces} {frame} bare />
					</svg>
				</div>
			{/if}
			{#if url && width > 0}
				<svg class="corners" {width} {height} role="group" aria-label="Corners of what is known">
					{#each photo.corners as { x, y }, index (index)}
						<circle
							cx={x * width}
							cy={y * height}
							r="13"
							tabindex="0"
							role="button"
							aria-label="{NAMES[index]} corner, {Math.round(100 * x)} % across, {Math.round(
								100 * y
							)} % down; arrow keys move it"
							{@attach dragged({
								what: () => photo.corners,
								scale: () => 1,
								step: (coarse) => (coarse ? 10 : 1),
								onpick: () => {},
								onmove: (from, dx, dy) => session.setPreview(moved(from, index, dx, dy)),
								ondrop: (from, dx, dy) => session.run(moved(from, index, dx, dy)),
								oncancel: () => session.setPreview(null)
							})}
						/>
					{/each}
				</svg>
			{/if}
		</div>
		<div class="bench-strip">
			<p class="small-note">
				Drag the four corners onto a rectangle of the wall whose size you know. The further apart,
				the truer. The photo stays on this device, and in the zip you save yourself.
			</p>
			{#if map && !map.ok}<p class="wrong" role="alert">{map.error.message}</p>{/if}
			<label>
				<span class="field-label">The corners are those of</span>
				<select
					class="select w-full select-sm"
					value={knownBy}
					onchange={(event) => choose(event.currentTarget.value)}
				>
					<option value={WHOLE_WALL}>the whole wall</option>
					{#each wall.features as { id, name } (id)}
						<option value={id}>the {name.toLowerCase()}</option>
					{/each}
					<option value="own" disabled={knownBy !== 'own'}>a rectangle I measured</option>
				</select>
			</label>
			<details>
				<summary class="cursor-pointer">Its place and size</summary>
				<RectFields
					rect={photo.known}
					{styles}
					onrect={(known) => session.run(set({ known }))}
					onseal={() => session.seal()}
				/>
			</details>
			<div class="acts">
				<button
					class="btn btn-primary btn-sm"
					type="button"
					disabled={!url || seen.length === 0}
					onclick={() => void save()}
				>
					Save as a picture
				</button>
				{@render chooser('Another photo')}
				<button
					class="btn btn-ghost btn-sm"
					type="button"
					onclick={() => session.run(setWall(wall.id, { photo: null }))}
				>
					<Trash2 size={15} aria-hidden="true" /> Take it off
				</button>
			</div>
		</div>
	</div>
{:else}
	<div class="empty">
		<p>
			Take a photo of the wall from where people stand, with something on it whose size you know: a
			door, a window, or a sheet of paper taped up. The arrangement is then shown in place.
		</p>
		{@render chooser('Choose a photo')}
	</div>
{/if}
{#if trouble}<p class="wrong" role="alert">{trouble}</p>{/if}

{#snippet chooser(label: string)}
	<label class="btn btn-sm">
		<Camera size={16} aria-hidden="true" />
		{label}
		<input class="sr-only" type="file" accept="image/*" onchange={take} />
	</label>
{/snippet}

<style>
	.on-photo {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 15rem;
		gap: 0.8rem;
		align-items: start;
	}

	.picture {
		position: relative;
		overflow: hidden;
	}

	img {
		width: 100%;
		max-height: 78vh;
	}

	.plane {
		position: absolute;
		top: 0;
		left: 0;
		transform-origin: 0 0;
		pointer-events: none;
	}

	.plane svg {
		overflow: visible;
	}

	.line {
		stroke: var(--tape-blue);
		stroke-width: 4;
		stroke-opacity: 0.6;
	}

	.known {
		fill: none;
		stroke: var(--tape-blue);
		stroke-width: 3;
		stroke-dasharray: 14 8;
	}

	.corners {
		position: absolute;
		inset: 0;
	}

	circle {
		fill: rgb(63 134 181 / 35%);
		stroke: var(--sheet);
		stroke-width: 3;
		cursor: grab;
		touch-action: none;
	}

	circle:focus-visible {
		outline: none;
		stroke: var(--steel-tape);
		stroke-width: 5;
	}

	.bench-strip,
	.empty {
		display: grid;
		gap: 0.5rem;
		justify-items: start;
		padding: 0.7rem 0.8rem;
		background: var(--color-base-100);
	}

	.empty {
		max-width: 34rem;
		margin: 3rem auto;
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
	}

	.wrong {
		color: var(--color-error);
		font-weight: 600;
	}

	@media (width < 56rem) {
		.on-photo {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
