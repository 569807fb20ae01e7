import {
	doseOf,
	formatLength,
	formatMass,
	hangsBy,
	hangsOn,
	lightOfYear,
	stylesOf,
	weightToReckon,
	type HangRecord,
	type HouseRules,
	massUnitOf
} from '../core/index.ts';
import { dayOf } from './day-of.ts';
import { toCsv } from './to-csv.ts';

/** What an insurer asks for, one line for each piece that hangs. */
export interface InventoryLine {
	letter: string;
	name: string;
	size: string;
	weight: string;
	wall: string;
	hangs: string;
	since: string;
	due: string;
	condition: string;
	light: string;
	worth: string;
}

/** The last note of how it is, or what the last look found. */
const conditionOf = ({ hanging }: HangRecord): string =>
	[...hanging.looks].sort((a, b) => a.at.localeCompare(b.at)).findLast(({ text }) => text)?.text ??
	'';

/** Lines of the inventory, for what hangs now. */
export function inventoryOf(
	records: readonly HangRecord[],
	houseRules: HouseRules,
	currency: string
): InventoryLine[] {
	const { lead } = stylesOf(houseRules);
	return records
		.filter(({ hanging }) => hanging.until === null)
		.map((record) => {
			const { piece, wall, hanging, due } = record;
			const weight = weightToReckon(piece);
			const dose = doseOf(piece, wall);
			return {
				...{ letter: piece.letter, name: piece.name, wall: wall.name },
				size: `${formatLength(piece.width, lead)} × ${formatLength(piece.height, lead)}`,
				weight: weight ? formatMass(weight.kg, massUnitOf(lead)) : '',
				hangs: `${hangsBy(record)}: ${hangsOn(record)}`,
				since: dayOf(hanging.since),
				due: dayOf(due),
				condition: conditionOf(record),
				light: dose ? lightOfYear(dose) : '',
				worth: piece.worth === null ? '' : `${piece.worth} ${currency}`.trim()
			};
		});
}

/** The inventory as CSV. */
export const inventoryCsv = (lines: readonly InventoryLine[]): string => toCsv(lines);
