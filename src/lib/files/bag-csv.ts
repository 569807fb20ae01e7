import {
	BAG_GROUPS,
	formatForce,
	formatMessage,
	stylesOf,
	type BagItem,
	type HouseRules,
	massUnitOf
} from '../core/index.ts';
import { toCsv } from './to-csv.ts';

/** The bag as CSV: what, how many with spares, what is at hand, for which pieces, and whether it is packed. */
export function bagCsv(
	items: readonly BagItem[],
	packed: (item: BagItem) => boolean,
	houseRules: HouseRules
): string {
	const { lead } = stylesOf(houseRules);
	return toCsv(
		items.map((item) => ({
			group: BAG_GROUPS[item.group],
			what: formatMessage(item.name, lead),
			'rated at least': item.rated === null ? '' : formatForce(item.rated, massUnitOf(lead)),
			used: item.count ?? '',
			spare: item.spare || '',
			'at hand': item.stock ?? '',
			pieces: item.letters.join(' '),
			packed: packed(item) ? 'yes' : ''
		}))
	);
}
