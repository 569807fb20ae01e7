import { highSide } from '../../piece/hangers/index.ts';
import { top, type Rect } from '../../base/geometry/rect.ts';
import type { Mark, TapeReading } from '../../marking/marks/compute-marks.ts';

interface Spot {
	x: number;
	y: number;
}

/** mm that the tape’s own hook adds to what it shows. */
const hookAdds = (reading: TapeReading, at: number): number =>
	reading.exact.value - Math.abs(at - reading.at);

const placeAt = (reading: TapeReading, planned: number, read: number): number => {
	const from = read - hookAdds(reading, planned);
	return reading.at + (planned < reading.at ? -from : from);
};

/**
 * Where a hole really is, by what the tape reads now at the marked point of its hook, from where that mark was measured;
 * the datum of a slope is taken as level there.
 */
export const holeAsRead = (
	{ point, hole, across, up }: Mark,
	read: { across: number; up: number }
): Spot => ({
	x: hole.x + placeAt(across, point.x, read.across) - point.x,
	y: hole.y + placeAt(up, point.y, read.up) - point.y
});

/** What the tape that gave a mark’s height reads at the top edge of its piece. */
export interface TopReading {
	way: 'up from' | 'down from';
	datum: string;
	/** mm. */
	reads: number;
	/** How much higher the edge stands for a reading, mm. */
	higher: (read: number) => number;
}

export function topReading({ point, up }: Mark, rect: Rect): TopReading {
	const from = top(rect) - up.at;
	const reads = Math.abs(from) + hookAdds(up, point.y);
	const sign = from < 0 ? -1 : 1;
	return {
		way: from < 0 ? 'down from' : 'up from',
		datum: up.datum,
		reads,
		higher: (read) => sign * (read - reads)
	};
}

/** Which of some hooks is the outermost on the high side of a tilt; -1 where there is none. */
export function highHook(hooks: readonly { bearing: Spot }[], tilt: number): number {
	const xs = hooks.map(({ bearing }) => bearing.x);
	const wanted = highSide(tilt) === 'right' ? Math.max(...xs) : Math.min(...xs);
	return xs.indexOf(wanted);
}
