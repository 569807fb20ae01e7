/** How a figure was read. */
export const READ_BY = {
	tape: 'tape',
	corners: 'tape, corner to corner',
	pulled: 'pulled up by hand',
	'hung-on-tape': 'hanging on the tape’s hook',
	laser: 'laser',
	photo: 'a photo',
	'as-hung': 'as it came out on the wall',
	usual: 'as is usual',
	level: 'level',
	scale: 'scale',
	light: 'light meter'
};

/** What is said of the readings of a figure; lengths are written already. */
export const READINGS = {
	figure: ({ of, piece }: { of: string; piece: string }) => `the ${of} of ${piece}`,
	/** The field for one of several readings taken in a row. */
	ask: ({ first, of, index }: { first: boolean; of: number; index: number }) => {
		if (of === 1) return first ? 'Read it' : 'Read it again';
		return `${['First', 'Second', 'Third'][index]} pull`;
	},
	add: ({ count }: { count: number }) => (count < 2 ? 'Add the reading' : `Add ${count} readings`),
	/** Several readings told in one line; what they are sure to is written already. */
	sum: ({ count, simulated, within }: { count: number; simulated: boolean; within: string }) =>
		`${count === 1 ? 'one reading' : `${count} readings`}${simulated ? ', some simulated' : ''}, ± ${within}`,
	apart: ({ one, other }: { one: string; other: string }) => `${one} and ${other} do not agree.`,
	state: {
		measured: ({ count }: { count: number }) => (count === 1 ? 'one reading' : `${count} readings`),
		assumed: () => 'assumed: not measured yet',
		chosen: () => 'chosen by the plan'
	},
	/** What of a back nobody read, and what the plan chose; empty where all was read. */
	known: ({ assumed, chosen }: { assumed: readonly string[]; chosen: readonly string[] }) =>
		[
			...(assumed.length > 0 ? [`Not measured: ${assumed.join(', ')}`] : []),
			...(chosen.length > 0 ? [`Chosen by the plan: ${chosen.join(', ')}`] : [])
		].join('. '),
	conflict: ({ one, other, apart }: { one: string; other: string; apart: string }) =>
		`${one} and ${other} are ${apart} apart, further than two careful readings should be. Read it once more, or strike out the wrong one. Until then the latest counts.`
};
