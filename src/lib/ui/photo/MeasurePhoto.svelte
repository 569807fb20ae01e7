<script lang="ts">
	import { Undo2 } from '@lucide/svelte';
	import {
		formatLength,
		hangers,
		KNOWN_SHEET_NAMES,
		knownSheetSaid,
		nineInTen,
		type HangerKind,
		type KnownSheetName,
		type Piece,
		type Styles
	} from '$lib/core/index.ts';
	import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
	import LengthField from '../field/LengthField.svelte';
	import { withinSaid } from '../within.ts';
	import type { BackPhoto } from './back-photo.svelte.ts';
	import Loupe from './Loupe.svelte';
	import PhotoField from './PhotoField.svelte';

	interface Props {
		back: BackPhoto;
		piece: Piece;
		styles: Styles;
		/** Width by tape, mm; null where none was laid on. */
		width: number | null;
		onwidth: (mm: number | null) => void;
		onhanger: (kind: HangerKind) => void;
		onkeep: () => void;
		onleave: () => void;
	}

	let { back, piece, styles, width, onwidth, onhanger, onkeep, onleave }: Props = $props();

	const photo = $derived(back.photo);
	let image: HTMLImageElement | undefined = $state();
	const at = $derived(photo.at(photo.active));
	const label = $derived(photo.handles.find(({ id }) => id === photo.active)?.label ?? '');
	const isMark = $derived(photo.next?.mayBeHidden === true);
	/** A mark is put down without a pointer where it likely is, to be moved from there. */
	const middle = $derived(
		photo.opened && { x: photo.opened.width / 2, y: photo.opened.height / 2 }
	);
</script>

<div class="two">
	<div class="picture">
		{#if photo.opened}
			<PhotoField
				bind:image
				url={photo.url}
				size={photo.opened}
				alt="The back of {piece.letter}"
				handles={photo.handles}
				lines={back.lines}
				ghost={back.ghost}
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
				{#if isMark}<p class="small-note">{PHOTO_MEASURE.asItHangs()}</p>{/if}
				<div class="line">
					{#if photo.opened && photo.next}
						<button
							class="btn btn-sm"
							type="button"
							onclick={() => middle && photo.put(back.ghost ?? middle)}
						>
							{PHOTO_MEASURE.putIt({ guessed: back.ghost !== null })}
						</button>
					{/if}
					{#if isMark}
						<button class="btn btn-ghost btn-sm" type="button" onclick={() => photo.skip()}>
							Not to be seen
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
		{#if back.trouble}<p class="wrong" role="alert">{back.trouble}</p>{/if}
		<div class="given">
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
			</label>
			<label>
				<span class="field-label">How it hangs</span>
				<select
					class="select w-full select-sm"
					value={piece.back.kind}
					onchange={(event) => onhanger(event.currentTarget.value as HangerKind)}
				>
					{#each hangers as { kind, name } (kind)}<option value={kind}>{name}</option>{/each}
				</select>
			</label>
			<LengthField
				label="Width by tape"
				help="Makes every figure surer; may be left empty"
				value={width}
				{styles}
				plausible={{ min: 50, max: 3000 }}
				onvalue={onwidth}
				onempty={() => onwidth(null)}
			/>
		</div>
		{#if photo.opened && back.figures.length === 0}
			<p class="small-note">
				{photo.sheetSays}
			</p>
		{/if}
		{#if back.figures.length > 0}
			<ul class="figures" aria-label="Read from the photo">
				{#each back.figures as { of, key, label, value, sd, poor } (of + key)}
					<li>
						<span>{label}</span>
						<span class="measure value">{formatLength(value, styles.lead)}</span>
						<span class="sure"
							>± <span class="measure">{withinSaid(nineInTen(sd), styles)}</span></span
						>
						{#if poor}<span class="poor">{PHOTO_MEASURE.betterTaped()}</span>{/if}
					</li>
				{/each}
			</ul>
		{/if}
		<div class="line">
			<button
				class="btn btn-primary"
				type="button"
				disabled={back.figures.length === 0}
				onclick={onkeep}
			>
				Use these figures
			</button>
			<button class="btn btn-ghost" type="button" onclick={onleave}>Leave it</button>
			{#if photo.left > 0 && back.figures.length > 0}
				<span class="small-note">{PHOTO_MEASURE.few({ count: photo.left })}</span>
			{/if}
		</div>
	</div>
</div>

<style>
	.two {
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

	.picture :global(.photo-field) {
		height: calc(100dvh - 6.5rem);
		width: auto;
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

	.given {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0 0.6rem;
	}

	.given > :global(:last-child) {
		grid-column: 1 / -1;
	}

	.line {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		align-items: center;
	}

	.figures li {
		display: grid;
		grid-template-columns: 1fr auto 5.2rem;
		gap: 0.6rem;
		align-items: baseline;
		padding: 0.15rem 0;
		border-bottom: 1px solid var(--color-base-300);
	}

	.value {
		font-size: var(--text-lg);
	}

	.sure {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	.poor {
		grid-column: 1 / -1;
		color: var(--color-error);
		font-size: var(--text-sm);
	}

	.wrong {
		color: var(--color-error);
		font-weight: 600;
	}

	@media (width < 56rem) {
		.two {
			grid-template-columns: minmax(0, 1fr);
		}

		.picture :global(.photo-field) {
			width: 100%;
			height: auto;
		}

		.side {
			overflow: visible;
		}
	}
</style>
