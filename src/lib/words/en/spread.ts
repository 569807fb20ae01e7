/** What a place may be off by, as a part of a sentence; `of` is what it is of. */
export const CAUSES = {
	fact: ({ of }: { of: string }) => of.toLowerCase(),
	hardware: ({ of }: { of: string }) => `hardware off the middle of ${of}`,
	tape: () => 'reading the tape at the wall',
	rounding: () => 'rounding to the ticks of the tape',
	pencil: () => 'the pencil marks',
	nail: () => 'where the nail goes in',
	'tape-hook': () => 'the loose hook of the tape',
	held: () => 'holding the hook on its mark',
	offset: ({ of }: { of: string }) => `where a ${of.toLowerCase()} bears`,
	floor: () => 'reading the floor',
	'fall-of-floor': () => 'the fall of the floor',
	ceiling: () => 'reading the ceiling',
	'fall-of-ceiling': () => 'the slope of the ceiling',
	line: () => 'drawing the line',
	'as-hung': () => 'reading its height as it hangs',
	level: () => 'carrying the level over',
	edge: () => 'where the edge was read that the tape hooks on',
	'wall-width': () => 'width of the wall',
	'wall-height': () => 'height of the wall'
};
export type CauseOfError = keyof typeof CAUSES;

/** What to measure next, and what it brings. */
export const NEXT_MEASURE = {
	again: ({ of }: { of: string }) => `Read the ${of} once more`,
	'hung-on-tape': ({ of }: { of: string }) =>
		`Read the ${of} while it hangs on the hook of your tape`,
	first: ({ of }: { of: string }) => `Measure the ${of}`,
	edges: () => 'Read each side of its hardware from its own edge',
	balance: () => 'Hang it on one finger, and read how far off its middle it balances',
	floor: () => 'Read the floor along the wall',
	'wall-width': () => 'Read the width of the wall once more',
	'wall-height': () => 'Read the height of the wall once more',
	'tape-hook': () => 'Measure the hook of your tape, in House rules',
	hook: ({ of }: { of: string }) => `Measure your own ${of.toLowerCase()}, from bearing to hole`
};
