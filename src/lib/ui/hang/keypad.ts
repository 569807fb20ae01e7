import type { LengthStyle } from '../../core/index.ts';

/** A key of the pad: what it says, and what it makes of what was typed. */
export interface Key {
	label: string;
	/** As it is spoken, where the label alone says too little. */
	spoken: string;
	kind: 'digit' | 'share' | 'act';
	press: (typed: string) => string;
}

/** The digits before any fraction or decimal, and the fraction. */
function partsOf(typed: string): { whole: string; share: string } {
	const [, whole = '', share = ''] = /^(\d+(?![\d/]))?[^\d]*(\d+\/\d+)?/.exec(typed)!;
	return { whole, share };
}

const digit = (label: string): Key => ({
	...{ label, spoken: label, kind: 'digit' },
	press: (typed) => {
		const { whole, share } = partsOf(typed);
		return share === '' ? typed + label : `${whole}${label} ${share}`;
	}
});

const share = (count: number, of: number): Key => {
	const label = `${count}/${of}`;
	return {
		...{ label, spoken: label, kind: 'share' },
		press: (typed) => `${partsOf(typed).whole} ${label}`.trim()
	};
};

/** What is typed one tick of the tape longer: 3 5/8 becomes 3 11/16. */
const tickMore = (denominator: number): Key => ({
	...{ label: `+1/${denominator}`, spoken: `1 over ${denominator} more`, kind: 'share' },
	press: (typed) => {
		const parts = partsOf(typed);
		const [count = '0', of = '1'] = parts.share === '' ? [] : parts.share.split('/');
		const ticks = (Number(count) * denominator) / Number(of) + 1;
		const whole = Number(parts.whole) + Math.floor(ticks / denominator);
		const left = ticks % denominator;
		if (left === 0) return String(whole);
		const shared = greatest(left, denominator);
		return `${whole > 0 ? `${whole} ` : ''}${left / shared}/${denominator / shared}`;
	}
});

const greatest = (a: number, b: number): number => (b === 0 ? a : greatest(b, a % b));

const back: Key = {
	...{ label: '⌫', spoken: 'take the last back', kind: 'act' },
	press: (typed) => typed.replace(/\s*(\d+\/\d+|.)$/, '')
};

const clear: Key = { label: 'C', spoken: 'clear', kind: 'act', press: () => '' };

const point: Key = {
	...{ label: '.', spoken: 'point', kind: 'digit' },
	press: (typed) => (typed.includes('.') ? typed : `${typed || '0'}.`)
};

/** Keys for gloved fingers: digits, and the fractions that a tape shows; rows of four. */
export function keysFor(style: LengthStyle): Key[] {
	const rows = [['7', '8', '9'], ['4', '5', '6'], ['1', '2', '3'], ['0']].map((row) =>
		row.map(digit)
	);
	if (!('denominator' in style))
		return [...rows[0]!, back, ...rows[1]!, clear, ...rows[2]!, point, ...rows[3]!];
	const eighths = [1, 2, 3, 4, 5, 6, 7].map((count) => {
		const shared = greatest(count, 8);
		return share(count / shared, 8 / shared);
	});
	return [
		...[...rows[0]!, back, ...rows[1]!, clear, ...rows[2]!, ...rows[3]!],
		...eighths,
		tickMore(Math.max(style.denominator, 16))
	];
}
