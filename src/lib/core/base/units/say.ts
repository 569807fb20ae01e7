import { formatLength, type LengthStyle } from './format-length.ts';

/** A length inside a sentence, left open until the reader's units are known. */
export const lengthToken = (mm: number): string => `{${mm} mm}`;

/** The sentence with its lengths written in the reader's units, or as `write` has them. */
export function say(text: string, style: LengthStyle, write = formatLength): string {
	return text.replace(/\{(-?[\d.e+-]+) mm\}/g, (_, mm: string) => write(Number(mm), style));
}
