import { formatLength, type LengthStyle } from './format-length.ts';
import { keepUnits } from './keep-units.ts';

export { lengthToken } from '../../../words/tokens.ts';

/** The sentence with its lengths written in the reader's units, or as `write` has them; no figure breaks from its unit. */
export function formatMessage(text: string, style: LengthStyle, write = formatLength): string {
	return keepUnits(
		text.replace(/\{(-?[\d.e+-]+) mm\}/g, (_, mm: string) => write(Number(mm), style))
	);
}
