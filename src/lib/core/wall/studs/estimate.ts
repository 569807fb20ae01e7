import { fail } from './said.ts';
import {
	AGREES_WITH_EDGES_MM,
	EDGED_SD_MM,
	HALF_STUD_MM,
	PINNED_SD_MM,
	SAME_STUD_MM,
	STUD_IN_FRAMING_CHANCE,
	STUD_WIDTHS_MM
} from '../../base/figures/studs.ts';
import { firstInvalid } from '../../base/check.ts';
import { ok, type Result } from '../../base/result.ts';
import { BUILD, pinnedTerm, termOf, type Term } from './evidence.ts';
import { KNOWN, PITCHES, type Spacing } from './layouts.ts';
import { moved, spanOf, type Hint } from './hint.ts';
import { fittingLean, leanAt, type Lean } from './lean.ts';
import { fitPitches, spreadOfPhase, type PitchFit } from './posterior.ts';
import { besideFraming, segmentsOf, type Segment } from './segments.ts';
import { chanceOfWood } from './wood.ts';

/** Likelihood below which a hint fits the layout badly: twice the chance of an outlier. */
const FITS_BADLY = 0.1;

export interface StudFacts {
	wallWidth: number;
	hints: readonly Hint[];
	/** mm; one alone fixes it. */
	pitches?: readonly number[];
	/** Odds of spacings before anything is found; all alike where nothing is said. */
	usual?: readonly Spacing[];
	/** Left and right ends of doors, windows and openings, mm. */
	openings?: readonly (readonly [number, number])[];
	/** Its ends are corners with framing of their own; not unless said. */
	corners?: boolean;
	/** Centres of studs a person is certain of, mm. */
	pinned?: readonly number[];
	/** Chance that a nail between studs seems to meet wood; 0.01, in lath and plaster more. */
	fooled?: number;
}

export interface Stud {
	/** Centre at the height the layout is told for, mm from the wall's left end. */
	x: number;
	/** Standard deviation of the centre, mm: √(phase² + 3²). */
	sd: number;
	/** Chance that a nail at x meets wood, whatever the pitch and the phase may be. */
	chance: number;
	pinned: boolean;
	/** A person is certain of it, or found both its edges: it is a stud whatever the layout is. */
	proven: boolean;
	/** A nail or screw met nothing where it should be: whatever the layout says, it is not counted on. */
	missed: boolean;
}

export interface StudEstimate {
	/** The pitch of greatest likelihood, with its odds beforehand, mm. */
	pitch: number;
	studs: Stud[];
	/** The other pitches, with how far their log-likelihood is behind. */
	alternatives: { pitch: number; behind: number; chance: number }[];
	/** The runner-up is less than 1 behind in log-likelihood. */
	nearTie: boolean;
	/** Indexes of hints whose likelihood under the layout is below 0.1. */
	outliers: number[];
	/** Indexes of hints in or beside a corner or an opening, which are not used. */
	setAside: number[];
	/** Chance that pitch and phase are right, of all that was looked at. */
	confidence: number;
	/** Whether that chance reaches what we call known. */
	known: boolean;
	/** How the studs lean, where hints at two heights tell. */
	lean: Lean | null;
}

/** What the hints say, stretch by stretch, and which of them were set aside. */
export interface Fitted {
	fits: PitchFit[];
	stretches: { segment: Segment; terms: Term[] }[];
	setAside: number[];
	openings: readonly (readonly [number, number])[];
	lean: Lean | null;
}

/**
 * Where the studs are, from every hint together: the pitch and the phase of greatest likelihood.
 * Each hint's likelihood by its tool's spread; one pitch for the wall, a phase for each stretch between openings.
 *
 * Range: wall 1 mm up; hints on the wall. Errors: `not-a-number`, `out-of-range`, `edges-crossed`, `hint-outside`,
 * `no-hints` (none, or none away from openings). Source: Bayes’ rule with the spreads of common practice.
 */
export function estimateStuds(facts: StudFacts): Result<StudEstimate> {
	const fitted = fitHints(facts);
	if (!fitted.ok) return fitted;
	const { fits, setAside, stretches, lean } = fitted.value;
	const edged = foundByEdges(facts.hints);
	if (edged.length === 0 && stretches.every(({ terms }) => terms.length === 0))
		return fail('no-hints', { aside: setAside.length > 0 }, 'hints');
	const [best, runnerUp] = fits as [PitchFit, PitchFit | undefined];
	const told = best.segments.filter(({ hints }) => hints > 0);
	const spreads = told.map((fit) => spreadOfPhase(fit, best.pitch));
	const confidence = spreads.reduce((all, { share }) => all * share, best.chance);
	const pins = facts.pinned ?? [];
	const misfits = outliers(facts, fitted.value);
	const misses = misfits.flatMap((index) => {
		const hint = facts.hints[index]!;
		return hint.kind === 'miss' ? [hint.x - (lean ? leanAt(lean, hint.y) : 0)] : [];
	});
	const inFraming = (x: number) => besideFraming([x, x], facts);
	const studs = told.flatMap((fit, index) =>
		centres(fit.segment, fit.phase, best.pitch).map((x) => ({
			x,
			sd: Math.hypot(spreads[index]!.sd, BUILD),
			chance: chanceOfWood(fits, x) * (inFraming(x) ? STUD_IN_FRAMING_CHANCE : 1),
			pinned: false,
			proven: false,
			missed: misses.some((miss) => Math.abs(miss - x) < HALF_STUD_MM)
		}))
	);
	return ok({
		pitch: best.pitch,
		studs: withPins(studs, pins, edged),
		alternatives: fits
			.slice(1)
			.map(({ pitch, logMax, chance }) => ({ pitch, behind: best.logMax - logMax, chance })),
		nearTie: runnerUp !== undefined && best.logMax - runnerUp.logMax < 1,
		outliers: misfits,
		setAside,
		confidence,
		known: confidence >= KNOWN,
		lean
	});
}

/** Reads the hints into statements and fits every pitch to them. */
export function fitHints(facts: StudFacts): Result<Fitted> {
	const trouble = checkFacts(facts);
	if (trouble) return trouble;
	const { wallWidth, hints, pitches = PITCHES, openings = [], pinned = [], fooled, usual } = facts;
	const segments = segmentsOf(wallWidth, openings);
	const setAside = [...hints.keys()].filter((index) => besideFraming(spanOf(hints[index]!), facts));
	const used = hints.filter((_, index) => !setAside.includes(index));
	const stretch = (of: readonly Hint[]) =>
		segments.map((segment) => ({
			segment,
			terms: [
				...of.filter((hint) => within(middleOf(hint), segment)).map((hint) => termOf(hint, fooled)),
				...pinned.filter((x) => within(x, segment)).map(pinnedTerm)
			]
		}));
	const upright = stretch(used);
	const first = fitPitches(pitches, upright, usual);
	const lean = fittingLean(used, first[0]!, segments);
	if (!lean) return ok({ fits: first, stretches: upright, setAside, openings, lean });
	const stretches = stretch(used.map((hint) => moved(hint, -leanAt(lean, hint.y))));
	return ok({ fits: fitPitches(pitches, stretches, usual), stretches, setAside, openings, lean });
}

function checkFacts({
	wallWidth,
	hints,
	pitches,
	pinned = []
}: StudFacts): ReturnType<typeof firstInvalid> {
	const numbers = firstInvalid([
		{ name: 'wallWidth', value: wallWidth, min: 0, open: true },
		...(pitches ?? []).map((value, index) => ({ name: `pitches.${index}`, value, min: 100 })),
		...pinned.map((value, index) => ({ name: `pinned.${index}`, value }))
	]);
	if (numbers) return numbers;
	if (pitches?.length === 0) return fail('out-of-range', {}, 'pitches');
	for (const [index, hint] of hints.entries()) {
		const [left, right] = spanOf(hint);
		const path = `hints.${index}`;
		if (!Number.isFinite(left) || !Number.isFinite(right)) return fail('not-a-number', {}, path);
		if (!('x' in hint) && right <= left) return fail('edges-crossed', {}, path);
		if (right < 0 || left > wallWidth) return fail('hint-outside', {}, path);
	}
	return null;
}

const middleOf = (hint: Hint): number => {
	const [left, right] = spanOf(hint);
	return (left + right) / 2;
};

const within = (x: number, { left, right }: Segment): boolean => x >= left && x <= right;

function centres({ left, right }: Segment, phase: number, pitch: number): number[] {
	const first = phase + Math.ceil((left - phase) / pitch) * pitch;
	const count = Math.max(Math.floor((right - first) / pitch) + 1, 0);
	return Array.from({ length: count }, (_, k) => first + k * pitch);
}

/** A proven stud takes the place of the layout's own beside it. */
function withPins(studs: Stud[], pins: readonly number[], edged: readonly number[]): Stud[] {
	const away = (from: readonly number[]) => (x: number) =>
		from.every((other) => Math.abs(other - x) > SAME_STUD_MM);
	const proven = (x: number, pinned: boolean): Stud => ({
		...{
			x,
			sd: pinned ? PINNED_SD_MM : EDGED_SD_MM,
			chance: 1,
			pinned,
			proven: true,
			missed: false
		}
	});
	const found = edged.filter(away(pins));
	const agrees = (x: number) => found.some((other) => Math.abs(other - x) <= AGREES_WITH_EDGES_MM);
	const free = studs
		.filter(({ x }) => away(pins)(x) && (agrees(x) || away(found)(x)))
		.map((stud) => (agrees(stud.x) ? { ...stud, proven: true } : stud));
	return [
		...free,
		...pins.map((x) => proven(x, true)),
		...found
			.filter((x) => free.every((stud) => Math.abs(stud.x - x) > AGREES_WITH_EDGES_MM))
			.map((x) => proven(x, false))
	].sort((a, b) => a.x - b.x);
}

/** Middles of studs of which both edges were found: together, or one after the other, as far apart as a stud is wide; mm. */
function foundByEdges(hints: readonly Hint[]): number[] {
	const one = ([left, right]: readonly [number, number]): number[] =>
		right - left >= STUD_WIDTHS_MM.least && right - left <= STUD_WIDTHS_MM.most
			? [(left + right) / 2]
			: [];
	const lefts = hints.flatMap((hint) => (hint.kind === 'edge-left' ? [hint.x] : []));
	return hints.flatMap((hint) => {
		if (hint.kind === 'edges') return one(spanOf(hint));
		if (hint.kind !== 'edge-right') return [];
		const left = lefts.filter((x) => x < hint.x).sort((a, b) => b - a)[0];
		return left === undefined ? [] : one([left, hint.x]);
	});
}

/** Likelihood of each hint at the best layout, its own scale: a hit below 0.1, or a nail that should have found otherwise. */
function outliers({ hints, fooled }: StudFacts, { fits, setAside, lean }: Fitted): number[] {
	const [best] = fits;
	return [...hints.keys()].filter((index) => {
		if (setAside.includes(index)) return false;
		const hint = lean ? moved(hints[index]!, -leanAt(lean, hints[index]!.y)) : hints[index]!;
		const fit = best!.segments.find(({ segment }) => within(middleOf(hint), segment));
		return fit !== undefined && fit.likelihoodOf(termOf(hint, fooled)) < FITS_BADLY;
	});
}
