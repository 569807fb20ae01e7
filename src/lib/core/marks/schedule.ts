import { addUp, combine, MARKING, TAPE_READING, type Derived, type Term } from '../derived.ts';
import { hookOf, type Hook, type HookKind } from '../fixings/index.ts';
import { memoised } from '../memo.ts';
import type { HouseRules } from '../model/house-rules.ts';
import type { Wall } from '../model/wall.ts';
import type { PlannedHook, PlannedPiece } from '../plan/hang.ts';
import type { CentreLine } from '../plan/place.ts';
import { roundToTick, type LengthStyle } from '../units/index.ts';
import { datumHeight, hookAdds, hookedAcross, hookedUp } from './datum.ts';
import { stylesOf } from './styles.ts';

/** One number a tape shows, from where it is hooked and which way. */
export interface TapeReading {
	way: 'right of' | 'left of' | 'up from' | 'down from' | 'on';
	datum: string;
	/** Exact distance, mm, never negative. */
	exact: Derived;
	/** Distance as printed, mm: rounded to the tape's tick, as one set with its fellows. */
	printed: number;
	/** printed − exact, mm, when it passes the tolerance. */
	roundingError: number | null;
}

/** Holes whose heights differ by no more are on one level, mm. */
const LEVEL = 0.05;

type Distance = Pick<TapeReading, 'way' | 'exact'>;

/** A point to put on the wall: the hole, with the bearing beside it. */
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
	hole: { x: number; y: number };
	bearing: { x: number; y: number };
	across: TapeReading;
	up: TapeReading;
	/** Height of the bearing from the same datum as `up`. */
	bearingUp: TapeReading;
	/** Where it lies from the first mark of its piece, when both are on one level: it is set from that one. */
	levelWith: { name: string; way: 'right' | 'left'; exact: number; printed: number } | null;
}

/** What a piece's marks are read from, flat, so that sameness can be told. */
type From = [
	acrossAt: number,
	acrossLabel: string,
	upLabel: string,
	level: number,
	/** What the tape hooks on at each place anew; null when that is the same all along. */
	here: string | null,
	lead: LengthStyle,
	tolerance: number,
	/** What the tape’s hook adds, mm, across and up. */
	acrossAdds: number,
	upAdds: number
];

/** Marks of every hook from the wall's own tape hooks, in the order a person walks the wall. */
export function schedule({
	wall,
	pieces,
	of = pieces,
	centreLine,
	houseRules
}: {
	wall: Wall;
	/** What a tape may be hooked on. */
	pieces: readonly PlannedPiece[];
	/** Those whose marks are wanted. */
	of?: readonly PlannedPiece[];
	centreLine: CentreLine;
	houseRules: HouseRules;
}): Mark[] {
	const datums = { wall, pieces, centreLineY: centreLine.y };
	const across = hookedAcross(datums, wall.tape.across);
	const up = hookedUp(datums, wall.tape.up);
	const { lead } = stylesOf(houseRules);
	const walked = [...of].sort((a, b) => a.rect.x - b.rect.x || b.rect.y - a.rect.y);
	return walked.flatMap((piece) => {
		const [first] = piece.hooks;
		if (!first) return [];
		const level = datumHeight(wall, up, first.hole.x);
		const here =
			{ 'floor-here': 'the floor under', ceiling: 'the ceiling over' }[up.datum.from as string] ??
			null;
		return marksOf(
			piece,
			across.at,
			across.label,
			up.label,
			level,
			here,
			lead,
			houseRules.tolerance,
			hookAdds(across.datum, houseRules.tapeHook),
			hookAdds(up.datum, houseRules.tapeHook)
		);
	});
}

const marksOf = memoised(({ pieceId, letter, hooks }: PlannedPiece, ...from: From): Mark[] => {
	const [acrossAt, acrossLabel, upLabel, level, here, lead, tolerance, acrossAdds, upAdds] = from;
	const first = hooks[0]!;
	return hooks.map((hook): Mark => {
		const datum = hook !== first && here ? `${here} the ${first.name}` : upLabel;
		const across = distanceAcross(hook, acrossAt, acrossAdds);
		const acrossPrinted = asOneSet(
			hooked(first.hole.x - acrossAt, acrossAdds),
			hook.hole.x - first.hole.x,
			lead
		);
		const up = distanceUp(hook, hook.hole.y, level, upAdds);
		const upPrinted = asOneSet(
			hooked(first.hole.y - level, upAdds),
			hook.hole.y - first.hole.y,
			lead
		);
		const bearing = distanceUp(hook, hook.bearing.y, level, upAdds);
		const bearingPrinted = asOneSet(
			hooked(first.bearing.y - level, upAdds),
			hook.bearing.y - first.bearing.y,
			lead
		);
		return {
			id: hook.id,
			pieceId,
			letter,
			name: hook.name,
			hook: hook.kind,
			puts: hookOf(hook.kind).puts,
			cord: hook.cord,
			hole: hook.hole,
			bearing: hook.bearing,
			across: printed(across, acrossLabel, acrossPrinted, tolerance),
			up: printed(up, datum, upPrinted, tolerance),
			bearingUp: printed(bearing, datum, bearingPrinted, tolerance),
			levelWith: levelWith(hook, first, lead)
		};
	});
});

/** Holes of one piece on one level are set from its first. */
function levelWith(hook: PlannedHook, first: PlannedHook, lead: LengthStyle): Mark['levelWith'] {
	const apart = hook.hole.x - first.hole.x;
	if (hook === first || Math.abs(hook.hole.y - first.hole.y) > LEVEL) return null;
	return {
		name: first.name,
		way: apart < 0 ? 'left' : 'right',
		exact: Math.abs(apart),
		printed: roundToTick(Math.abs(apart), lead)
	};
}

/** A distance as the tape shows it, whichever way it lies. */
const hooked = (signed: number, adds: number): number => signed + (signed < 0 ? -adds : adds);

function printed(
	distance: Distance,
	datum: string,
	rounded: number,
	tolerance: number
): TapeReading {
	const error = rounded - distance.exact.value;
	const roundingError = Math.abs(error) > tolerance + 1e-6 ? error : null;
	return { ...distance, datum, printed: rounded, roundingError };
}

/** The first hook of a piece is rounded, and the others by their distance from it: level hooks stay level. */
function asOneSet(first: number, spacing: number, style: LengthStyle): number {
	return Math.abs(roundToTick(first, style) + roundToTick(spacing, style));
}

function distanceAcross(hook: PlannedHook, datum: number, adds: number): Distance {
	const terms: Term[] = [
		...hook.across.sum,
		term('hole beside the bearing', hook.hole.x - hook.bearing.x),
		term('tape hooked at', -datum)
	];
	const signed = hook.hole.x - datum;
	return {
		way: signed < 0 ? 'left of' : 'right of',
		exact: unsigned(terms, signed, adds, 'place of the hook, from where the tape is hooked', [])
	};
}

function distanceUp(hook: PlannedHook, y: number, datum: number, adds: number): Distance {
	const terms: Term[] = [
		...hook.height.sum,
		term(
			y < hook.bearing.y ? 'hole below the bearing' : 'hole above the bearing',
			y - hook.bearing.y
		),
		term('tape hooked at', -datum)
	];
	const signed = y - datum;
	return {
		way: Math.abs(signed) < LEVEL ? 'on' : signed < 0 ? 'down from' : 'up from',
		exact: unsigned(
			terms,
			signed,
			adds,
			'height of the bearing and the hook’s own offset, from where the tape is hooked',
			hook.height.parts
		)
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
		...addUp(adds === 0 ? turned : [...turned, term('your tape’s hook', adds)], source),
		...combine([
			...parts,
			{ label: 'reading the tape', plusMinus: TAPE_READING },
			{ label: 'setting the mark', plusMinus: MARKING }
		])
	};
}
