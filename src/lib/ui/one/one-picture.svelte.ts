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
	type PlacedHeight,
	type Piece,
	type Project
} from '../../core/index.ts';
import { newId } from '../../store/new-id.ts';
import { newProject } from '../../store/new-project.ts';

export type HeightMode = 'centre' | 'top' | 'bottom';

/** A room tall enough for any one picture, mm. */
const WALL = { name: 'Wall', width: 12 * 304.8, height: 8 * 304.8 };

/** One picture on a wall of its own: the facts as typed, and the plan that follows. */
export class OnePicture {
	#base = newProject({ name: 'My picture', wall: WALL, houseRules: usualHouseRules });
	units: HouseRules['units'] = $state('in');
	mode: HeightMode = $state('centre');
	centre = $state(usualHouseRules.centreHeight);
	top = $state(65 * 25.4);
	furniture = $state(32 * 25.4);
	above = $state(7 * 25.4);
	piece: Piece = $state.raw(
		startPiece(newId, [], { name: 'My picture', width: 24 * 25.4, height: 30 * 25.4 })
	);

	readonly houseRules = $derived({ ...usualHouseRules, units: this.units });
	readonly styles = $derived(stylesOf(this.houseRules));
	readonly height: PlacedHeight = $derived(
		this.mode === 'centre'
			? { from: 'centre', at: this.centre }
			: this.mode === 'top'
				? { from: 'top', at: this.top }
				: { from: 'bottom', at: this.furniture + this.above }
	);
	readonly project = $derived.by((): Project => {
		const wall = this.#base.walls[0]!;
		const placements = [startPlacement(this.piece.id, WALL.width / 2, this.height)];
		const arrangements = wall.arrangements.map((each) => ({ ...each, placements }));
		return {
			...this.#base,
			name: this.piece.name,
			houseRules: this.houseRules,
			pieces: [this.piece],
			walls: [{ ...wall, arrangements }]
		};
	});
	readonly planned = $derived(placeWall(this.project, this.project.walls[0]!).pieces[0] ?? null);

	/** All hooks at one height. */
	readonly level = $derived.by(() => {
		const [first, ...others] = this.planned?.hooks ?? [];
		return others.every(({ bearing }) => Math.abs(bearing.y - first!.bearing.y) < 0.001);
	});

	size(size: { width?: number; height?: number; weight?: number | null }): void {
		this.piece = { ...this.piece, ...size };
	}

	measure(key: string, mm: number): void {
		const { back } = this.piece;
		this.piece = { ...this.piece, back: measureOn(back, hungPiece(this.piece), key, mm) };
	}

	choose(key: string, answer: string): void {
		const { back } = this.piece;
		this.piece = { ...this.piece, back: chooseOn(back, key, answer) };
	}

	hangBy(kind: HangerKind): void {
		const back = startBack(kind, this.piece, this.piece.back);
		this.piece = { ...this.piece, back, hook: hangerOf(back).hooks[0] };
	}
}
