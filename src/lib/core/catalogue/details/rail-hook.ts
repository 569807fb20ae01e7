import type { Fixing } from './types.ts';

export const railHook: Fixing = {
	kind: 'rail-hook',
	serves: ['cord'],
	holds: [
		{
			by: 'packet',
			in: ['board', 'plaster', 'wood', 'brick', 'block', 'concrete', 'timber', 'steel', 'unknown'],
			kg: 10,
			meaning: 'working',
			source: 'a sound moulding fixed to studs, from memory'
		}
	],
	hangsFrom: 'moulding',
	bits: [],
	holes: 0,
	clearanceDepth: 0,
	reusable: 'again',
	damage: { size: 1, is: 'none', mend: 'Nothing to mend.' },
	steps: [
		'Pull down on the rail itself before anything hangs on it.',
		'Slip the rail hook over the moulding above the mark, and hang the cord.',
		'Set the lower hook on the cord by the length the plan gives.'
	],
	mistakes: ['A rail that is only glued or pinned: look how it is fixed.'],
	never: [],
	cost: 2,
	tools: ['stepladder']
};
