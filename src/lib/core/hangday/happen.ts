import { HALF_STUD } from '../bones/evidence.ts';
import type { Feature } from '../features/index.ts';
import { top } from '../geometry/rect.ts';
import { asItHung, chooseOn, hookWith } from '../hangers/index.ts';
import type { DayEvent, DayEventOf } from '../model/day.ts';
import type { Hanging } from '../model/hanging.ts';
import type { Piece } from '../model/piece.ts';
import type { Project } from '../model/project.ts';
import type { Placement, Wall } from '../model/wall.ts';
import { activeArrangement } from '../model/arrangement.ts';
import { hangPiece } from '../plan/hang.ts';
import { hungPiece } from '../plan/hung-piece.ts';

/** What an event changes besides the list of what happened; most change nothing else. */
type Effects = {
	[W in DayEvent['what']]?: (project: Project, event: DayEventOf<W>) => Project;
};

/** Size of a hole that found nothing, and of what was met, as it is kept on the wall, mm. */
const HOLE = 6;
const SPOT = 30;

const EFFECTS: Effects = {
	met: (project, { id, wallId, pieceId, met, hole }) => {
		const left = met === 'wood' ? [] : [oldHole(`${id}-hole`, hole)];
		const run = met === 'metal' || met === 'pipe' ? [metAt(id, hole, met)] : [];
		return onWall(project, wallId, (wall) => ({
			...withPlacement(wall, pieceId, (placement) => ({ ...placement, fix: null })),
			hints: [...wall.hints, ...hintOf(id, met, hole)],
			studs: {
				...wall.studs,
				pinned: wall.studs.pinned.filter(
					({ x }) => met === 'wood' || Math.abs(x - hole.x) >= HALF_STUD
				)
			},
			features: [...wall.features, ...left, ...run]
		}));
	},
	settled: (project, { wallId, pieceId, back, points, nudge = 0, top: up = null }) => {
		const placed = onWall(project, wallId, (wall) =>
			withPlacement(wall, pieceId, (placement) => ({
				...placement,
				x: placement.x + nudge,
				height: up === null ? placement.height : { from: 'top', at: up },
				fix: { at: placement.x + nudge, points }
			}))
		);
		return withPiece(placed, pieceId, (piece) => ({
			...piece,
			back,
			hook: hookWith(piece, back)
		}));
	},
	hung: (project, { hanging, wallId, at }) => ({
		...onWall(project, wallId, (wall) => withPlacement(wall, hanging.pieceId, stands(hanging))),
		hangings: [...takenDown(project.hangings, hanging.pieceId, at, 'hung anew'), hanging]
	}),
	levelled: (project, { pieceId, wallId, tilt }) =>
		onHanging(project, pieceId, wallId, (hanging) => ({ ...hanging, tilt })),
	'came-out': (project, { pieceId, wallId, higher }) => {
		const moved = onHanging(project, pieceId, wallId, raised(higher));
		if (moved === project) return project;
		return withPiece(moved, pieceId, (piece) => measuredAsHung(project, wallId, piece, higher));
	},
	corrected: (project, { pieceId, wallId, hooks }) =>
		onHanging(project, pieceId, wallId, (hanging) => {
			const up = hooks.reduce((sum, each) => sum + each.up, 0) / hanging.points.length;
			return {
				...raised(up)(hanging),
				points: hanging.points.map((point, index) => {
					const by = hooks.find((each) => each.index === index)?.up ?? 0;
					const lift = ({ x, y }: { x: number; y: number }) => ({ x, y: y + by });
					return { ...point, bearing: lift(point.bearing), hole: lift(point.hole) };
				})
			};
		}),
	shifted: (project, { pieceId, wallId, right, answer }) => {
		const moved = onHanging(project, pieceId, wallId, (hanging) => ({
			...hanging,
			rect: { ...hanging.rect, x: hanging.rect.x + right }
		}));
		if (moved === project || !answer) return moved;
		return withPiece(moved, pieceId, (piece) => ({
			...piece,
			back: chooseOn(piece.back, answer.key, answer.answer)
		}));
	},
	looked: (project, { id, hangingId, at, by, state, text, photo }) => ({
		...project,
		hangings: project.hangings.map((each) =>
			each.id === hangingId
				? { ...each, looks: [...each.looks, { id, at, by, state, text, photo }] }
				: each
		)
	}),
	'taken-down': (project, { hangingId, at, why }) => {
		const hanging = project.hangings.find(({ id }) => id === hangingId);
		if (!hanging) return project;
		return {
			...onWall(project, hanging.wallId, (wall) =>
				withPlacement(wall, hanging.pieceId, (placement) => ({ ...placement, locked: false }))
			),
			hangings: project.hangings.map((each) =>
				each === hanging && each.until === null ? { ...each, until: at, why } : each
			)
		};
	}
};

/**
 * The project after something happened while hanging: the event is added to what happened, and what it tells of the
 * wall, a piece or a hanging becomes a fact. An event that is known already changes nothing.
 */
export function happen(project: Project, event: DayEvent): Project {
	if (project.day.some(({ id }) => id === event.id)) return project;
	const effect = EFFECTS[event.what] as
		((project: Project, event: DayEvent) => Project) | undefined;
	const told = { ...project, day: [...project.day, event] };
	return effect ? effect(told, event) : told;
}

function onWall(project: Project, wallId: string, change: (wall: Wall) => Wall): Project {
	return {
		...project,
		walls: project.walls.map((wall) => (wall.id === wallId ? change(wall) : wall))
	};
}

const withPiece = (
	project: Project,
	pieceId: string,
	change: (piece: Piece) => Piece
): Project => ({
	...project,
	pieces: project.pieces.map((piece) => (piece.id === pieceId ? change(piece) : piece))
});

function withPlacement(
	wall: Wall,
	pieceId: string,
	change: (placement: Placement) => Placement
): Wall {
	const active = activeArrangement(wall);
	const placements = active.placements.map((each) =>
		each.pieceId === pieceId ? change(each) : each
	);
	return {
		...wall,
		arrangements: wall.arrangements.map((each) =>
			each === active ? { ...each, placements } : each
		)
	};
}

/** The hanging that stands, changed, and its piece’s placement with it. */
function onHanging(
	project: Project,
	pieceId: string,
	wallId: string,
	change: (hanging: Hanging) => Hanging
): Project {
	const hanging = project.hangings.find(
		(each) => each.pieceId === pieceId && each.wallId === wallId && each.until === null
	);
	if (!hanging) return project;
	const changed = change(hanging);
	return {
		...onWall(project, wallId, (wall) => withPlacement(wall, pieceId, stands(changed))),
		hangings: project.hangings.map((each) => (each === hanging ? changed : each))
	};
}

/** What hangs stays where it hangs. */
const stands =
	({ rect }: Hanging) =>
	(placement: Placement): Placement => ({
		...placement,
		x: rect.x + rect.width / 2,
		height: { from: 'top', at: top(rect) },
		locked: true,
		fix: placement.fix && { ...placement.fix, at: rect.x + rect.width / 2 }
	});

const raised =
	(up: number) =>
	(hanging: Hanging): Hanging => ({
		...hanging,
		rect: { ...hanging.rect, y: hanging.rect.y + up }
	});

const takenDown = (
	hangings: readonly Hanging[],
	pieceId: string,
	at: string,
	why: string
): Hanging[] =>
	hangings.map((each) =>
		each.pieceId === pieceId && each.until === null ? { ...each, until: at, why } : each
	);

/** Where its hooks were moved along it to meet studs, one height tells nothing of the back. */
function measuredAsHung(project: Project, wallId: string, piece: Piece, higher: number): Piece {
	const wall = project.walls.find(({ id }) => id === wallId);
	const fix =
		wall && activeArrangement(wall).placements.find(({ pieceId }) => pieceId === piece.id)?.fix;
	if (fix?.points.some(({ x }) => x !== null)) return piece;
	const hung = hangPiece(piece, project.houseRules);
	if (!hung.ok) return piece;
	return { ...piece, back: asItHung(piece.back, hungPiece(piece), hung.value, higher) };
}

const HINT = { nothing: 'miss', wood: 'hit' } as const;

function hintOf(
	id: string,
	met: DayEventOf<'met'>['met'],
	{ x, y }: { x: number; y: number }
): Wall['hints'] {
	return met === 'nothing' || met === 'wood' ? [{ id, kind: HINT[met], x, y }] : [];
}

const around = ({ x, y }: { x: number; y: number }, size: number) => ({
	x: x - size / 2,
	y: y - size / 2,
	width: size,
	height: size
});

const oldHole = (id: string, hole: { x: number; y: number }): Feature => ({
	id,
	name: 'Hole that met nothing to hold',
	kind: 'old-fixing',
	of: 'hole',
	reusable: false,
	...around(hole, HOLE)
});

/** Metal is taken for a plate that guards a cable until someone knows better. */
const metAt = (id: string, hole: { x: number; y: number }, met: 'metal' | 'pipe'): Feature => ({
	id,
	name: met === 'pipe' ? 'Pipe met' : 'Metal met',
	kind: 'met-run',
	of: met === 'pipe' ? 'pipe' : 'cable',
	...around(hole, SPOT)
});
