import {
	HARDWARE_OFF_MM,
	HELD_OFFSET_MM,
	HOOK_OFFSET_MM,
	LINE_MM,
	TAPE_READING_MM
} from '../base/figures/readings.ts';
import { hangerOf } from '../piece/hangers/index.ts';
import { hardwareCause } from './piece-spread.ts';
import { pieceFacts, type PieceFact } from '../piece/piece-facts.ts';
import type { Piece } from '../piece/piece.ts';
import { estimate } from '../readings/estimate.ts';
import { factKey } from '../readings/fact.ts';
import { readingsOf, type KeptReadings } from '../readings/kept.ts';
import type { FactReading } from '../readings/reading.ts';
import { within, withinIf, type Share, type Spread } from '../readings/spread.ts';
import type { WayOfReading } from '../readings/ways.ts';
import { NEXT_MEASURE } from '../../words/en/spread.ts';

/** One thing to measure, and how far the piece would then land off at most, nine times in ten. */
export interface NextMeasure {
	says: string;
	/** mm. */
	within: number;
	/** The figure of the piece to read, and how; null where it is another. */
	reads: { key: string; way: WayOfReading } | null;
}

/** A measure is worth telling that narrows the range by a tenth. A choice, no source. */
const WORTH = 0.9;

/** The measure that narrows a spread most; null where none is worth the while. */
export function bestMeasure(spread: Spread, piece: Piece, kept: KeptReadings): NextMeasure | null {
	const facts = new Map(pieceFacts(piece, kept).map((fact) => [factKey(fact.fact), fact]));
	const [best] = spread
		.flatMap((share): NextMeasure[] => {
			const fact = facts.get(share.cause);
			if (fact) return readFact(spread, share, fact, kept);
			return share.cause === hardwareCause(piece.id)
				? readEdges(spread, share, piece)
				: readOther(spread, share, kept);
		})
		.sort((a, b) => a.within - b.within);
	return best && best.within < WORTH * within(spread) ? best : null;
}

/** One reading more, as it would be kept. */
const once = (way: WayOfReading, value: number): FactReading => ({
	...{ id: '', value, way, at: null, by: '', simulated: false, struck: false }
});

/** A figure of the piece read once more, in the best way there is. */
function readFact(
	spread: Spread,
	{ cause, effect }: Share,
	{ fact, label, firstRead, state, sd, value, ways }: PieceFact,
	kept: KeptReadings
): NextMeasure[] {
	return ways.map((way) => {
		const before = state === 'measured' ? readingsOf(kept, fact, value, ways[0]) : [];
		const then = estimate([...before, once(way, value)])!.sd;
		const of = label.toLowerCase();
		const says =
			state === 'assumed'
				? (firstRead ?? NEXT_MEASURE.first({ of }))
				: NEXT_MEASURE[way === 'hung-on-tape' ? way : 'again']({ of });
		return {
			says,
			within: withinIf(spread, cause, (effect * then) / sd),
			reads: { key: fact.key, way }
		};
	});
}

/** Where the points of a back lie beside its middle: half the difference of two readings. */
function readEdges(spread: Spread, { cause, effect }: Share, { back }: Piece): NextMeasure[] {
	if (
		!hangerOf(back)
			.choices(back)
			.some(({ key }) => key === 'across')
	)
		return [];
	const then = (effect * Math.SQRT1_2 * TAPE_READING_MM) / HARDWARE_OFF_MM;
	return [{ says: NEXT_MEASURE.edges(), within: withinIf(spread, cause, then), reads: null }];
}

/** What is measured once for many pieces. */
function readOther(
	spread: Spread,
	{ cause, what, effect, of }: Share,
	kept: KeptReadings
): NextMeasure[] {
	const then = (says: string, effectThen: number): NextMeasure[] => [
		{ says, within: withinIf(spread, cause, effectThen), reads: null }
	];
	if (what === 'wall-width' || what === 'wall-height') {
		const before = kept[cause] ?? [once('corners', 0)];
		const again = once('corners', estimate(before)?.mean ?? 0);
		return then(NEXT_MEASURE[what](), estimate([...before, again])!.sd);
	}
	if (what === 'fall-of-floor') return then(NEXT_MEASURE.floor(), LINE_MM);
	if (what === 'tape-hook') return then(NEXT_MEASURE['tape-hook'](), 0);
	if (what === 'offset' && Math.abs(effect) > HELD_OFFSET_MM)
		return then(NEXT_MEASURE.hook({ of: of! }), (effect * TAPE_READING_MM) / HOOK_OFFSET_MM);
	return [];
}
