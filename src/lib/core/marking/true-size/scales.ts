/** A usual scale of drawings. */
export interface Scale {
	/** mm of wall to one mm of paper. */
	of: number;
	says: string;
}

/** Rulers are sold for these; from memory. */
const METRIC: Scale[] = [10, 20, 25, 50, 100, 200].map((of) => ({ of, says: `1:${of}` }));
const FEET: Scale[] = [
	{ of: 8, says: '1 1/2 in to the foot' },
	{ of: 12, says: '1 in to the foot' },
	{ of: 16, says: '3/4 in to the foot' },
	{ of: 24, says: '1/2 in to the foot' },
	{ of: 32, says: '3/8 in to the foot' },
	{ of: 48, says: '1/4 in to the foot' },
	{ of: 96, says: '1/8 in to the foot' },
	{ of: 192, says: '1/16 in to the foot' }
];

interface Size {
	width: number;
	height: number;
}

/** The largest usual scale at which a wall fits a room on paper; the smallest there is where none does. */
export function scaleFor(wall: Size, room: Size, units: 'in' | 'mm'): Scale {
	const scales = units === 'in' ? FEET : METRIC;
	return (
		scales.find(({ of }) => wall.width / of <= room.width && wall.height / of <= room.height) ??
		scales.at(-1)!
	);
}
