import {
	isRinged,
	knownSheetSaid,
	shapeOf,
	type KnownSheetName,
	type Point,
	type Quad
} from '$lib/core/index.ts';
import type { Edges, Front, Opened, PhotoEye } from '$lib/photos/look.ts';
import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
import type { Handle } from './handle.ts';

/** One place to mark in a photo. */
export interface Step {
	id: string;
	of: Handle['of'];
	/** What its mark is called. */
	label: string;
	/** What to do. */
	says: string;
	/** It may not be seen in every photo. */
	mayBeHidden?: true;
}

/** Marks by what they mark, px. */
export type Marks = Readonly<Partial<Record<string, Point>>>;

/** Marks lie still this long after the last move, ms. */
const STILL_AFTER = 120;
const SHEET = [0, 1, 2, 3].map((index) => `sheet-${index}`);

/** Four marks in order; null until all are there. */
function fourOf(marks: Marks, ids: readonly string[]): Quad | null {
	const found = ids.flatMap((id) => marks[id] ?? []);
	return found.length === 4 ? (found as unknown as Quad) : null;
}

const areSame = (one: Quad | null, other: Quad | null): boolean =>
	one === other || (one?.every((at, index) => at === other?.[index]) ?? false);

/** A photo in which places are marked one after the other, after a sheet of known size. */
export class MarkedPhoto {
	readonly url: string;
	opened: Opened | null = $state.raw(null);
	trouble: string | null = $state(null);
	working = $state(false);
	sheet: KnownSheetName = $state('a4');
	sheetFound = $state(false);
	#blurred = $state(false);
	active: string | null = $state(null);
	#marks: Marks = $state.raw({});
	#skipped: readonly string[] = $state.raw([]);
	/** The marks once they lie still: reading them takes longer than a frame. */
	still: Marks = $state.raw({});
	/** Corners of the sheet as they lie still, px, and of what is measured; null until all lie, the same until one moves. */
	sheetStill: Quad | null = $state.raw(null);
	frameStill: Quad | null = $state.raw(null);
	/** Where edges are seen between those of what is measured. */
	edges: Edges = $state.raw([]);
	/** There is no sheet in it: what is measured is known otherwise. */
	withoutSheet = $state(false);
	#eye: PhotoEye | null = null;
	#stillSoon: ReturnType<typeof setTimeout> | undefined;

	readonly #steps = $derived.by(() => [
		...(this.withoutSheet ? [] : this.#sheetSteps()),
		...this.after().filter(({ id }) => !this.#skipped.includes(id))
	]);
	/** What is to be marked next; null once all is. */
	readonly next = $derived(this.#steps.find(({ id }) => !this.#marks[id]) ?? null);
	readonly left = $derived(this.#steps.filter(({ id }) => !this.#marks[id]).length);
	readonly #last = $derived(
		this.#steps.findLast(({ id, of }) => of !== 'sheet' && this.#marks[id])?.id
	);
	readonly canGoBack = $derived(this.#last !== undefined);
	readonly says = $derived(this.next?.says ?? PHOTO_MEASURE.allMarked());
	readonly sheetSays = $derived.by(() => {
		if (this.#blurred) return PHOTO_MEASURE.blurred();
		const sheet = knownSheetSaid(this.sheet);
		return this.sheetFound
			? PHOTO_MEASURE.sheetFound({ sheet })
			: PHOTO_MEASURE.sheetNotFound({ sheet });
	});
	readonly handles: Handle[] = $derived(
		this.#steps.flatMap(({ id, of, label }) => {
			const at = this.#marks[id];
			return at ? [{ id, of, label, at }] : [];
		})
	);

	constructor(
		readonly file: File,
		/** What is marked after the sheet. */
		readonly after: () => readonly Step[],
		/** Corners of what is measured; straight edges are looked for between them. */
		readonly framed: () => readonly string[],
		/** Whether a sheet is in it. */
		readonly hasSheet: 'yes' | 'maybe' | 'no' = 'yes'
	) {
		this.withoutSheet = hasSheet === 'no';
		this.url = URL.createObjectURL(file);
	}

	async open(): Promise<void> {
		this.working = true;
		const { PhotoEye } = await import('$lib/photos/look.ts');
		this.#eye = new PhotoEye(this.file);
		const opened = await this.#eye.open();
		this.trouble = opened.ok ? null : opened.error.message;
		if (opened.ok) {
			if (!this.withoutSheet) await this.look(this.sheet);
			this.opened = opened.value;
		}
		this.working = false;
	}

	/** Looks for a sheet, and takes its corners where it is found. */
	async look(sheet: KnownSheetName): Promise<void> {
		this.sheet = sheet;
		const found = await this.#eye?.sheet(shapeOf(sheet), isRinged(sheet));
		if (!found || this.sheet !== sheet) return;
		this.trouble = found.ok ? null : found.error.message;
		const corners = found.ok ? found.value?.corners : undefined;
		this.sheetFound = corners !== undefined;
		this.#blurred = found.ok && found.value?.blurred === true;
		for (const [index, id] of SHEET.entries())
			this.#marks = { ...this.#marks, [id]: corners?.[index] };
		await this.#lieStill();
	}

	#sheetSteps(): Step[] {
		const ringed = isRinged(this.sheet);
		return SHEET.map((id, index) => ({
			...{ id, of: 'sheet' },
			label: PHOTO_MEASURE.handles.sheet({ index, ringed }),
			says: PHOTO_MEASURE.sheetCorner({ index, ringed }),
			...(this.hasSheet === 'maybe' && { mayBeHidden: true })
		}));
	}

	/** Takes the marks as they lie, and the edges between four of them where those moved. */
	async #lieStill(): Promise<void> {
		const marks = this.#marks;
		const frame = fourOf(marks, this.framed());
		if (!areSame(frame, this.frameStill)) {
			const seen = frame && (await this.#eye?.edges(frame));
			// They moved meanwhile: another look is on its way.
			if (marks !== this.#marks) return;
			this.edges = seen?.ok ? seen.value : [];
			this.frameStill = frame;
		}
		const sheet = fourOf(marks, SHEET);
		if (!areSame(sheet, this.sheetStill)) this.sheetStill = sheet;
		this.still = marks;
	}

	/** What lies between four marks, as it is seen straight on. */
	async front(
		ids: readonly string[],
		size: { width: number; height: number }
	): Promise<Front | null> {
		const corners = fourOf(this.#marks, ids);
		const made = corners && (await this.#eye?.front(corners, size));
		if (!made) return null;
		this.trouble = made.ok ? null : made.error.message;
		return made.ok ? made.value : null;
	}

	at = (id: string | null): Point | undefined => (id === null ? undefined : this.#marks[id]);

	/** Puts the next mark down. */
	put(at: Point): void {
		if (this.next === null) return;
		const { id } = this.next;
		this.move(id, at);
		this.active = id;
	}

	move(id: string, at: Point): void {
		this.#marks = { ...this.#marks, [id]: at };
		clearTimeout(this.#stillSoon);
		this.#stillSoon = setTimeout(() => void this.#lieStill(), STILL_AFTER);
	}

	/** The next mark cannot be seen in this photo. */
	skip(): void {
		if (this.next?.of === 'sheet') this.withoutSheet = true;
		else if (this.next?.mayBeHidden) this.#skipped = [...this.#skipped, this.next.id];
	}

	/** Takes the last mark away. */
	back(): void {
		if (this.#last === undefined) return;
		this.#marks = { ...this.#marks, [this.#last]: undefined };
		this.active = null;
		void this.#lieStill();
	}

	close(): void {
		clearTimeout(this.#stillSoon);
		this.#eye?.close();
		URL.revokeObjectURL(this.url);
	}
}
