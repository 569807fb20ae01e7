import { slideToLevel } from '../statics/uneven-rings.ts';
import type { HangSolution, HungPiece, LevelStep } from './types.ts';
import { slideOnWire } from './level.ts';
import { massBelowRings, wireLength, type WireBack } from './wire-reading.ts';

/** What levels a piece on its wire, over its hooks where they are; it tilts because the wire lies more to one side. */
export function levelOnWire(
	tilt: number,
	back: WireBack,
	piece: HungPiece,
	{ points }: HangSolution
): LevelStep {
	const [left, right] = [points[0]!, points.at(-1)!];
	const length = wireLength(back);
	const slide = length.ok
		? slideToLevel(
				{
					ringSpan: back.ringSpan,
					ringDrop: back.ringDrop,
					ringLower: back.ringLower ?? 0,
					hooks: left === right ? [left.x] : [left.x, right.x],
					hookLower: right.drop.value - left.drop.value,
					wireLength: length.value,
					massOffset: piece.massOffset,
					massBelowRings: massBelowRings(back, piece)
				},
				tilt
			)
		: length;
	return slideOnWire(tilt, slide.ok ? Math.abs(slide.value) : 0);
}
