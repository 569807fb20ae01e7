import { slideToLevel, wireAround } from '../statics/uneven-rings.ts';
import type { HungPiece, LevelStep } from './types.ts';
import { slideOnWire } from './level.ts';
import {
	hooksMiddle,
	massBelowRings,
	pulledDrop,
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

/** The same rings with the wire so long that its hooks bear so many mm lower than reckoned; unchanged where none can be. */
export function wireAsHung<B extends WireBack>(back: B, hookSpacing: number, drop: number): B {
	const { ringDrop, ringLower } = back;
	if (drop >= ringDrop + Math.min(ringLower ?? 0, 0)) return back;
	const length = wireAround(unevenWire(back, hookSpacing), drop);
	return {
		...back,
		wire: {
			by: 'pull',
			fingerSpacing: hookSpacing,
			pulledDrop: pulledDrop(back, length, hookSpacing)
		},
		assumed: back.assumed.filter((key) => key !== 'pulledDrop' && key !== 'fingerSpacing')
	};
}
