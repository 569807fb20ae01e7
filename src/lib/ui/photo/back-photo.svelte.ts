import {
	backMarks,
	figuresOfBack,
	FRAME_CORNERS,
	knownOfBack,
	mapPoint,
	readPhoto,
	rectToQuad,
	seenBack,
	sheetAt,
	sizeOfBack,
	type BackMark,
	type MarkedBack,
	type PhotoFigure,
	type Piece,
	type Point,
	type Taped
} from '$lib/core/index.ts';
import { MARKS } from '$lib/words/en/back-marks.ts';
import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
import type { HandleLine } from './handle.ts';
import { MarkedPhoto, type Step } from './marked-photo.svelte.ts';

const CORNER_STEPS: readonly Step[] = FRAME_CORNERS.map((corner) => ({
	...{ id: corner, of: 'corner' },
	label: PHOTO_MEASURE.handles.corner({ corner }),
	says: PHOTO_MEASURE.frameCorner({ corner })
}));

/** A photo of a back while it is measured: what is marked on the piece, and what follows. */
export class BackPhoto {
	readonly #marks = $derived.by(() => backMarks(this.piece()));
	readonly photo: MarkedPhoto;
	/** What the photo says so far; null until the sheet and the frame are marked. */
	readonly #reading = $derived.by(() => {
		const { still } = this.photo;
		const hardware = this.#marks.flatMap(({ id }) => (still[id] ? [[id, still[id]]] : []));
		return this.#read(Object.fromEntries(hardware) as Partial<MarkedBack>, this.#marks);
	});
	readonly trouble = $derived.by(
		() => this.photo.trouble ?? (this.#reading?.ok === false ? this.#reading.error.message : null)
	);
	readonly figures: PhotoFigure[] = $derived.by(() =>
		this.#reading?.ok ? figuresOfBack(this.piece(), this.#reading.value) : []
	);
	/** Width and height of the frame, mm, once its corners are marked; to the millimetre, so that marks lie still. */
	readonly size = $derived.by((): readonly [number, number] | null => {
		const alone = this.#read({}, []);
		if (!alone?.ok) return null;
		const [width, height] = sizeOfBack(alone.value);
		return [Math.round(width), Math.round(height)];
	});
	/** About where the next mark is, by what is known of the back; null for a corner. */
	readonly ghost = $derived.by((): Point | null => {
		const mark = this.#marks.find(({ id }) => id === this.photo.next?.id);
		const frame = this.photo.frameStill;
		if (!mark || !frame) return null;
		const { width, height } = this.piece();
		const map = rectToQuad({ width, height }, frame);
		// The back is seen from behind: its right lies on the left of the photo.
		return map.ok ? mapPoint(map.value, { x: width / 2 - mark.at.x, y: mark.at.drop }) : null;
	});
	readonly lines: HandleLine[] = $derived.by(() =>
		(['sheet', 'corner'] as const).map((of) => {
			const points = this.photo.handles.filter((each) => each.of === of).map(({ at }) => at);
			return { of, points, closed: points.length === 4 };
		})
	);

	constructor(
		file: File,
		/** The piece as far as it is known. */
		readonly piece: () => Piece,
		/** What a tape says of its outside. */
		readonly taped: () => { width?: Taped; height?: Taped }
	) {
		const hardware = (): Step[] =>
			this.#marks.map(({ id }) => ({
				...{ id, of: 'mark', label: MARKS[id].name, says: PHOTO_MEASURE.mark({ mark: id }) },
				mayBeHidden: true
			}));
		this.photo = new MarkedPhoto(
			file,
			() => [...CORNER_STEPS, ...hardware()],
			() => FRAME_CORNERS
		);
	}

	#read(hardware: Partial<MarkedBack>, marks: readonly BackMark[]) {
		const { opened, sheet, edges, sheetStill: corners, frameStill: frame } = this.photo;
		if (!opened || !corners || !frame) return null;
		const outside = FRAME_CORNERS.map((corner, index) => [corner, frame[index]]);
		const marked = { ...Object.fromEntries(outside), ...hardware } as MarkedBack;
		const sides = edges.map(({ side, share, at }) => ({ from: FRAME_CORNERS[side]!, share, at }));
		return readPhoto(
			opened,
			sheetAt(sheet, corners),
			seenBack(opened, marked, marks),
			knownOfBack(sides, this.taped()),
			opened.focal
		);
	}
}
