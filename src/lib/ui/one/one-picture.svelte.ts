import {
	chooseOn,
	hangerOf,
	hungPiece,
	measureOn,
	placeWall,
	startBack,
	startPiece,
	startPlacement,
	stylesOf,
	usualHouseRules,
	type HangerKind,
	type HouseRules,
	type Made,
	type PlacedHeight,
	type Piece,
	type Placement,
	type Project,
	type Settlement
} from '../../core/index.ts';
import { newId } from '../../store/new-id.ts';
import { newProject } from '../../store/new-project.ts';

export type HeightMode = 'centre' | 'top' | 'bottom';

/** What a person has said of one picture: enough to go on with it after the page was loaded again. */
export interface OneFacts {
	units: HouseRules['units'];
	mode: HeightMode;
	centre: number;
	top: number;
	furniture: number;
	above: number;
	made: Made['of'];
	/** Figures that were typed, besides those of the back. */
	typed: string[];
	piece: Piece;
	fix: Placement['fix'];
}

/** A room tall enough for any one picture, mm; nothing of it is told. */
const ROOM = { name: 'Wall', width: 12 * 304.8, height: 8 * 304.8 };

const startFacts = (): OneFacts => ({
	units: 'in',
	mode: 'centre',
	centre: usualHouseRules.centreHeight,
	top: 65 * 25.4,
	furniture: 32 * 25.4,
	above: 7 * 25.4,
	made: 'unknown',
	typed: [],
	piece: startPiece(newId, [], { name: 'My picture', width: 24 * 25.4, height: 30 * 25.4 }),
	fix: null
});

/** One picture on a wall of its own: the facts as typed, and the plan that follows. */
export class OnePicture {
	#base = newProject({ name: 'My picture', wall: ROOM, houseRules: usualHouseRules });
	#start = startFacts();
	facts: OneFacts = $state.raw(this.#start);

	readonly houseRules = $derived({ ...usualHouseRules, units: this.facts.units });
	readonly styles = $derived(stylesOf(this.houseRules));
	readonly height: PlacedHeight = $derived.by(() => {
		const { mode, centre, top, furniture, above } = this.facts;
		if (mode === 'centre') return { from: 'centre', at: centre };
		return mode === 'top' ? { from: 'top', at: top } : { from: 'bottom', at: furniture + above };
	});
	readonly project = $derived.by(() => this.projectOn(ROOM));
	readonly planned = $derived(placeWall(this.project, this.project.walls[0]!).pieces[0] ?? null);

	/** All hooks at one height. */
	readonly level = $derived.by(() => {
		const [first, ...others] = this.planned?.hooks ?? [];
		return others.every(({ bearing }) => Math.abs(bearing.y - first!.bearing.y) < 0.001);
	});

	/** The picture in the middle of a wall. */
	projectOn({ name, width, height }: { name: string; width: number; height: number }): Project {
		const { piece, made, fix } = this.facts;
		const wall = this.#base.walls[0]!;
		const x = width / 2;
		const placement = {
			...startPlacement(piece.id, x, this.height),
			fix: fix && { ...fix, at: x }
		};
		const arrangements = wall.arrangements.map((each) => ({ ...each, placements: [placement] }));
		return {
			...this.#base,
			name: piece.name,
			houseRules: this.houseRules,
			pieces: [piece],
			walls: [{ ...wall, name, width, height, made: { ...wall.made, of: made }, arrangements }]
		};
	}

	/** Takes what was typed; a figure that was typed is no longer assumed. */
	say(change: Partial<OneFacts>): void {
		this.facts = {
			...this.facts,
			...change,
			typed: this.#withTyped(Object.keys(change))
		};
	}

	#withTyped(more: readonly string[]): string[] {
		const { typed } = this.facts;
		return [...typed, ...more.filter((figure) => !typed.includes(figure))];
	}

	/** Nothing was typed yet. */
	get isFresh(): boolean {
		return this.facts === this.#start;
	}

	isTyped(figure: string): boolean {
		return this.facts.typed.includes(figure);
	}

	size(size: { width?: number; height?: number; weight?: number | null }): void {
		this.#change({ ...this.facts.piece, ...size }, Object.keys(size));
	}

	measure(key: string, mm: number): void {
		const { piece } = this.facts;
		this.#change({ ...piece, back: measureOn(piece.back, hungPiece(piece), key, mm) });
	}

	choose(key: string, answer: string): void {
		const { piece } = this.facts;
		this.#change({ ...piece, back: chooseOn(piece.back, key, answer) });
	}

	hangBy(kind: HangerKind): void {
		const { piece } = this.facts;
		const back = startBack(kind, piece, piece.back);
		this.#change({ ...piece, back, hook: hangerOf(back).hooks[0] });
	}

	/** Takes a way from the catalogue, with the back as that way has it. */
	settle({ back, points }: Settlement): void {
		this.facts = { ...this.facts, piece: { ...this.facts.piece, back }, fix: { at: 0, points } };
	}

	/** What was settled was for the picture as it was. */
	#change(piece: Piece, typed: readonly string[] = []): void {
		this.facts = {
			...this.facts,
			piece,
			fix: null,
			typed: this.#withTyped(typed)
		};
	}
}
