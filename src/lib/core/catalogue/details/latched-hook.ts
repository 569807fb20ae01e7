import type { Fixing } from './types.ts';
import { SCREW_HOLE } from './mends.ts';

export const latchedHook: Fixing = {
	kind: 'latched-hook',
	serves: ['hook'],
	holds: [
		{
			by: 'packet',
			in: ['timber'],
			kg: 10,
			meaning: 'working',
			source: 'by packet, in a stud; typical figure from memory'
		}
	],
	bits: [{ in: ['timber'], mm: 3 }],
	holes: 1,
	clearanceDepth: 0,
	reusable: 'again',
	damage: SCREW_HOLE,
	steps: [
		'Prove the stud with a thin nail on both sides of the mark.',
		'Drill the pilot hole as wide as the screw’s core.',
		'Screw it in by hand, its opening up, and let the latch close over the ring.'
	],
	mistakes: ['Its screw is short: through thick board little of it is in the stud.'],
	never: [],
	cost: 2,
	tools: ['drill']
};
