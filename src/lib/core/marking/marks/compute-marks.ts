import { TAPE_READING_MM, MARKING_MM } from '../../base/figures/readings.ts';
import { addUp, combine, type Derived, type Term } from '../../base/derived.ts';
import { hookOf, type Hook, type HookKind } from '../../catalogue/facts/index.ts';
import type { Point } from '../../base/geometry/line.ts';
import { memoised } from '../../base/memo.ts';
import type { HouseRules } from '../../model/house-rules.ts';
import type { UpDatum, Wall } from '../../model/wall.ts';
import type { PlannedHook, PlannedPiece } from '../../model/planned.ts';
import type { CentreLine } from '../../model/placed.ts';
import { roundToTick, type LengthStyle } from '../../base/units/index.ts';
import { datumHeight, hookAdds, hookedAcross, hookedUp } from './datum.ts';
import { markedPoint, pointAt, type MarkedAt } from './marked-point.ts';
import { groupEdges } from './group-edge.ts';
import { hungAnchors } from './from-hung.ts';
import { stylesOf } from './styles.ts';
import { HOOKED_AT, TAPE_SUM } from '../../../words/en/marks.ts';

/** One number a tape shows, from where it is hooked and which way. */
export interface TapeReading {
	way: 'right of' | 'left of' | 'up from' | 'down from' | 'on';
	datum: string;
	/** Where the tape is hooked, mm from the wall's left end or above the level datum. */
	at: number;
	/** Exact distance, mm, never negative. */
	exact: Derived;
	/** Distance as printed, mm: rounded to the tape's tick, as one set with its fellows. */
	printed: number;
	/** printed − exact, mm, when it passes the tolerance. */
	roundingError: number | null;
}

/** Marks whose heights differ by no more are on one level, mm. */
const LEVEL = 0.05;

type Distance = Pick<TapeReading, 'way' | 'exact'>;

/** A point to put on the wall: what the hook is held by, its bearing or its hole. */
export interface Mark {
	id: string;
	pieceId: string;
	letter: string;
	name: PlannedHook['name'];
	/** What goes there. */
	hook: HookKind;
	/** Whether a hole is made there, something is stuck on, or a cord hangs. */
	puts: Hook['puts'];
	/** Length of its cord from the picture rail. */
	cord: Derived | null;
	hole: Point;
	bearing: Point;
	/** Which of the two is marked. */
	markedAt: MarkedAt;
	/** Where the mark goes, mm on the wall. */
	point: Point;
	/** Of the marked point. */
	across: TapeReading;
	up: TapeReading;
	/** Heights of both, from the same datum as `up`. */
	bearingUp: TapeReading;
	holeUp: TapeReading;
	/** Where it lies from the first mark of its piece, when both are on one level: it is set from that one. */
	levelWith: { name: string; way: 'right' | 'left'; exact: number; printed: number } | null;
}

/** Where the floor tape starts for a piece, flat, so that sameness can be told. */
type Start = [
	at: number,
	/** Where it starts as marked, mm: a mark stands on a tick of the tape. */
	marked: number,
	label: string,
	/** How sure that place is, mm; 0 for what is solid. */
	sure: number,
	/** What the tape’s hook adds there, mm. */
	adds: number
];

/** What a piece's marks are read from, flat likewise. */
type From = [
	...Start,
	upLabel: string,
	level: number,
	/** What the tape hooks on at each place anew; null when that is the same all along. */
	here: 'floor' | 'ceiling' | null,
	lead: LengthStyle,
	tolerance: number,
	upAdds: number
];

/** Marks of every hook from the wall's own tape hooks, in the order a person walks the wall. */
export function computeMarks({
	wall,
	pieces,
	of = pieces,
	grouped = pieces,
	centreLine,
	houseRules
}: {
	wall: Wall;
	/** What a tape may be hooked on. */
	pieces: readonly PlannedPiece[];
	/** Those whose marks are wanted. */
	of?: readonly PlannedPiece[];
	/** Whose groups tell the nearest edge: a drag leaves them until it ends. */
	grouped?: readonly PlannedPiece[];
	centreLine: CentreLine;
	houseRules: HouseRules;
}): Mark[] {
	const datums = { wall, pieces, centreLineY: centreLine.y };
	const across = hookedAcross(datums, wall.tape.across);
	const up = hookedUp(datums, wall.tape.up);
	const { lead } = stylesOf(houseRules);
	const wanted = new Set(of);
	// Piece to piece, each mark rests on those before it.
	const walked = [...(wall.tape.chain ? pieces : of)].sort(
		(a, b) => a.rect.x - b.rect.x || b.rect.y - a.rect.y
	);
	const adds = hookAdds(across.datum, houseRules.tapeHook);
	const edges = across.datum.from === 'nearest' ? groupEdges(grouped, wall) : null;
	const anchors = wall.tape.hung ? hungAnchors(grouped) : null;
	let before = null as { mark: Mark; adds: number } | null;
	return walked.flatMap((piece) => {
		const [first] = piece.hooks;
		if (!first) return [];
		const anchor = anchors?.get(piece.pieceId);
		const level = anchor?.up.at ?? datumHeight(wall, up, markedPoint(first).x);
		const here = anchor ? null : surface(up.datum.from);
		const start: Start = anchor
			? atEdge(anchor.across, 0)
			: before
				? atMark(before)
				: atEdge(edges?.get(piece.pieceId) ?? across, adds);
		const marks = marksOf(
			piece,
			...start,
			anchor?.up.label ?? up.label,
			level,
			here,
			lead,
			houseRules.tolerance,
			anchor ? 0 : hookAdds(up.datum, houseRules.tapeHook)
		);
		if (wall.tape.chain) before = { mark: marks.at(-1)!, adds: start[4] };
		return wanted.has(piece) ? marks : [];
	});
}

const surface = (from: UpDatum['from']): 'floor' | 'ceiling' | null =>
	from === 'floor-here' ? 'floor' : from === 'ceiling' ? 'ceiling' : null;

const atEdge = ({ at, label }: { at: number; label: string }, adds: number): Start => [
	...([at, at, label, 0, adds] as const)
];

/** Laid on a mark that stands already; what the tape’s hook added to its reading is no part of its place. */
function atMark({
	mark: { letter, name, point, across },
	adds
}: {
	mark: Mark;
	adds: number;
}): Start {
	const from = across.printed - adds;
	const marked = across.at + (across.way === 'left of' ? -from : from);
	return [point.x, marked, HOOKED_AT.mark({ letter, name }), across.exact.plusMinus, 0];
}

const marksOf = memoised(({ pieceId, letter, hooks }: PlannedPiece, ...from: From): Mark[] => {
	const [start, marked, label, sure, adds, upLabel, level, here, lead, tolerance, upAdds] = from;
	const first = hooks[0]!;
	const firstAt = markedPoint(first);
	return hooks.map((hook): Mark => {
		const { markedAt, puts } = hookOf(hook.kind);
		const point = markedPoint(hook);
		const datum =
			hook !== first && here ? HOOKED_AT.under({ of: here, name: theHook(first.name) }) : upLabel;
		const across = distanceAcross(hook, start, adds, sure);
		const acrossPrinted = asOneSet(firstAt.x - marked, point.x - firstAt.x, adds, lead);
		const upTo = (of: MarkedAt): TapeReading => {
			const from = of === markedAt ? firstAt.y : pointAt(first, of).y;
			const rounded = asOneSet(from - level, pointAt(hook, of).y - from, upAdds, lead);
			return printed(distanceUp(hook, of, level, upAdds), datum, level, rounded, tolerance);
		};
		return {
			id: hook.id,
			pieceId,
			letter,
			name: hook.name,
			hook: hook.kind,
			...{ puts, markedAt, point },
			cord: hook.cord,
			hole: hook.hole,
			bearing: hook.bearing,
			across: printed(across, label, marked, acrossPrinted, tolerance),
			up: upTo(markedAt),
			bearingUp: upTo('bearing'),
			holeUp: upTo('hole'),
			levelWith: levelWith(hook, first, lead)
		};
	});
});

/** A hook within a sentence: the left hook, but screw 2. */
const theHook = (name: string): string => (/\d$/.test(name) ? name : `the ${name}`);

/** Marks of one piece on one level are set from its first. */
function levelWith(hook: PlannedHook, first: PlannedHook, lead: LengthStyle): Mark['levelWith'] {
	const [at, from] = [markedPoint(hook), markedPoint(first)];
	const apart = at.x - from.x;
	if (hook === first || Math.abs(at.y - from.y) > LEVEL) return null;
	return {
		name: theHook(first.name),
		way: apart < 0 ? 'left' : 'right',
		exact: Math.abs(apart),
		printed: roundToTick(Math.abs(apart), lead)
	};
}

function printed(
	distance: Distance,
	datum: string,
	at: number,
	rounded: number,
	tolerance: number
): TapeReading {
	const error = rounded - distance.exact.value;
	const roundingError = Math.abs(error) > tolerance + 1e-6 ? error : null;
	return { ...distance, datum, at, printed: rounded, roundingError };
}

/**
 * The first hook of a piece is rounded, and the others by their distance from it: level hooks stay level. One on the
 * other side of where the tape is hooked is read by itself.
 *
 * @param adds what the tape’s hook adds, whichever way it is used.
 */
function asOneSet(first: number, spacing: number, adds: number, style: LengthStyle): number {
	const own = first + spacing;
	if (first < 0 !== own < 0) return roundToTick(Math.abs(own) + adds, style);
	const away = first < 0 ? -1 : 1;
	return Math.abs(roundToTick(Math.abs(first) + adds, style) + roundToTick(away * spacing, style));
}

function distanceAcross(hook: PlannedHook, datum: number, adds: number, sure: number): Distance {
	const at = markedPoint(hook);
	const terms: Term[] = [
		...hook.across.sum,
		term(TAPE_SUM['hole-beside'], at.x - hook.bearing.x),
		term(TAPE_SUM['hooked-at'], -datum)
	];
	const signed = at.x - datum;
	return {
		way: signed < 0 ? 'left of' : 'right of',
		exact: unsigned(
			terms,
			signed,
			adds,
			TAPE_SUM.across,
			sure > 0 ? [{ label: TAPE_SUM['marks-before'], plusMinus: sure }] : []
		)
	};
}

function distanceUp(hook: PlannedHook, of: MarkedAt, datum: number, adds: number): Distance {
	const { y } = pointAt(hook, of);
	const { sits = 0 } = hook;
	const terms: Term[] = [
		...hook.height.sum,
		term(
			TAPE_SUM[y + sits < hook.bearing.y ? 'hole-below' : 'hole-above'],
			y + sits - hook.bearing.y
		),
		term(TAPE_SUM['rests-elsewhere'], -sits),
		term(TAPE_SUM['hooked-at'], -datum)
	];
	const signed = y - datum;
	return {
		way: Math.abs(signed) < LEVEL ? 'on' : signed < 0 ? 'down from' : 'up from',
		exact: unsigned(terms, signed, adds, TAPE_SUM[`${of}-up`], hook.height.parts)
	};
}

const term = (label: string, value: number): Term => ({
	label,
	sign: value < 0 ? -1 : 1,
	value: Math.abs(value)
});

/** A tape shows no minus: measured the other way, every term changes its sign. */
function unsigned(
	terms: Term[],
	signed: number,
	adds: number,
	source: string,
	parts: Derived['parts']
): Derived {
	const used = terms.filter(({ value }, index) => index === 0 || value !== 0);
	const turned: Term[] =
		signed < 0 ? used.map((each) => ({ ...each, sign: each.sign === 1 ? -1 : 1 })) : used;
	return {
		...addUp(adds === 0 ? turned : [...turned, term(TAPE_SUM['tape-hook'], adds)], source),
		...combine([
			...parts,
			{ label: TAPE_SUM['tape-reading'], plusMinus: TAPE_READING_MM },
			{ label: TAPE_SUM['setting-mark'], plusMinus: MARKING_MM }
		])
	};
}
