const LOOK: Readonly<Record<string, string>> = {
	moulding: 'look at the moulding’s material and how much of its section is cut away',
	mount: 'measure the window of the mount',
	hardware: 'weigh the hardware'
};

/** What would narrow an estimated weight most. */
export const NARROWS = {
	scale: () => 'Put it on a scale.',
	part: ({ part }: { part: string }) =>
		`Put it on a scale; or ${LOOK[part] ?? `measure how thick the ${part.split(',')[0]} is`}, which makes up most of the range.`
};
