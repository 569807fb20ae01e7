import { formatLength, formatMessage, type LengthStyle } from '../../base/units/index.ts';
import type { Mark, TapeReading } from '../../marking/marks/compute-marks.ts';
import { halts, STANDING_CAUTIONS } from '../../fixing/cautions/index.ts';
import type { SheetStep } from './run-sheet.ts';

const SHARES: Record<string, string> = {
	'1/2': 'a half',
	'1/4': 'a quarter',
	'3/4': 'three quarters'
};
const PARTS: Record<string, string> = {
	'8': 'eighth',
	'16': 'sixteenth',
	'32': 'thirty-second',
	'64': 'sixty-fourth'
};

/** A length as it is said: 72 7/8" is “72 and 7 eighths inches”. */
export function spokenLength(mm: number, style: LengthStyle): string {
	const written = formatLength(mm, style);
	if (style.unit === 'mm') return written.replace(' mm', ' millimetres');
	const [, whole = '', share = ''] = /^(-?\d+)?\s*(\d+\/\d+)?"$/.exec(written) ?? [];
	if (share === '') return whole === '' ? written : `${whole} ${unit(whole)}`;
	const part = SHARES[share] ?? parts(share);
	return whole === ''
		? `${part} ${share === '1/2' ? 'inch' : 'of an inch'}`
		: `${whole} and ${part} inches`;
}

const unit = (whole: string): string => (whole === '1' ? 'inch' : 'inches');

function parts(share: string): string {
	const [count, of] = share.split('/') as [string, string];
	return `${count} ${PARTS[of]}${count === '1' ? '' : 's'}`;
}

const spokenReading = ({ way, datum, printed }: TapeReading, style: LengthStyle): string =>
	way === 'on' ? `on ${datum}` : `${spokenLength(printed, style)} ${way} ${datum}`;

/** A mark as it is read aloud: its name, then how far along, then how far up. */
export function spokenMark(mark: Mark, style: LengthStyle): string {
	const { letter, name, levelWith } = mark;
	const where = levelWith
		? `${spokenLength(levelWith.printed, style)} ${levelWith.way} of ${levelWith.name}, level with it`
		: `${spokenReading(mark.across, style)}. Then ${spokenReading(mark.up, style)}`;
	return `${letter}, ${name}. ${where}.`;
}

/** A step as it is read aloud: what forbids it, what to mind, what comes before it, then what to do. */
export function spokenStep(
	{ step, waitsFor }: Pick<SheetStep, 'step' | 'waitsFor'>,
	style: LengthStyle
): string {
	const stops = step.cautions.filter(halts);
	const cares = step.cautions.filter(
		(caution) => caution.grade === 'care' && !halts(caution) && !STANDING_CAUTIONS.includes(caution)
	);
	const says =
		step.asks.of === 'mark' ? [spokenMark(step.asks.mark, style)] : [step.title, ...step.says];
	return [
		...stops.map(({ message, remedy }) => `Stop. ${message} ${remedy}`),
		...cares.map(({ message }) => `Care. ${message}`),
		...waitsFor.slice(0, 1).map(({ title }) => `First: ${title}`),
		...says
	]
		.map((line) => formatMessage(line, style, spokenLength).replace(/\.?$/, '.'))
		.join(' ');
}

/** The mark that is read after a step, though nobody told yet that it is on; null after the last. */
export function markAfter(sheet: readonly SheetStep[], id: string): SheetStep | null {
	const at = sheet.findIndex(({ step }) => step.id === id);
	return sheet.slice(at + 1).find(({ step, mark }) => step.asks.of === 'mark' && !mark) ?? null;
}
