import { slideToLevel } from '../statics/uneven-rings.ts';
import type { HungPiece, LevelStep } from './types.ts';
import { slideOnWire } from './level.ts';
import {
	hooksMiddle,
	massBelowRings,
	unevenWire,
	wireLength,
	type WireBack
} from './wire-reading.ts';

/** What levels a piece on its wire; it tilts because the wire lies more to one side. */
export const levelOnWire =
	<B extends WireBack>(hookSpacing: (back: B) => number) =>
	(tilt: number, back: B, piece: HungPiece): LevelStep => {
		const length = wireLength(back);
		const slide = length.ok
			? slideToLevel(
					{
						...unevenWire(
							back,
							hookSpacing(back),
							hooksMiddle(back.ringSpan, hookSpacing(back), piece.massOffset)
						),
						wireLength: length.value,
						massOffset: piece.massOffset,
						massBelowRings: massBelowRings(back, piece)
					},
					tilt
				)
			: length;
		return slideOnWire(tilt, slide.ok ? Math.abs(slide.value) : 0);
	};
