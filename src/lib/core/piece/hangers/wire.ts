import { care, fail, note, stop } from './said.ts';
import { SEEN_TILT_DEGREES } from '../../base/figures/people.ts';
import { TAPE_READING_MM, PULL_READING_MM } from '../../base/figures/readings.ts';
import {
	RING_STAND_OFF_MM,
	HOOK_STAND_OFF_MM,
	SURE_FRICTION,
	TWICE_THE_WEIGHT_DEGREES
} from '../../base/figures/hardware.ts';
import type { Caution } from '../../base/caution.ts';
import { byFormula, combine, minus, plus, propagate, type Derived } from '../../base/derived.ts';
import { ok, type Result } from '../../base/result.ts';
import { weightOf } from '../../base/units/constants.ts';
import { leanPull } from '../statics/lean.ts';
import { holdOnWire, type HeldWire } from '../statics/uneven-rings.ts';
import { hangOnWire, type HungWire } from '../statics/wire.ts';
import type { HangerRules, HangSolution, HungPiece, WallPoint } from './types.ts';
import { aboveTop, belowPiece, widerThanPiece } from './limits.ts';
import { ringPointCautions } from './ring-points.ts';
import { nearEdge } from './warnings.ts';
import {
	hooksMiddle,
	massBelowRings,
	pulledDrop,
	strandsOf,
	unevenWire,
	wireLength,
	type WireBack
} from './wire-reading.ts';

/** Wire, ring drop and hook spacing → wall points, loads and cautions; for one hook (spacing 0) or two. */
export function solveWire(
	back: WireBack,
	hookSpacing: number,
	piece: HungPiece,
	rules: HangerRules
): Result<HangSolution> {
	const refused =
		widerThanPiece(back.ringSpan, piece, 'ringSpan') ??
		belowPiece(back.ringDrop, piece, 'ringDrop') ??
		belowPiece(back.ringDrop + (back.ringLower ?? 0), piece, 'ringLower');
	if (refused) return refused;
	const length = wireLength(back);
	if (!length.ok) return length;
	const below = massBelowRings(back, piece);
	const weight = piece.weight ?? 1;
	const even = hangOnWire({
		ringSpan: back.ringSpan,
		ringDrop: back.ringDrop,
		wireLength: length.value,
		weight,
		hookSpacing,
		massBelowRings: below,
		margin: rules.hookMargin,
		...(piece.frame ? { topRailDepth: piece.frame.width } : {})
	});
	if (!even.ok) return at(even, back);
	if (Math.abs(piece.massOffset) >= back.ringSpan / 2)
		return fail('mass-beyond-rings', {}, 'ringSpan');
	const middle = hooksMiddle(back.ringSpan, hookSpacing, piece.massOffset);
	const held = holdOnWire({
		...unevenWire(back, hookSpacing, middle),
		wireLength: length.value,
		weight,
		massOffset: piece.massOffset,
		massBelowRings: below
	});
	if (!held.ok) return at(held, back);
	const shows = aboveTop(held.value.drop, readingPath(back));
	if (shows) return shows;

	const drop = dropOf(back, hookSpacing, middle, held.value.drop);
	const tension = Math.max(...held.value.tensions);
	const angle = Math.min(...held.value.angles);
	return ok({
		points: pointsOf(even.value, held.value, hookSpacing, drop, back, piece),
		wire: {
			length: length.value,
			tension:
				piece.weight === null ? null : byFormula(tension, 'T = W(L - w)/(4 · rise), W/(2 sin θ)'),
			angle: byFormula(angle, 'sin θ = 2 · rise/(L - w)'),
			hookSpacing
		},
		cautions: [
			...cautionsOf(even.value, back, hookSpacing, length.value),
			...unevenCautions(held.value, back, piece),
			...nearEdge(back.ringSpan, piece, 'ringSpan'),
			...overWire(back, piece, tension, rules),
			...ringPointCautions(back.points, piece, piece.weight === null ? null : tension)
		],
		steadiness: { depth: below, needed: even.value.steadyDepth, friction: 0 },
		heldLevelBy: even.value.steady
			? 'Its own weight brings it back to level.'
			: 'Friction of the wire on the hook only. Two hooks further apart, a steeper wire or rings straight on hooks hold better.'
	});
}

const readingPath = (back: WireBack): string => (back.wire.by === 'pull' ? 'pulledDrop' : 'length');

/** Names the dimension on the drawing rather than the argument of the sum. */
function at(failed: Extract<Result<never>, { ok: false }>, back: WireBack): Result<never> {
	const path = failed.error.path === 'wireLength' ? readingPath(back) : failed.error.path;
	return { ok: false, error: path === undefined ? failed.error : { ...failed.error, path } };
}

function dropOf(back: WireBack, hookSpacing: number, middle: number, value: number): Derived {
	const source =
		back.ringLower || middle !== 0
			? 'level pose over uneven rings: the runs of the wire add up to its length'
			: hookSpacing > 0
				? 'ring drop - rise, rise = ½√((L - w)² - (S - w)²), w between the hooks'
				: 'ring drop - rise, rise = ½√(L² - S²)';
	return {
		value,
		sum: [plus('ring drop', back.ringDrop), minus('rise of the wire', back.ringDrop - value)],
		source,
		...combine(uncertainty(back, hookSpacing))
	};
}

function uncertainty(back: WireBack, hookSpacing: number) {
	const { wire } = back;
	const drop = (ringSpan: number, ringDrop: number, reading: number): number => {
		const moved = {
			...back,
			ringSpan,
			ringDrop,
			wire: wire.by === 'pull' ? { ...wire, pulledDrop: reading } : { ...wire, length: reading }
		};
		const length = wireLength(moved);
		return length.ok ? pulledDrop(moved, length.value, hookSpacing) : NaN;
	};
	return propagate(drop, [
		{ label: 'ring span', value: back.ringSpan, error: TAPE_READING_MM },
		{ label: 'ring drop', value: back.ringDrop, error: TAPE_READING_MM },
		wire.by === 'pull'
			? { label: 'pulled drop', value: wire.pulledDrop, error: PULL_READING_MM }
			: { label: 'wire length', value: wire.length, error: PULL_READING_MM }
	]);
}

function pointsOf(
	even: HungWire,
	held: HeldWire,
	hookSpacing: number,
	drop: Derived,
	back: WireBack,
	piece: HungPiece
): WallPoint[] {
	const { massOffset } = piece;
	const lean =
		piece.weight === null
			? 0
			: leanPull({
					weight: piece.weight,
					height: piece.height,
					depth: piece.depth,
					ringDrop: back.ringDrop,
					rise: even.rise,
					ringStandOff: RING_STAND_OFF_MM,
					hookStandOff: HOOK_STAND_OFF_MM,
					massAboveBottom: piece.massUp
				}).pull;
	const point = (name: string, x: number, share: number, source: string): WallPoint => ({
		name,
		x,
		drop,
		load:
			piece.weight === null
				? null
				: {
						down: byFormula(piece.weight * share, source),
						inward: even.inwardPerHook,
						outward: even.outwardPerHook,
						pull: byFormula(lean * share, 'W(x_cg - p)/h about the bottom edge, from the lean')
					}
	});
	const middle = hooksMiddle(back.ringSpan, hookSpacing, massOffset);
	if (hookSpacing === 0) return [point('hook', middle, 1, 'the weight')];
	const share = held.tensions[0] * Math.sin((held.angles[0] * Math.PI) / 180);
	const left = share / (piece.weight ?? 1);
	const source = massOffset === 0 ? 'half the weight' : 'W(1/2 ∓ e/S), e the mass off the middle';
	return [
		point('left hook', middle - hookSpacing / 2, left, source),
		point('right hook', middle + hookSpacing / 2, 1 - left, source)
	];
}

/** What the wire is sold for, against its pull and the house rule; two runs share both. */
function overWire(
	back: WireBack,
	{ weight }: HungPiece,
	tension: number,
	{ wireFactor = 0 }: HangerRules
): Caution[] {
	const { rated } = back;
	if (weight === null || !rated) return [];
	const strands = strandsOf(back);
	const [pulled, kg] = [tension / strands, weight].map((newtons) => newtons / weightOf(1));
	if (pulled! > rated + 1e-9)
		return [stop('over-wire', { rated, pulled: pulled!, weight: kg! }, readingPath(back))];
	const asked = (kg! * wireFactor) / strands;
	return asked > rated + 1e-9
		? [care('wire-under-rule', { rated, asked, times: wireFactor }, readingPath(back))]
		: [];
}

function cautionsOf(
	hung: HungWire,
	back: WireBack,
	hookSpacing: number,
	length: number
): Caution[] {
	const cautions: Caution[] = [];
	if (hung.wireAngle < TWICE_THE_WEIGHT_DEGREES)
		cautions.push(care('wire-flat', {}, readingPath(back)));
	if (hung.warnings.includes('hook-near-top'))
		cautions.push(care('hook-near-top', { of: 'wire' }, readingPath(back)));
	if (hung.warnings.includes('wire-on-top-rail'))
		cautions.push(note('wire-on-top-rail', {}, readingPath(back)));
	const read = back.wire.by === 'pull' ? back.wire.fingerSpacing : null;
	if (read !== null && Math.abs(read - hookSpacing) > 1) {
		const shift = hung.drop - pulledDrop({ ...back, ringLower: null }, length, read);
		cautions.push(
			note('reading-corrected', {
				readWith: read > 0 ? 2 : 1,
				hungOn: hookSpacing > 0 ? 2 : 1,
				tooHigh: shift
			})
		);
	}
	return cautions;
}

/** What uneven rings or an uneven mass do: between the wire caught on its hooks and the wire free to run. */
function unevenCautions(held: HeldWire, back: WireBack, piece: HungPiece): Caution[] {
	if (!back.ringLower && piece.massOffset === 0) return [];
	const path = back.ringLower ? 'ringLower' : readingPath(back);
	if (held.tensions.some((tension) => tension < 0))
		return [stop('point-lifts', { of: 'ring' }, path)];
	const free =
		held.tiltFree === null
			? 'the wire free to run, it would slide away to one side'
			: `the wire free to run, ${degrees(held.tiltFree)}`;
	const cautions: Caution[] = [
		note('uneven-wire', { tiltHeld: degrees(held.tiltHeld), free }, path)
	];
	if (held.frictionNeeded > SURE_FRICTION || Math.abs(held.tiltHeld) > SEEN_TILT_DEGREES * 4)
		cautions.push(care('uneven-slips', {}, path));
	return cautions;
}

const degrees = (tilt: number): string =>
	Math.abs(tilt) < 0.05
		? 'level'
		: `${Math.abs(tilt).toFixed(1)}° ${tilt > 0 ? 'right' : 'left'} side high`;
