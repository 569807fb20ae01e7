/** What stands at either end of what lies between two points. */
export type PointName = 'ring' | 'slot' | 'hole' | 'bar' | 'clip' | 'plate';

/** To where on it a tape reads. */
const TO: Record<PointName, string> = {
	ring: 'to where it bears',
	slot: 'to the middle of its narrow end',
	hole: 'to the middle of the hole',
	bar: 'to its middle tooth',
	clip: 'to its screw',
	plate: 'to the middle of its hole; minus is beyond the edge'
};

/** Two points on a back, each read from its own side edge. Left and right are as the piece hangs. */
export const BOTH_EDGES = {
	across: (name: PointName) => ({
		label: 'Across, read',
		answers: [
			{ answer: 'between', label: `between ${name}s` },
			{ answer: 'edges', label: 'from both edges' }
		]
	}),
	edgeLeft: (name: PointName) => ({
		label: `Left ${name} from left edge`,
		help: `Left as it hangs: ${TO[name]}`
	}),
	edgeRight: (name: PointName) => ({
		label: `Right ${name} from right edge`,
		help: `Right as it hangs: ${TO[name]}`
	})
};
