<script lang="ts">
	import { Undo2 } from '@lucide/svelte';
	import type { Snippet } from 'svelte';
	import {
		isRinged,
		KNOWN_SHEET_NAMES,
		knownSheetSaid,
		type KnownSheetName,
		type Point
	} from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
	import type { HandleLine } from './handle.ts';
	import Loupe from './Loupe.svelte';
	import type { MarkedPhoto } from './marked-photo.svelte.ts';
	import PhotoField from './PhotoField.svelte';

	interface Props {
		photo: MarkedPhoto;
		/** What is in the photo, for who cannot see it. */
		alt: string;
		lines: readonly HandleLine[];
		/** Where the next mark likely is. */
		ghost?: Point | null;
		trouble: string | null;
		/** Said under what is to be marked. */
		hint?: string | null;
		/** What is given besides the photo, and what follows from it. */
		children: Snippet;
	}

	let { photo, alt, lines, ghost = null, trouble, hint = null, children }: Props = $props();

	const session = $derived(getSession()());
	let image: HTMLImageElement | undefined = $state();
	const at = $derived(photo.at(photo.active));
	const label = $derived(photo.handles.find(({ id }) => id === photo.active)?.label ?? '');
	async function printCard() {
		const { saveCard } = await import('./card-file.ts');
		saveCard(session.project);
	}

	/** A mark is put down without a pointer where it likely is, to be moved from there. */
	const middle = $derived(
		photo.opened && { x: photo.opened.width / 2, y: photo.opened.height / 2 }
	);
</script>

<div class="desk">
	<div class="picture">
		{#if photo.opened}
			<PhotoField
				bind:image
				url={photo.url}
				size={photo.opened}
				{alt}
				handles={photo.handles}
				{lines}
				{ghost}
				active={photo.active}
				onactive={(id) => (photo.active = id)}
				onmove={(id, place) => photo.move(id, place)}
				ontap={(place) => photo.put(place)}
			/>
		{:else if photo.working}
			<p class="wait" role="status">{PHOTO_MEASURE.looking()}</p>
		{/if}
	</div>
	<div class="side">
		<div class="now">
			{#if at}
				<Loupe
					{image}
					{at}
					{label}
					onmove={(place) => photo.active && photo.move(photo.active, place)}
				/>
			{/if}
			<div class="next">
				<p class="says" role="status">{photo.opened ? photo.says : ''}</p>
				{#if hint}<p class="small-note">{hint}</p>{/if}
				<div class="line">
					{#if photo.opened && photo.next}
						<button
							class="btn btn-sm"
							type="button"
							onclick={() => middle && photo.put(ghost ?? middle)}
						>
							{PHOTO_MEASURE.putIt({ guessed: ghost !== null })}
						</button>
					{/if}
					{#if photo.opened && photo.next?.mayBeHidden}
						<button class="btn btn-ghost btn-sm" type="button" onclick={() => photo.skip()}>
							{PHOTO_MEASURE.hidden({ of: photo.next.of })}
						</button>
					{/if}
					{#if photo.canGoBack}
						<button class="btn btn-ghost btn-sm" type="button" onclick={() => photo.back()}>
							<Undo2 size={15} aria-hidden="true" /> Last mark
						</button>
					{/if}
				</div>
			</div>
		</div>
		{#if trouble}<p class="wrong" role="alert">{trouble}</p>{/if}
		{#if photo.opened && !photo.withoutSheet}
			<label>
				<span class="field-label">Sheet in the photo</span>
				<select
					class="select w-full select-sm"
					value={photo.sheet}
					onchange={(event) => void photo.look(event.currentTarget.value as KnownSheetName)}
				>
					{#each KNOWN_SHEET_NAMES as name (name)}
						<option value={name}>{knownSheetSaid(name)}</option>
					{/each}
				</select>
				<span class="small-note">{photo.sheetSays}</span>
			</label>
			{#if isRinged(photo.sheet)}
				<button class="btn justify-self-start btn-ghost btn-sm" type="button" onclick={printCard}>
					{PHOTO_MEASURE.printCard()}
				</button>
			{/if}
		{/if}
		{@render children()}
	</div>
</div>

<style>
	.desk {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 21rem;
		gap: 1rem;
		min-height: 0;
	}

	.picture {
		display: grid;
		align-items: start;
		min-height: 0;
	}

	.wait {
		padding: 2rem;
	}

	.side {
		display: grid;
		gap: 0.7rem;
		align-content: start;
		overflow-y: auto;
	}

	.now {
		display: flex;
		gap: 0.8rem;
		align-items: start;
		min-height: 10rem;
	}

	.next {
		display: grid;
		flex: 1;
		gap: 0.4rem;
	}

	.says {
		font-weight: 600;
		font-size: var(--text-lg);
		line-height: 1.25;
	}

	.line {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		align-items: center;
	}

	.wrong {
		color: var(--color-error);
		font-weight: 600;
	}

	@media (width < 56rem) {
		.desk {
			grid-template-columns: minmax(0, 1fr);
		}

		.side {
			overflow: visible;
		}
	}
</style>
