import {
	outlineOf,
	faceOf,
	featureMarks,
	figuresOfFeature,
	figuresOfWall,
	knownOfWall,
	readPhoto,
	seenBy,
	seenWall,
	sheetAt,
	WALL_CORNERS,
	wallAsKnown,
	type FeatureKind,
	type Point,
	type Taped,
	type Wall,
	type WallFigure
} from '$lib/core/index.ts';
import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
import type { HandleLine } from './handle.ts';
import { MarkedPhoto, type Step } from './marked-photo.svelte.ts';

/** A thing that is traced on the wall. */
interface Traced {
	id: string;
	kind: FeatureKind;
	name: string;
}

/** What the photo says of a thing on the wall. */
export interface TracedFigures extends Traced {
	figures: Record<'x' | 'y' | 'width' | 'height', WallFigure>;
}

const CORNER_STEPS: readonly Step[] = WALL_CORNERS.map((corner) => ({
	...{ id: corner, of: 'corner' },
	label: PHOTO_MEASURE.handles.wallCorner({ corner }),
	says: PHOTO_MEASURE.wallCorner({ corner })
}));

/** A photo of a wall while it is surveyed: its corners, the things traced on it, and what follows. */
export class WallPhoto {
	readonly photo: MarkedPhoto;
	#traced: readonly Traced[] = $state.raw([]);
	readonly #reading = $derived.by(() => {
		const { still, opened, sheet, edges } = this.photo;
		const { frameStill: outline, sheetStill: corners } = this.photo;
		if (!opened || !outline || !(corners || this.photo.withoutSheet)) return null;
		const traced = this.#traced.map(({ id }) => featureMarks(id));
		const whole = traced.filter((marks) => marks.every((mark) => still[mark]));
		const marked = [...WALL_CORNERS, ...whole.flat()].map((id) => [id, still[id]]);
		const taped = this.taped();
		return readPhoto(
			opened,
			corners ? sheetAt(sheet, corners) : wallAsKnown(opened, outline, this.wall(), taped),
			seenWall(opened, Object.fromEntries(marked) as Record<string, Point>),
			knownOfWall(edges, taped),
			opened.focal
		);
	});
	readonly trouble = $derived.by(
		() => this.photo.trouble ?? (this.#reading?.ok === false ? this.#reading.error.message : null)
	);
	/** Width and height of the wall; null until its corners are marked. */
	readonly outline = $derived.by(() =>
		this.#reading?.ok ? figuresOfWall(this.#reading.value) : null
	);
	readonly features: TracedFigures[] = $derived.by(() => {
		const reading = this.#reading;
		if (!reading?.ok) return [];
		return this.#traced
			.filter(({ id }) => featureMarks(id).every((mark) => reading.value.places.has(mark)))
			.map((each) => ({ ...each, figures: figuresOfFeature(reading.value, each.id) }));
	});
	/** All that is begun is marked. */
	readonly ready = $derived.by(() => this.outline !== null && this.photo.left === 0);
	readonly lines: HandleLine[] = $derived.by(() => {
		const of = (kind: 'sheet' | 'corner') =>
			this.photo.handles.filter((each) => each.of === kind).map(({ at }) => at);
		return [
			...(['sheet', 'corner'] as const).map((each) => {
				const points = of(each);
				return { of: each, points, closed: points.length === 4 };
			}),
			...this.features.map(({ id }) => ({
				of: 'mark' as const,
				points: this.#seenBox(featureMarks(id)),
				closed: true
			}))
		];
	});
	/** Corners of the wall as shares of the photo; null until they lie. */
	readonly corners = $derived.by(() => {
		const { frameStill: four, opened } = this.photo;
		if (!four || !opened) return null;
		return four.map(({ x, y }) => ({ x: x / opened.width, y: y / opened.height }));
	});

	constructor(
		file: File,
		readonly wall: () => Wall,
		/** What a tape says of the wall. */
		readonly taped: () => { width?: Taped; height?: Taped }
	) {
		this.photo = new MarkedPhoto(
			file,
			() => [...CORNER_STEPS, ...this.#traced.flatMap(stepsOf)],
			() => WALL_CORNERS,
			'maybe'
		);
	}

	/** Begins to trace one more thing. */
	trace(kind: FeatureKind, id: string): void {
		this.#traced = [...this.#traced, { id, kind, name: faceOf({ kind }).label }];
	}

	/** A box on the wall between two marks, as the lens sees it. */
	#seenBox(marks: readonly [string, string]): Point[] {
		const { opened } = this.photo;
		if (!this.#reading?.ok || !opened) return [];
		const { lens } = this.#reading.value;
		return outlineOf(this.#reading.value, marks).flatMap(
			(corner) => seenBy(lens, opened, { ...corner, z: 0 }) ?? []
		);
	}

	untrace(id: string): void {
		this.#traced = this.#traced.filter((each) => each.id !== id);
	}
}

const stepsOf = ({ id, name }: Traced): Step[] =>
	featureMarks(id).map((mark, index) => ({
		...{ id: mark, of: 'mark' },
		label: PHOTO_MEASURE.handles.feature({ name, index }),
		says: PHOTO_MEASURE.feature({ name, index })
	}));
