<script lang="ts">
	import { Image } from '@lucide/svelte';
	import { hangers, type HangerKind, type Piece, type Styles } from '$lib/core/index.ts';
	import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
	import LengthField from '../field/LengthField.svelte';
	import type { BackPhoto } from './back-photo.svelte.ts';
	import FigureRows from './FigureRows.svelte';
	import PhotoDesk from './PhotoDesk.svelte';

	interface Props {
		back: BackPhoto;
		piece: Piece;
		styles: Styles;
		/** Width by tape, mm; null where none was laid on. */
		width: number | null;
		onwidth: (mm: number | null) => void;
		onhanger: (kind: HangerKind) => void;
		/** A photo of its front was chosen. */
		onfront: (file: File) => void;
		hasFront: boolean;
		onkeep: () => void;
		onleave: () => void;
	}

	let { back, piece, styles, width, onwidth, onhanger, onfront, hasFront, onkeep, onleave }: Props =
		$props();

	const photo = $derived(back.photo);
	const rows = $derived(back.figures.map((each) => ({ ...each, key: `${each.of}/${each.key}` })));
</script>

<PhotoDesk
	{photo}
	alt="The back of {piece.letter}"
	lines={back.lines}
	ghost={back.ghost}
	trouble={back.trouble}
	hint={photo.next?.of === 'mark' ? PHOTO_MEASURE.asItHangs() : null}
>
	<div class="given">
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
			help="May be left empty; makes all surer"
			value={width}
			{styles}
			plausible={{ min: 50, max: 3000 }}
			onvalue={onwidth}
			onempty={() => onwidth(null)}
		/>
	</div>
	<label class="btn btn-sm">
		<Image size={16} aria-hidden="true" />
		{hasFront ? PHOTO_MEASURE.otherFront() : PHOTO_MEASURE.addFront()}
		<input
			class="sr-only"
			type="file"
			accept="image/*"
			disabled={rows.length === 0}
			onchange={(event) => {
				const file = event.currentTarget.files?.[0];
				event.currentTarget.value = '';
				if (file) onfront(file);
			}}
		/>
	</label>
	{#if rows.length > 0}<FigureRows figures={rows} {styles} />{/if}
	<div class="line">
		<button class="btn btn-primary" type="button" disabled={rows.length === 0} onclick={onkeep}>
			Use these figures
		</button>
		<button class="btn btn-ghost" type="button" onclick={onleave}>Leave it</button>
		{#if photo.left > 0 && rows.length > 0}
			<span class="small-note">{PHOTO_MEASURE.few({ count: photo.left })}</span>
		{/if}
	</div>
</PhotoDesk>

<style>
	.given {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.6rem;
		align-items: start;
	}

	.line {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		align-items: center;
	}
</style>
