import { AS_HUNG_READING_MM, LEVEL_READING_DEGREES } from '../base/figures/readings.ts';
import { toRadians } from '../base/units/constants.ts';
import { hookOf, type HookKind } from '../catalogue/facts/index.ts';
import { LEARNED } from '../../words/en/came-out.ts';
import { sitsFact, sitsKey, usualDeviation } from '../marking/marks/resting.ts';
import type { Project } from '../model/project.ts';
import { hangerOf } from '../piece/hangers/index.ts';
import { balanceOf, pieceFacts, type PieceFact } from '../piece/piece-facts.ts';
import type { Piece } from '../piece/piece.ts';
import { estimate } from '../readings/estimate.ts';
import { factKey, factOf, type Fact } from '../readings/fact.ts';
import { readingsOf } from '../readings/kept.ts';
import type { FactReading } from '../readings/reading.ts';
import { deviation, type Share, type Spread } from '../readings/spread.ts';
import { gapSpread } from './landing.ts';
import { landingOfPiece, landingsOn } from './landings-on.ts';
import { marksOfPiece, planWallFast } from './plan-wall-fast.ts';

/** Something that was read at a piece that hangs. */
interface ReadThere {
	/** Of what happened; its readings carry it. */
	id: string;
	at: string;
	by: string;
	simulated: boolean;
	pieceId: string;
	wallId: string;
}

/** A height that was read, mm its top edge stands above where it was reckoned. */
export interface ReadAsHung extends ReadThere {
	higher: number;
}

/** A gap that was read, mm it is wider than planned, to a piece that hangs beside. */
export interface ReadGap extends ReadThere {
	besideId: string;
	wider: number;
}

/** What explains less of a reading than this is not told of it. A choice, no source. */
const EXPLAINS = 0.01;

/** A slope that was read, degrees, right end higher positive. */
export interface ReadTilt extends ReadThere {
	tilt: number;
}

/** One reading, mm off its plan, and all that explains it. */
class Explained {
	readonly #off: Spread;
	readonly #by: number;
	readonly #read: ReadThere;
	/** Of the reading itself, mm: one standard deviation. */
	readonly #sd: number;

	constructor(off: Spread, by: number, read: ReadThere, sd = AS_HUNG_READING_MM) {
		this.#off = off;
		this.#by = by;
		this.#read = read;
		this.#sd = sd;
	}

	/** The part of a cause; none where it explains next to nothing. */
	share(cause: string): Share | undefined {
		const share = this.#off.find((each) => each.cause === cause);
		const all = deviation(this.#off) ** 2 + this.#sd ** 2;
		return share && share.effect ** 2 / all > EXPLAINS ? share : undefined;
	}

	/** What the reading says of a figure, all else being as it is reckoned. */
	tells({ cause, effect }: Share, sd: number, stands: number): FactReading {
		const { id, at, by, simulated } = this.#read;
		const rest = deviation(this.#off.filter((each) => each.cause !== cause));
		return {
			...{ id, at, by, simulated, struck: false, way: 'as-hung' },
			value: stands + (this.#by * sd) / effect,
			spread: { own: (sd / Math.abs(effect)) * Math.hypot(rest, this.#sd), shared: 0 }
		};
	}
}

/**
 * A height that came out is one more reading of everything that explains it: each figure of the back, and where loads
 * rest on such hooks. Each moves by its share of the variance, k = e²/(Σe² + r²), and is known better for it.
 * Source: a scalar Kalman update, told as an inverse-variance weighted reading of each figure.
 */
export function learnFrom(project: Project, read: ReadAsHung): Project {
	const plan = planWallFast(project, read.wallId);
	const planned = plan.ok && plan.value.pieces.find(({ pieceId }) => pieceId === read.pieceId);
	if (!plan.ok || !planned) return project;
	const marks = marksOfPiece(project, plan.value, planned);
	const landing = landingOfPiece(project, plan.value, planned, marks);
	if (!landing) return project;
	// Read by the same tape that made the mark, its hook tells nothing.
	const off = landing.above.filter(({ what }) => what !== 'tape-hook');
	const told = new Explained(off, read.higher, read);
	return [...new Set(marks.map(({ hook }) => hook))].reduce(
		(next, kind) => {
			const share = told.share(sitsKey(kind));
			const stands = project.kit[kind]?.sits ?? 0;
			return share
				? withHookReading(next, kind, told.tells(share, Math.abs(share.effect), stands))
				: next;
		},
		withFigures(project, read.pieceId, told)
	);
}

/** A gap that came out is one more reading of what moves the piece sideways: its mass, and where its hardware is. */
export function learnFromGap(project: Project, read: ReadGap): Project {
	const plan = planWallFast(project, read.wallId);
	if (!plan.ok) return project;
	const all = landingsOn(project, plan.value);
	const [own, beside] = [read.pieceId, read.besideId].map((id) =>
		all.find(({ pieceId }) => pieceId === id)
	);
	if (!own || !beside) return project;
	return withFigures(
		project,
		read.pieceId,
		new Explained(gapSpread(own, beside), read.wider, read)
	);
}

/**
 * A slope that was read on two fixed points is one more reading of how far apart their drops are: the ends differ by
 * S·tan(tilt), of which the hooks as they were set explain their part. A wire and a cord slope for other reasons.
 */
export function learnFromTilt(project: Project, read: ReadTilt): Project {
	const plan = planWallFast(project, read.wallId);
	const planned = plan.ok && plan.value.pieces.find(({ pieceId }) => pieceId === read.pieceId);
	if (!plan.ok || !planned) return project;
	const { hanging, hung } = planned;
	if (!hanging || !hung || hung.wire) return project;
	const { points } = hung;
	const set = hanging.points;
	const marks = marksOfPiece(project, plan.value, planned);
	const isFixed = marks.every(({ puts }) => puts === 'hole' || puts === 'kept');
	if (points.length !== 2 || set.length !== 2 || marks.length !== 2 || !isFixed) return project;
	const landing = landingOfPiece(project, plan.value, planned, marks);
	const span = set[1]!.bearing.x - set[0]!.bearing.x;
	if (!landing || span <= 0) return project;
	const reckoned =
		set[1]!.bearing.y + points[1]!.drop.value - set[0]!.bearing.y - points[0]!.drop.value;
	const higher = span * Math.tan(toRadians(read.tilt)) - reckoned;
	const sd = span * toRadians(LEVEL_READING_DEGREES);
	return withFigures(project, read.pieceId, new Explained(landing.ends, higher, read, sd));
}

/** The figures of a piece that a reading tells of: its back, and its balance. */
function withFigures(project: Project, pieceId: string, told: Explained): Project {
	const piece = project.pieces.find(({ id }) => id === pieceId);
	if (!piece) return project;
	const balance = factKey(balanceOf(pieceId));
	return pieceFacts(piece, project.readings).reduce((next, fact) => {
		const key = factKey(fact.fact);
		const share = fact.fact.of === 'back' || key === balance ? told.share(key) : undefined;
		return share
			? withFigureReading(next, pieceId, fact, told.tells(share, fact.sd, fact.value))
			: next;
	}, project);
}

function withReadings(
	project: Project,
	fact: Fact,
	readings: FactReading[],
	write: (project: Project, mean: number) => Project
): Project {
	const kept = { ...project, readings: { ...project.readings, [factKey(fact)]: readings } };
	return write(kept, estimate(readings)!.mean);
}

/** A figure of a piece, with what the wall said of it; one that nobody read counts as the guess it was. */
function withFigureReading(
	project: Project,
	pieceId: string,
	{ fact, value, sd, state, ways }: PieceFact,
	reading: FactReading
): Project {
	const before =
		state === 'measured'
			? readingsOf(project.readings, fact, value, ways[0])
			: [usual(value, sd, reading)];
	return withReadings(project, fact, [...before, reading], (kept, mean) => ({
		...kept,
		pieces: kept.pieces.map((piece) => (piece.id === pieceId ? measured(piece, fact, mean) : piece))
	}));
}

const measured = (piece: Piece, { of, key }: Fact, value: number): Piece => {
	if (of === 'piece') return { ...piece, [key]: value };
	const hanger = hangerOf(piece.back);
	const back = hanger.measure(piece.back, key, value);
	return hanger.schema.safeParse(back).success ? { ...piece, back } : piece;
};

/** Where loads rest on hooks of a kind, with what the wall said of it. */
function withHookReading(project: Project, kind: HookKind, reading: FactReading): Project {
	const fact = sitsFact(kind);
	const kept = project.readings[factKey(fact)];
	const before = kept ?? [usual(0, usualDeviation(kind, project.kit, project.readings), reading)];
	return withReadings(project, fact, [...before, reading], (next, sits) => ({
		...next,
		kit: {
			...next.kit,
			[kind]: { dy: null, standOff: null, rating: null, stock: null, ...next.kit[kind], sits }
		}
	}));
}

/** What stood before anybody read it. */
const usual = (value: number, sd: number, { simulated }: FactReading): FactReading => ({
	...{ id: 'usual', value, way: 'usual', at: null, by: '', simulated, struck: false },
	spread: { own: sd, shared: 0 }
});

/** A figure that was reckoned anew from what came out. */
export interface Learned {
	key: string;
	/** mm, before and after. */
	was: number;
	is: number;
	/** Lengths are left open. */
	says: string;
}

/** What one event taught, by the readings it left. */
export const learnedFrom = (
	project: Pick<Project, 'readings' | 'pieces'>,
	eventId: string
): Learned[] =>
	Object.entries(project.readings).flatMap(([key, all]) => {
		const at = all.findIndex(({ id }) => id === eventId);
		if (at < 0) return [];
		const before = estimate(all.slice(0, at));
		const after = estimate(all.slice(0, at + 1));
		if (!before || !after) return [];
		const [was, is] = [before.mean, after.mean];
		return [{ key, was, is, says: saidOf(project, key, was, is) }];
	});

function saidOf(
	{ pieces, readings }: Pick<Project, 'readings' | 'pieces'>,
	key: string,
	was: number,
	is: number
): string {
	const { of, id } = factOf(key);
	if (of === 'hook')
		return LEARNED.hook({ name: hookOf(id as HookKind).name, higher: is, by: is - was });
	const piece = pieces.find((each) => each.id === id);
	const fact = piece && pieceFacts(piece, readings).find(({ fact }) => factKey(fact) === key);
	return LEARNED.back({ label: fact?.label ?? '', letter: piece?.letter ?? '?', was, is });
}
