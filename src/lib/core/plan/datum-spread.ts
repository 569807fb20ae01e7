import { CORNER_READING_MM, LINE_MM, UNREAD_FALL_MM_PER_M } from '../base/figures/readings.ts';
import type { Mark } from '../marking/marks/compute-marks.ts';
import type { Wall } from '../model/wall.ts';
import { factKey } from '../readings/fact.ts';
import { estimateOf, type KeptReadings } from '../readings/kept.ts';
import type { Share, Spread } from '../readings/spread.ts';

/** Places nearer to each other than this share what was read of the floor there, mm. A choice, no source. */
const SAME_PLACE = 250;

/** How far the place is off that a mark is measured from along the wall, mm; the left corner is where the plan starts. */
export function acrossDatumSpread({ at }: Mark['across'], wall: Wall, kept: KeptReadings): Spread {
	if (at === 0) return [];
	if (at === wall.width) return [sizeShare(wall, 'width', kept)];
	return [{ cause: `edge/${at}`, what: 'edge', effect: CORNER_READING_MM }];
}

/**
 * How far the place is off that a mark's height is measured from, against where its height counts from, mm.
 *
 * @param x where it is measured; `from` where the floor counts from: under the middle of its group, or the left end.
 */
export function upDatumSpread(wall: Wall, x: number, from: number, kept: KeptReadings): Spread {
	const { from: datum } = wall.tape.up;
	if (datum === 'floor-here') return surfaceSpread('floor', x, from, read(wall, 'down'));
	if (datum === 'ceiling')
		return [sizeShare(wall, 'height', kept), ...surfaceSpread('ceiling', x, 0, read(wall, 'up'))];
	return [{ cause: `line/${datum}`, what: 'line', effect: LINE_MM }];
}

function sizeShare(wall: Wall, key: 'width' | 'height', kept: KeptReadings): Share {
	const fact = { of: 'wall' as const, id: wall.id, key };
	const { sd } = estimateOf(kept, fact, wall[key], 'corners');
	return { cause: factKey(fact), what: `wall-${key}`, effect: sd };
}

const read = (wall: Wall, way: 'down' | 'up'): boolean =>
	wall.levels.readings.some((each) => each[way] !== null);

/** A floor that was read is known to a reading at each place; one that was not may fall all along. */
function surfaceSpread(
	what: 'floor' | 'ceiling',
	x: number,
	from: number,
	isRead: boolean
): Spread {
	if (!isRead) {
		const effect = (UNREAD_FALL_MM_PER_M * (x - from)) / 1000;
		return effect === 0
			? []
			: [{ cause: `fall/${what}`, what: `fall-of-${what}`, effect, assumed: true }];
	}
	const [here, there] = [x, from].map((at) => Math.round(at / SAME_PLACE));
	const place = (at: number, effect: number): Share => ({ cause: `${what}/${at}`, what, effect });
	return here === there ? [] : [place(here!, LINE_MM), place(there!, -LINE_MM)];
}
