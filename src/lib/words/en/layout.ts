import { either, lengthToken } from '../tokens.ts';

const REMEDY = 'Leave a piece out, take a smaller gap, another style, or a larger region.';

interface Style {
	style: string;
	count: number;
}

interface Size {
	width: number;
	height: number;
}

const sizeOf = ({ width, height }: Size): string =>
	`${lengthToken(width)} by ${lengthToken(height)}`;

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'does-not-fit': either({
		wide: ({ id, width }: { id: string; width: number }) =>
			`${id} is ${lengthToken(width)} wider than the region. ${REMEDY}`,
		tall: ({ id, height }: { id: string; height: number }) =>
			`${id} is ${lengthToken(height)} taller than the region. ${REMEDY}`,
		area: ({ percent }: { percent: number }) =>
			`The pieces and their gaps take ${percent} % more than the region has. ${REMEDY}`,
		shape: ({ style, count, least, free }: Style & { least: Size; free: Size }) =>
			`As ${style} ${count} pieces take ${sizeOf(least)}; the largest free part is ${sizeOf(free)}. ${REMEDY}`,
		cramped: ({ style, count }: Style) =>
			`As ${style} ${count} pieces do not fit between what is to be kept clear. ${REMEDY}`
	}),
	'locked-conflict': either({
		overlap: ({ id, other }: { id: string; other: string }) =>
			`The locked pieces ${id} and ${other} overlap: free one of them.`,
		outside: ({ id }: { id: string }) => `The locked piece ${id} lies outside the region.`,
		'kept-clear': ({ id }: { id: string }) =>
			`The locked piece ${id} lies where something is to be kept clear.`
	}),
	'no-pieces': either({
		'all-locked': () => 'Every piece is locked: there is nothing to arrange.',
		'none-to-arrange': () => 'There are no pieces to arrange.',
		'none-to-space': () => 'There are no pieces to space.'
	}),
	overflow: ({ over }: { over: number }) => `They are ${lengthToken(over)} wider than the span.`,
	'wrong-count': ({ refusal }: { refusal: string }) => refusal
};

/** What the neck has to say of a group, seen from a place; empty where it is at ease. */
export const seenAtEase = ({
	high,
	low,
	wide
}: {
	high: boolean;
	low: boolean;
	wide: boolean;
}): string => {
	const parts = [
		...(high ? ['its middle is above what these eyes see at ease'] : []),
		...(low ? ['its middle is below what these eyes see at ease'] : []),
		...(wide ? ['it is too wide to be taken in at one look'] : [])
	];
	return parts.length === 0 ? '' : `From here ${parts.join(', and ')}.`;
};
