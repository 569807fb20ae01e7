import { fail, stop } from './said.ts';
import {
	CLEAT_CLAMPED_MM,
	CLEAT_HALF_MM,
	CLEAT_THICK_MM,
	RAIL_END_MM,
	STACKED_SCREWS_MM
} from '../../base/figures/hardware.ts';
import * as z from 'zod/mini';
import type { Caution } from '../../base/caution.ts';
import { byFormula } from '../../base/derived.ts';
import { assumedKeys, distance, position, size } from '../../base/schemas/sizes.ts';
import { ok, type Result } from '../../base/result.ts';
import { cleatLoads, wallHalfPull } from '../statics/cleat.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, screws } from './checks.ts';
import { down } from './dimension.ts';
import type { Hanger, HangSolution, HungPiece, WallPoint } from './types.ts';
import { lengthToken } from '../../base/units/message.ts';
import { belowPiece } from './limits.ts';
import { measured } from './measured.ts';
import { readDrop, straightLoad } from './rigid.ts';
import { levelByShim } from './level.ts';

export const cleatSchema = z.object({
	kind: z.literal('cleat'),
	of: z.enum(['wood', 'metal']).check(z.describe('what both halves are made of')),
	screws: z.int().check(z.minimum(1), z.maximum(6), z.describe('screws in the wall half')),
	railDrop: distance.check(
		z.describe('mm from the top edge down to the lower edge of the piece’s half, seated')
	),
	railOffset: position.check(z.describe('mm from the centre line to the middle of the rail')),
	railWidth: size.check(z.describe('mm, length of the wall half')),
	screwSpan: distance.check(z.describe('mm between the outer screws of the wall half')),
	screwLine: position.check(
		z.describe('mm from the piece’s lower edge, seated, down to the screw line of the wall half')
	),
	standOff: distance.check(z.describe('mm that the joined halves hold the back off the wall')),
	spacerUp: distance.check(z.describe('mm from the bottom edge up to the spacer')),
	assumed: assumedKeys
});
export type CleatBack = z.infer<typeof cleatSchema>;

/** The half a screw goes through. */
const CLAMPS = {
	wood: { thick: CLEAT_CLAMPED_MM.wood, of: 'wood' },
	metal: { thick: CLEAT_CLAMPED_MM.metal, of: 'steel' }
} as const;

/** A bevelled rail on the piece, seated on another on the wall. */
export const cleat: Hanger<CleatBack> = {
	kind: 'cleat',
	name: 'Cleat or split batten',
	unsuitable: [
		{
			when: ({ kind }) => kind === 'plate',
			grade: 'stop',
			code: 'not-on-cleat',
			why: 'There is nothing on a plate to screw a rail to.',
			instead: 'Use a plate hanger.'
		}
	],
	checks: [hardware, screws],
	schema: cleatSchema,
	closed: 'with-keeper',
	hooks: ['cleat-screw'],
	start: ({ width, height }, before) =>
		mergePreviousBack(
			cleatSchema,
			{
				kind: 'cleat',
				of: 'wood',
				screws: 2,
				railDrop: height * 0.15,
				railOffset: 0,
				railWidth: width * 0.75,
				screwSpan: Math.min(width * 0.6, 406.4),
				screwLine: 20,
				standOff: CLEAT_THICK_MM.wood,
				spacerUp: 40,
				assumed: [
					...['railDrop', 'railOffset', 'railWidth', 'screwSpan'],
					...['screwLine', 'standOff', 'spacerUp']
				]
			},
			before
		),
	dimensions: (back, { width, height }) => {
		const { railDrop, railOffset: x, railWidth, screwSpan, screwLine, spacerUp } = back;
		const screwDrop = railDrop + screwLine;
		return [
			{
				key: 'railWidth',
				label: 'Wall cleat',
				help: 'Length of the half that goes on the wall',
				value: railWidth,
				from: { x: x - railWidth / 2, drop: railDrop },
				to: { x: x + railWidth / 2, drop: railDrop },
				plausible: { min: width * 0.1, max: width },
				byPhoto: { between: ['left-rail', 'right-rail'] }
			},
			down(
				'railDrop',
				'Rail down',
				'From the top edge down to the lower edge of the piece’s half, seated on the wall half',
				{ x: x - railWidth / 2, drop: railDrop },
				height,
				'left-rail'
			),
			{
				key: 'screwLine',
				label: 'Screw line below',
				help: 'From that lower edge down to the screws of the wall half, seated; minus if above',
				value: screwLine,
				from: { x: x + railWidth / 2, drop: railDrop },
				to: { x: x + railWidth / 2, drop: screwDrop },
				plausible: { min: -60, max: 120 },
				byPhoto: { lower: ['right-rail', 'right-screw'] },
				signed: true
			},
			{
				key: 'screwSpan',
				label: 'Outer screws',
				help: 'Between the outer screws of the wall half',
				value: screwSpan,
				from: { x: x - screwSpan / 2, drop: screwDrop },
				to: { x: x + screwSpan / 2, drop: screwDrop },
				plausible: { min: 0, max: railWidth },
				byPhoto: { between: ['left-screw', 'right-screw'] }
			},
			{
				key: 'railOffset',
				aside: true,
				label: 'Off centre',
				help: 'From the middle of the piece to the middle of the rail; minus is left as it hangs',
				value: x,
				from: { x: 0, drop: railDrop },
				to: { x, drop: railDrop },
				plausible: { min: -width / 2, max: width / 2 },
				byPhoto: { from: 'middle', to: ['left-rail', 'right-rail'] },
				signed: true
			},
			{
				key: 'standOff',
				aside: true,
				label: 'Off the wall',
				help: 'How far the joined halves hold the back off the wall; the spacer is as thick',
				value: back.standOff,
				from: { x: width / 2, drop: railDrop },
				to: { x: width / 2, drop: railDrop + back.standOff },
				plausible: { min: 2, max: 60 }
			},
			{
				key: 'spacerUp',
				label: 'Spacer up',
				help: 'From the bottom edge up to the spacer',
				value: spacerUp,
				from: { x: width / 2, drop: height - spacerUp },
				to: { x: width / 2, drop: height },
				plausible: { min: 0, max: height / 2 },
				byPhoto: { from: 'bottom', to: ['spacer'] }
			}
		];
	},
	measure: measured,
	solve: (back, piece) => screwedAt(back, piece, screwPlaces(back)),
	draw: (back, { height }) => {
		const { railDrop, railOffset, railWidth, screwLine, of } = back;
		const batten = (drop: number, width: number, thick: number) => ({
			shape: 'batten' as const,
			at: { x: railOffset, drop },
			width,
			height: thick,
			metal: of === 'metal'
		});
		return [
			batten(railDrop, railWidth, CLEAT_HALF_MM[of]),
			batten(height - back.spacerUp, railWidth * 0.5, CLEAT_HALF_MM[of] / 2),
			...screwPlaces(back).map((x) => ({ shape: 'hook' as const, at: { x, drop: railDrop } })),
			...screwPlaces(back).map((x) => ({
				shape: 'bore' as const,
				at: { x, drop: railDrop + screwLine },
				diameter: 5
			}))
		];
	},
	choices: ({ of, screws }) => [
		{
			key: 'of',
			label: 'Made of',
			answer: of,
			answers: [
				{ answer: 'wood', label: 'wood' },
				{ answer: 'metal', label: 'metal' }
			]
		},
		{
			key: 'screws',
			label: 'Wall screws',
			answer: String(screws),
			answers: [1, 2, 3, 4].map((count) => ({ answer: String(count), label: String(count) }))
		}
	],
	choose: (back, key, answer) => {
		if (key === 'screws') return { ...back, screws: Number(answer) };
		const of = answer === 'metal' ? 'metal' : 'wood';
		const thick = back.assumed.includes('standOff') ? CLEAT_THICK_MM[of] : back.standOff;
		return { ...back, of, standOff: thick };
	},
	levelStep: (tilt, { railWidth }) => levelByShim(tilt, railWidth),
	sturdy: 'one half of a cleat',
	parts: ({ of, railWidth, standOff }) => [
		{ name: `Cleat of ${of}, both halves, ${lengthToken(railWidth)}`, each: 1 },
		{ name: `Spacer, ${lengthToken(standOff)} thick`, each: 1 }
	],
	more: (back) => {
		const screwSpan = Math.max(back.screwSpan, back.railWidth - 2 * RAIL_END_MM);
		return [3, 4]
			.filter((screws) => screws > back.screws)
			.map((screws) => ({ ...back, screws, screwSpan }));
	},
	meet: {
		counts: [1, 2, 3, 4],
		stacked: true,
		reach: ({ railOffset, railWidth }) => ({
			left: railWidth / 2 - railOffset - RAIL_END_MM,
			right: railWidth / 2 + railOffset - RAIL_END_MM
		}),
		solve: (back, piece, _rules, places) => screwedAt(back, piece, places)
	}
};

/** Its wall half screwed on at places right of the piece's centre line. */
function screwedAt(
	back: CleatBack,
	piece: HungPiece,
	places: readonly number[]
): Result<HangSolution> {
	const { railDrop, railOffset, railWidth } = back;
	const refused =
		belowPiece(railDrop, piece, 'railDrop') ?? beyondPiece(back, piece) ?? turned(back, piece);
	if (refused) return refused;
	if (places.at(-1)! - places[0]! > railWidth) return fail('screws-beyond-rail', {}, 'screwSpan');
	const loads = loadsOf(back, piece, places);
	if (loads && !loads.ok) return loads;
	const pried = loads
		? wallHalfPull({
				...{ weight: piece.weight!, thickness: back.standOff, height: CLEAT_HALF_MM[back.of] },
				pull: loads.value.pull.reduce((sum, each) => sum + each, 0)
			})
		: 0;
	const points = places.map((x, index): WallPoint => {
		const shear = loads?.ok ? loads.value.shear[index]! : null;
		return {
			name: places.length === 1 ? 'screw' : `screw ${index + 1}`,
			x,
			drop: readDrop('rail down', railDrop),
			hole: { dx: 0, dy: stackedBy(places, index) - back.screwLine },
			clamps: CLAMPS[back.of],
			load:
				shear === null || !loads?.ok
					? null
					: straightLoad(
							byFormula(shear, 'W/N + W(e-x̄)(x_i-x̄)/Σ(x-x̄)²'),
							byFormula(
								pried * (shear / piece.weight!),
								'(W·t/2 + H·h)/(h/2) about the lower edge of the wall half, shared as the weight is'
							)
						)
		};
	});
	const warned = loads?.ok ? loads.value.warnings : [];
	return ok({
		points,
		cautions: warned.length > 0 ? [lifts(railOffset)] : [],
		heldLevelBy: 'The wall half, levelled once. Slide the piece along it to centre it.'
	});
}

/** How far a screw lies above the screw line: two at one place lie one above the other. */
function stackedBy(places: readonly number[], index: number): number {
	if (places[index + 1] === places[index]) return STACKED_SCREWS_MM / 2;
	return index > 0 && places[index - 1] === places[index] ? -STACKED_SCREWS_MM / 2 : 0;
}

/** Screws spread evenly along the wall half, right of the centre line of the piece. */
function screwPlaces({ screws, screwSpan, railOffset }: CleatBack): number[] {
	if (screws === 1) return [railOffset];
	const step = screwSpan / (screws - 1);
	return Array.from({ length: screws }, (_, index) => railOffset - screwSpan / 2 + index * step);
}

function loadsOf(back: CleatBack, piece: HungPiece, places: readonly number[]) {
	if (piece.weight === null) return null;
	return cleatLoads({
		screws: [...places],
		weight: piece.weight,
		massOffset: piece.massOffset,
		massFromWall: back.standOff + piece.depth / 2,
		heightAboveSpacer: piece.height - back.railDrop - back.screwLine - back.spacerUp
	});
}

function beyondPiece({ railOffset, railWidth }: CleatBack, { width }: HungPiece) {
	if (Math.abs(railOffset) + railWidth / 2 <= width / 2) return null;
	return fail('rail-beyond-piece', {}, 'railWidth');
}

function turned({ railDrop, screwLine, spacerUp }: CleatBack, { height }: HungPiece) {
	if (height - railDrop - screwLine - spacerUp > 0) return null;
	return fail('spacer-above-screws', {}, 'spacerUp');
}

function lifts(railOffset: number): Caution {
	return stop('point-lifts', { of: 'screw' }, railOffset === 0 ? 'screwSpan' : 'railOffset');
}
