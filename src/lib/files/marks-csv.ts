import {
	formatLength,
	hookOf,
	stylesOf,
	writeSum,
	type HouseRules,
	type HowSure,
	type Mark
} from '../core/index.ts';
import { toCsv } from './to-csv.ts';

/** The marks as CSV: what the tape shows, from where, in both unit systems, with the sum and how sure each is. */
export function marksCsv(
	marks: readonly Mark[],
	houseRules: HouseRules,
	sure: ReadonlyMap<string, HowSure>
): string {
	const { lead, other } = stylesOf(houseRules);
	return toCsv(
		marks.map((mark) => ({
			piece: mark.letter,
			point: mark.name,
			hook: hookOf(mark.hook).name,
			across: formatLength(mark.across.printed, lead),
			'across (other units)': formatLength(mark.across.exact.value, other),
			'across way': `${mark.across.way} ${mark.across.datum}`,
			marked: mark.markedAt,
			height: formatLength(mark.up.printed, lead),
			'height (other units)': formatLength(mark.up.exact.value, other),
			'height way': `${mark.up.way} ${mark.up.datum}`,
			'set from': mark.levelWith
				? `level with ${mark.levelWith.name}, ${formatLength(mark.levelWith.printed, lead)} ${mark.levelWith.way}`
				: '',
			what: { hole: 'hole', place: 'strip', cord: 'cord', kept: 'there already' }[mark.puts],
			'cord from rail': mark.cord ? formatLength(mark.cord.value, lead) : '',
			'bearing height': formatLength(mark.bearingUp.printed, lead),
			'hole height': formatLength(mark.holeUp.printed, lead),
			'right within, up mm': sure.get(mark.pieceId)?.up.toFixed(1) ?? '',
			'right within, across mm': sure.get(mark.pieceId)?.across.toFixed(1) ?? '',
			'not measured': sure.get(mark.pieceId)?.assumed.join(', ') ?? '',
			'chosen by the plan': sure.get(mark.pieceId)?.chosen.join(', ') ?? '',
			'across mm': mark.across.exact.value.toFixed(3),
			'height mm': mark.up.exact.value.toFixed(3),
			'bearing height mm': mark.bearingUp.exact.value.toFixed(3),
			'hole height mm': mark.holeUp.exact.value.toFixed(3),
			'across sum': writeSum(mark.across.exact.sum, lead, mark.across.printed),
			'height sum': writeSum(mark.up.exact.sum, lead, mark.up.printed)
		}))
	);
}
