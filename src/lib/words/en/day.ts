/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'newer-version': () => 'This hang pack is from a newer program. Update the program to open it.',
	'not-a-pack': () => 'This is not a hang pack.'
};

/** What takes its time at the wall. */
export const TAKES_TIME = {
	arrive: () => 'unload, cover the floor, lay out the tools',
	'clean-up': () => 'clean up, take the photo',
	lifts: ({ pieces }: { pieces: number }) =>
		`${pieces} ${pieces === 1 ? 'piece' : 'pieces'} to lift and level`,
	'lifts-by-two': ({ pieces }: { pieces: number }) => `${pieces} lifted by two people`,
	points: ({ points }: { points: number }) =>
		`${points} ${points === 1 ? 'point' : 'points'} in the wall`,
	prove: () => 'prove the wall, draw the line'
};
