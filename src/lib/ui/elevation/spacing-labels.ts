import { formatLength, type Gap, type LengthStyle, type Rect } from '../../core/index.ts';
import { asideOf } from './aside.ts';
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
	/** Middle of its label: on its line, or clear of every piece where the line is too short for it. */
	x: number;
	y: number;
	/** From the middle of the line to a label that stands beside it. */
	leader: boolean;
	width: number;
	text: string;
	/** The same as on the other side, or as the house gap. */
	alike: boolean;
}

/** Gaps that differ by less than this are one to the eye and the tape, mm. */
const ALIKE = 0.5;
/** A label’s height, px. */
const HIGH = 36;

export function spacingLabels(
	gaps: readonly Gap[],
	frame: Frame,
	style: LengthStyle,
	houseGap: number,
	pieces: readonly Rect[],
	features: readonly Rect[]
): SpacingLabel[] {
	const drawn = (rect: Rect): Rect => ({
		x: frame.x(rect.x),
		y: frame.y(rect.y + rect.height),
		width: rect.width * frame.scale,
		height: rect.height * frame.scale
	});
	const taken = pieces.map(drawn);
	const fittings = features.map(drawn);
	const room = {
		x: frame.left,
		y: frame.floor - frame.height,
		width: frame.width,
		height: frame.height
	};
	const lines = gaps.map((gap) => lineOf(gap, frame, style));
	const stand = ({ x, y, width }: { x: number; y: number; width: number }) =>
		taken.push({ x: x - width / 2, y: y - HIGH / 2, width, height: HIGH });
	// What stands on its line has the first choice.
	for (const line of lines) if (!line.leader) stand(line);
	return lines.map((line) => {
		const { gap, level, leader } = line;
		const across = OPPOSITE[gap.side];
		const other = gaps.find(({ side }) => side === across);
		const alike =
			Math.abs(line.size - houseGap) < ALIKE ||
			(other !== undefined && Math.abs(other.to - other.from - line.size) < ALIKE);
		if (!leader) return { ...line, alike };
		const size = { width: line.width, height: HIGH };
		// Beside a door there may be no room but on it.
		const label =
			asideOf(line, size, level, [...taken, ...fittings], room) ??
			asideOf(line, size, level, taken, room) ??
			line;
		const { x, y } = label;
		stand({ x, y, width: line.width });
		return { ...line, x, y, alike };
	});
}

/** A distance with its label at the middle of its line. */
function lineOf(gap: Gap, frame: Frame, style: LengthStyle): Omit<SpacingLabel, 'alike'> {
	const level = gap.side === 'left' || gap.side === 'right';
	const size = gap.to - gap.from;
	const [from, to] = [gap.from, gap.to].map(level ? frame.x : frame.y) as [number, number];
	const at = level ? frame.y(gap.at) : frame.x(gap.at);
	const text = formatLength(size, style);
	const width = text.length * 8 + 18;
	const middle = (from + to) / 2;
	const leader = Math.abs(to - from) < (level ? width : HIGH);
	const place = level ? { x: middle, y: at } : { x: at, y: middle };
	return { gap, size, level, from, to, at, ...place, leader, width, text };
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
