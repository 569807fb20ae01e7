<script lang="ts">
	import { onDestroy, untrack } from 'svelte';
	import {
		pieceFacts,
		startBack,
		startPiece,
		TAPE_READING_MM,
		type HangerKind,
		type Piece,
		type Styles
	} from '$lib/core/index.ts';
	import { changeHanger, setPiece } from '$lib/store/commands/index.ts';
	import { keepPhoto } from '$lib/store/photos.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
	import { notices } from '../toast.svelte.ts';
	import { BackPhoto } from './back-photo.svelte.ts';
	import { keepBack } from './keep-back.ts';
	import type { Front } from '$lib/photos/look.ts';
	import FrontPhoto from './FrontPhoto.svelte';
	import MeasurePhoto from './MeasurePhoto.svelte';
	import WholeSheet from './WholeSheet.svelte';

	interface Props {
		files: readonly File[];
		/** The piece whose back it is; none where each photo is of a new one. */
		piece?: Piece;
		wallId: string;
		styles: Styles;
		onclose: (last: Piece | null) => void;
	}

	let { files, piece, wallId, styles, onclose }: Props = $props();

	const session = $derived(getSession()());
	/** A new piece is about so large until its photo says. */
	const ABOUT = { width: 400, height: 500 };

	let index = $state(0);
	let fresh: Piece = $state.raw(untrack(newPiece));
	let width: number | null = $state(untrack(() => piece?.width ?? null));
	/** Its front as it is seen straight on, and the photo it is being marked in. */
	let front: Front | null = $state.raw(null);
	let frontFile: File | null = $state.raw(null);
	let trouble: string | null = $state(null);
	let last: Piece | null = null;

	const measured = $derived(piece ?? sized(fresh));
	let back = $state.raw(untrack(open));

	function newPiece(hanger?: HangerKind): Piece {
		const used = session.project.pieces.map(({ letter }) => letter);
		return startPiece(newId, used, { ...ABOUT, ...(hanger && { hanger }) });
	}

	/** A new piece as large as the photo says, with the back that one so large usually has. */
	function sized(draft: Piece): Piece {
		const [wide, high] = back?.size ?? [ABOUT.width, ABOUT.height];
		const size = { width: wide, height: high };
		return { ...draft, ...size, back: startBack(draft.back.kind, size) };
	}

	function open(): BackPhoto {
		const next = new BackPhoto(files[index]!, () => measured, taped);
		void next.photo.open();
		return next;
	}

	function taped() {
		if (width === null) return {};
		const known = piece && width === piece.width;
		const fact = known && pieceFacts(piece, session.project.readings)[0];
		return { width: { length: width, sd: (fact && fact.sd) || TAPE_READING_MM } };
	}

	function changeTo(kind: HangerKind) {
		if (piece) session.run(changeHanger(piece.id, kind));
		else fresh = { ...fresh, back: startBack(kind, fresh) };
	}

	async function keep() {
		const { figures } = back;
		const shown = front && (await keepPhoto(session.project.id, front));
		trouble = shown && !shown.ok ? shown.error.message : null;
		if (trouble) return;
		const picture =
			shown?.ok && front
				? setPiece(measured.id, { photo: shown.value, colour: front.colour })
				: null;
		session.run(
			keepBack({ session, piece: measured, figures, width, addTo: piece ? null : wallId, picture })
		);
		session.seal();
		notices.success(PHOTO_MEASURE.kept({ letter: measured.letter, count: figures.length }));
		last = measured;
		goOn();
	}

	function goOn() {
		back.photo.close();
		if (index + 1 >= files.length) {
			onclose(last);
			return;
		}
		index++;
		fresh = newPiece(fresh.back.kind);
		width = null;
		front = null;
		back = open();
	}

	onDestroy(() => back.photo.close());
</script>

<WholeSheet
	title={piece
		? PHOTO_MEASURE.title(piece)
		: PHOTO_MEASURE.newTitle({ count: index + 1, of: files.length })}
	how={PHOTO_MEASURE.how()}
	onclose={() => onclose(last)}
>
	{#if trouble}<p class="wrong" role="alert">{trouble}</p>{/if}
	{#if frontFile}
		<FrontPhoto
			file={frontFile}
			size={measured}
			onfront={(made) => {
				front = made;
				frontFile = null;
			}}
			onleave={() => (frontFile = null)}
		/>
	{:else}
		<MeasurePhoto
			{back}
			piece={measured}
			{styles}
			{width}
			onwidth={(mm) => (width = mm)}
			onhanger={changeTo}
			onfront={(file) => (frontFile = file)}
			hasFront={front !== null}
			onkeep={() => void keep()}
			onleave={goOn}
		/>
	{/if}
</WholeSheet>

<style>
	.wrong {
		color: var(--color-error);
		font-weight: 600;
	}
</style>
