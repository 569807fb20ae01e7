import { lengthToken } from '../tokens.ts';

interface Off {
	off: number;
	degrees: boolean;
}

const amount = ({ off, degrees }: Off): string =>
	degrees ? `${off.toFixed(1)}°` : lengthToken(off);

/** What a height that came out taught. */
export const LEARNED = {
	back: ({ label, letter, was, is }: { label: string; letter: string; was: number; is: number }) =>
		`${label} of ${letter}: ${lengthToken(is)}, was ${lengthToken(was)}.`,
	hook: ({ name, higher, by }: { name: string; higher: number; by: number }) =>
		`A ${name.toLowerCase()} carries ${lengthToken(Math.abs(higher))} ${higher < 0 ? 'lower' : 'higher'} than its mark: marks still to make with it go ${lengthToken(Math.abs(by))} ${by < 0 ? 'up' : 'down'}.`
};

/** What is said after something was read at a piece that hangs, and what to do about it. */
export const CAME_OUT = {
	bumper: ({ gap, side }: { gap: number; side: 'left' | 'right' }) =>
		`Add a bumper of ${lengthToken(gap)} at the lower ${side} corner.`,
	gapOff: ({
		wider,
		letter,
		points,
		towards
	}: {
		wider: number;
		letter: string;
		points: number;
		towards: 'left' | 'right';
	}) =>
		`The gap to ${letter} is ${lengthToken(Math.abs(wider))} too ${wider > 0 ? 'wide' : 'narrow'}: set ${points === 1 ? 'its hook' : points === 2 ? 'both hooks' : 'all its hooks'} as much to the ${towards}, or keep it so.`,
	inPlace: () => 'It hangs where it was to hang.',
	keptHeight: () =>
		'If you keep it, later marks use it: it is a reading of its back and its hooks.',
	keptGap: () =>
		'If you keep it, later marks use it: it is a reading of its balance and its hardware.',
	keptHook: () =>
		'If you keep it, the other hooks follow it so that the piece hangs level; marks that change open again.',
	leaveGap: ({ wider, letter }: { wider: number; letter: string }) =>
		Math.abs(wider) < 0.5
			? `The gap to ${letter} is as planned.`
			: `The gap to ${letter} is ${lengthToken(Math.abs(wider))} too ${wider > 0 ? 'wide' : 'narrow'}: leave it. A new hole would gain too little.`,
	leaveHeight: ({ higher }: { higher: number }) =>
		`${lengthToken(Math.abs(higher))} too ${higher > 0 ? 'high' : 'low'}: leave it. Nobody sees that here.`,
	leaveInLine: ({ higher, letter }: { higher: number; letter: string }) =>
		Math.abs(higher) < 0.5
			? `It is in line with ${letter}.`
			: `${lengthToken(Math.abs(higher))} ${higher > 0 ? 'higher' : 'lower'} than the line of ${letter}: leave it.`,
	leaveLevel: ({ apart }: { apart: number }) =>
		`Its ends are ${lengthToken(apart)} apart: leave it. A new hole would gain too little.`,
	level: () => 'It is level, as far as anyone can see.',
	notFlat: () => 'A wall that is not flat does this; felt in layers makes up the thickness.',
	odd: (off: Off) => `That is ${amount(off)} off. Kept?`,
	offItsMark: ({ name, up, right }: { name: string; up: number; right: number }) => {
		const parts = [
			...(up === 0 ? [] : [`${lengthToken(Math.abs(up))} too ${up > 0 ? 'high' : 'low'}`]),
			...(right === 0
				? []
				: [`${lengthToken(Math.abs(right))} too far ${right > 0 ? 'right' : 'left'}`])
		];
		return `The ${name} is ${parts.join(' and ')}.`;
	},
	onItsMark: () => 'It is on its mark.',
	onTheWall: () => 'Both lower corners lie on the wall.',
	somethingElse: (off: Off) =>
		`That is ${amount(off)} off: something else was read. Read it again.`,
	tapped: ({ or }: { or: string }) =>
		`So little needs no new hole: tap the nail, or bend the hook. ${or}`,
	tooHigh: ({
		higher,
		points,
		letter,
		act
	}: {
		higher: number;
		points: number;
		/** Of the neighbour it is seen against. */
		letter: string | null;
		act: 'moment' | 'tap' | 'anew';
	}) => {
		const hooks = points === 1 ? 'its hook' : points === 2 ? 'both hooks' : 'all its hooks';
		const [is, then] = higher > 0 ? ['high', 'lower'] : ['low', 'raise'];
		const how = act === 'tap' ? `tap ${hooks} ${higher > 0 ? 'down' : 'up'}` : `${then} ${hooks}`;
		const against = letter === null ? '' : ` beside ${letter}`;
		return `It hangs ${lengthToken(Math.abs(higher))} too ${is}${against}: ${how} as much, or keep it so.`;
	}
};
