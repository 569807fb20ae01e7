<script lang="ts">
	import { Camera, RotateCw, Trash2 } from '@lucide/svelte';
	import { kindOf, type Piece } from '$lib/core/index.ts';
	import { checkPhotoFile, WHOLE, type Cut } from '$lib/photos/photo.ts';
	import { setPiece } from '$lib/store/commands/index.ts';
	import { keepPhoto } from '$lib/store/photos.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { photoUrls } from '../photo-urls.svelte.ts';
	import CropFrame from './CropFrame.svelte';

	let { piece }: { piece: Piece } = $props();

	const session = $derived(getSession()());
	const kept = $derived(photoUrls.get(session.project.id, piece.photo));

	let file: File | null = $state.raw(null);
	let url: string | null = $state(null);
	let cut: Cut = $state.raw(WHOLE);
	let trouble: string | null = $state(null);
	let working = $state(false);

	function choose(event: Event & { currentTarget: HTMLInputElement }) {
		const chosen = event.currentTarget.files?.[0];
		event.currentTarget.value = '';
		if (!chosen) return;
		putAway();
		const checked = checkPhotoFile(chosen);
		if (!checked.ok) {
			trouble = checked.error.message;
			return;
		}
		file = chosen;
		url = URL.createObjectURL(chosen);
	}

	function putAway() {
		if (url) URL.revokeObjectURL(url);
		file = url = trouble = null;
		cut = WHOLE;
	}

	const turn = () => {
		const quarters = ((cut.quarters + 1) % 4) as Cut['quarters'];
		cut = { ...WHOLE, quarters };
	};

	async function keep() {
		if (!file) return;
		working = true;
		const { develop } = await import('$lib/photos/develop.ts');
		const developed = await develop(file, cut);
		working = false;
		if (!developed.ok) {
			trouble = developed.error.message;
			return;
		}
		const hash = await keepPhoto(session.project.id, developed.value);
		if (!hash.ok) {
			trouble = hash.error.message;
			return;
		}
		const { outline, colour } = developed.value;
		const traced = outline && kindOf(piece.kind).outlines.includes('polygon');
		session.run(
			setPiece(piece.id, {
				photo: hash.value,
				colour,
				...(traced ? { outline: { by: 'polygon', points: outline } } : {})
			})
		);
		session.seal();
		putAway();
	}
</script>

<section class="photo" aria-label="Photo">
	{#if url}
		<CropFrame {url} {cut} oncut={(next) => (cut = next)} />
		<p class="note">
			Drag the corners to the edge of the piece. Nothing of the camera’s notes is kept.
		</p>
		<div class="line">
			<button class="btn btn-primary btn-sm" type="button" disabled={working} onclick={keep}>
				{working ? 'Working…' : 'Keep this photo'}
			</button>
			<button class="btn btn-sm" type="button" onclick={turn}>
				<RotateCw size={16} aria-hidden="true" /> Turn
			</button>
			<button class="btn btn-ghost btn-sm" type="button" onclick={putAway}>Leave it</button>
		</div>
	{:else}
		{#if kept}<img src={kept} alt="{piece.letter}, {piece.name}" />{/if}
		<div class="line">
			<label class="btn btn-sm">
				<Camera size={16} aria-hidden="true" />
				{piece.photo ? 'Another photo' : 'Add a photo'}
				<input class="sr-only" type="file" accept="image/*" onchange={choose} />
			</label>
			{#if piece.photo}
				<button
					class="btn btn-ghost btn-sm"
					type="button"
					onclick={() => session.run(setPiece(piece.id, { photo: '' }))}
				>
					<Trash2 size={16} aria-hidden="true" /> Take it off
				</button>
			{/if}
		</div>
	{/if}
	{#if trouble}<p class="wrong" role="alert">{trouble}</p>{/if}
</section>

<style>
	.photo {
		display: grid;
		gap: 0.4rem;
	}

	img {
		max-width: 100%;
		max-height: 9rem;
		border: 1px solid var(--color-base-300);
	}

	.line {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
	}

	.note {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	.wrong {
		color: var(--color-error);
		font-weight: 600;
	}
</style>
