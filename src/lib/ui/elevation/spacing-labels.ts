import { formatLength, type Gap, type LengthStyle } from '../../core/index.ts';
import type { Frame } from './frame.ts';

/** A distance beside a piece as it is drawn, px. */
export interface SpacingLabel {
	gap: Gap;
	size: number;
	level: boolean;
	/** Ends of its line along its axis, and where across it the line runs. */
	from: number;
	to: number;
	at: number;
	/** Middle of its label, beside the line where that is too short for it. */
	x: number;
	y: number;
	width: number;
	text: string;
	/** The same as on the other side, or as the house gap. */
	alike: boolean;
}

/** Gaps that differ by less than this are one to the eye and the tape, mm. */
const ALIKE = 0.5;

export function spacingLabels(
	gaps: readonly Gap[],
	frame: Frame,
	style: LengthStyle,
	houseGap: number
): SpacingLabel[] {
	return gaps.map((gap) => {
		const level = gap.side === 'left' || gap.side === 'right';
		const size = gap.to - gap.from;
		const [from, to] = [gap.from, gap.to].map(level ? frame.x : frame.y) as [number, number];
		const at = level ? frame.y(gap.at) : frame.x(gap.at);
		const text = formatLength(size, style);
		const width = text.length * 8 + 14;
		const middle = (from + to) / 2;
		const tight = Math.abs(to - from) < (level ? width : 22);
		const across = OPPOSITE[gap.side];
		const other = gaps.find(({ side }) => side === across);
		return {
			gap,
			size,
			level,
			from,
			to,
			at,
			x: level ? middle : at + (tight ? width / 2 + 8 : 0),
			y: level ? at - (tight ? 18 : 0) : middle,
			width,
			text,
			alike:
				Math.abs(size - houseGap) < ALIKE ||
				(other !== undefined && Math.abs(other.to - other.from - size) < ALIKE)
		};
	});
}

const OPPOSITE = { left: 'right', right: 'left', above: 'below', below: 'above' } as const;

/** How a piece moves so that a gap beside it becomes another, mm. */
export function toMakeGap({ side, from, to }: Gap, size: number): { dx: number; dy: number } {
	const more = size - (to - from);
	return {
		left: { dx: more, dy: 0 },
		right: { dx: -more, dy: 0 },
		below: { dx: 0, dy: more },
		above: { dx: 0, dy: -more }
	}[side];
}
