import { AS_HUNG_READING_MM } from '../base/figures/readings.ts';
import { hookOf, type HookKind } from '../catalogue/facts/index.ts';
import { LEARNED } from '../../words/en/came-out.ts';
import { sitsFact, sitsKey, usualDeviation } from '../marking/marks/resting.ts';
import type { Project } from '../model/project.ts';
import { hangerOf } from '../piece/hangers/index.ts';
import { pieceFacts, type PieceFact } from '../piece/piece-facts.ts';
import type { Piece } from '../piece/piece.ts';
import { estimate } from '../readings/estimate.ts';
import { factKey, factOf, type Fact } from '../readings/fact.ts';
import { readingsOf } from '../readings/kept.ts';
import type { FactReading } from '../readings/reading.ts';
import { deviation, type Share } from '../readings/spread.ts';
import { landingOfPiece } from './landings-on.ts';
import { marksOfPiece, planWallFast } from './plan-wall-fast.ts';

/** A height that was read at a piece that hangs. */
export interface ReadAsHung {
	/** Of what happened; its readings carry it. */
	id: string;
	at: string;
	by: string;
	simulated: boolean;
	pieceId: string;
	wallId: string;
	/** mm its top edge stands above where it was reckoned. */
	higher: number;
}

/** What explains less of a reading than this is not told of it. A choice, no source. */
const EXPLAINS = 0.01;

/**
 * A height that came out is one more reading of everything that explains it: each figure of the back, and where loads
 * rest on such hooks. Each moves by its share of the variance, k = e²/(Σe² + r²), and is known better for it.
 * Source: a scalar Kalman update, told as an inverse-variance weighted reading of each figure.
 */
export function learnFrom(project: Project, read: ReadAsHung): Project {
	const piece = project.pieces.find(({ id }) => id === read.pieceId);
	const plan = planWallFast(project, read.wallId);
	const planned = plan.ok && plan.value.pieces.find(({ pieceId }) => pieceId === read.pieceId);
	if (!piece || !plan.ok || !planned) return project;
	const marks = marksOfPiece(project, plan.value, planned);
	const landing = landingOfPiece(project, plan.value, planned, marks);
	if (!landing) return project;
	// Read by the same tape that made the mark, its hook tells nothing.
	const off = landing.above.filter(({ what }) => what !== 'tape-hook');
	const told = (share: Share, sd: number, stands: number): FactReading => {
		const rest = off.filter(({ cause }) => cause !== share.cause);
		const each = sd / Math.abs(share.effect);
		return {
			...{ id: read.id, at: read.at, by: read.by, simulated: read.simulated, struck: false },
			value: stands + (read.higher * sd) / share.effect,
			way: 'as-hung',
			spread: {
				own: each * Math.hypot(deviation(rest), AS_HUNG_READING_MM),
				shared: 0
			}
		};
	};
	const all = deviation(off) ** 2 + AS_HUNG_READING_MM ** 2;
	const explains = (share: Share | undefined): share is Share =>
		share !== undefined && share.effect ** 2 / all > EXPLAINS;
	let next = project;
	for (const fact of pieceFacts(piece, project.readings)) {
		const share = off.find(({ cause }) => cause === factKey(fact.fact));
		if (explains(share) && fact.fact.of === 'back')
			next = withBackReading(next, piece.id, fact, told(share, fact.sd, fact.value));
	}
	for (const kind of new Set(marks.map(({ hook }) => hook))) {
		const share = off.find(({ cause }) => cause === sitsKey(kind));
		const stands = project.kit[kind]?.sits ?? 0;
		if (explains(share))
			next = withHookReading(next, kind, told(share, Math.abs(share.effect), stands));
	}
	return next;
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

/** A figure of the back, with what the wall said of it; one that nobody read counts as the guess it was. */
function withBackReading(
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
		pieces: kept.pieces.map((piece) =>
			piece.id === pieceId ? measured(piece, fact.key, mean) : piece
		)
	}));
}

const measured = (piece: Piece, key: string, value: number): Piece => {
	const hanger = hangerOf(piece.back);
	const back = hanger.measure(piece.back, key, value);
	return hanger.schema.safeParse(back).success ? { ...piece, back } : piece;
};

/** Where loads rest on hooks of a kind, with what the wall said of it. */
function withHookReading(project: Project, kind: HookKind, reading: FactReading): Project {
	const fact = sitsFact(kind);
	const kept = project.readings[factKey(fact)];
	const before = kept ?? [usual(0, usualDeviation(kind, project.kit), reading)];
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
