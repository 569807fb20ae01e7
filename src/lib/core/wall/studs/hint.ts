/** Tools whose hint is one place along the wall. */
export const POINT_HINTS = [
	'knock',
	'magnet',
	'probe',
	'hit',
	'miss',
	'edge-left',
	'edge-right',
	'skirting',
	'corner'
] as const;
/** Tools whose hint is a stretch: both edges of a stud, or both sides of a box fixed to one. */
export const SPAN_HINTS = ['edges', 'box'] as const;
export const HINT_KINDS = [...POINT_HINTS, ...SPAN_HINTS] as const;
export type HintKind = (typeof HINT_KINDS)[number];

/** One piece of evidence for a stud: where along the wall, and at what height if it was noted; mm. */
export type Hint = { id?: string; y?: number | null } & (
	| { kind: (typeof POINT_HINTS)[number]; x: number }
	| { kind: (typeof SPAN_HINTS)[number]; left: number; right: number }
);

/** The ends of a hint along the wall. */
export const spanOf = (hint: Hint): [left: number, right: number] =>
	'x' in hint ? [hint.x, hint.x] : [hint.left, hint.right];

/** The hint moved along the wall, and up if its height is known. */
export function moved<H extends Hint>(hint: H, dx: number, dy = 0): H {
	const y = typeof hint.y === 'number' ? { y: hint.y + dy } : {};
	return 'x' in hint
		? { ...hint, ...y, x: hint.x + dx }
		: { ...hint, ...y, left: hint.left + dx, right: hint.right + dx };
}

/** What a person calls a hint, and what it tells. */
export const HINT_WORDS: Record<HintKind, { name: string; tells: string }> = {
	knock: { name: 'Knock', tells: 'It sounded hard here. Good to about {25 mm}.' },
	magnet: { name: 'Magnet', tells: 'It held here, on a board screw. Good to about {10 mm}.' },
	hit: { name: 'Nail hit', tells: 'A nail met wood here: somewhere within the stud.' },
	miss: { name: 'Nail miss', tells: 'A nail met nothing behind the board here.' },
	edges: { name: 'Both edges', tells: 'From miss to hit to miss: the stud lies between.' },
	'edge-left': { name: 'Left edge', tells: 'The stud begins here and goes on to the right.' },
	'edge-right': { name: 'Right edge', tells: 'The stud ends here and lies to the left.' },
	probe: { name: 'Middle found', tells: 'The middle of the stud was found here, to {3 mm}.' },
	box: { name: 'Box', tells: 'A socket or switch box is fixed to a stud at one of its sides.' },
	skirting: { name: 'Skirting nail', tells: 'The skirting is fixed here, to a stud as a rule.' },
	corner: { name: 'Corner', tells: 'A weak hint: a stud face is likely within {38 mm}.' }
};
