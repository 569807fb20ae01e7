import type { Fixing } from './types.ts';
import { PRICK } from './mends.ts';

export const pushPin: Fixing = {
	kind: 'push-pin',
	headless: true,
	serves: ['shank'],
	holds: [
		{
			by: 'packet',
			in: ['board', 'plaster', 'wood', 'unknown'],
			kg: 0.5,
			meaning: 'working',
			source: '“the lightest pieces only”: common practice; 0.5 kg from memory'
		}
	],
	bits: [],
	holes: 1,
	clearanceDepth: 0,
	reusable: 'again',
	damage: PRICK,
	steps: ['Push it in slanting a little downwards.'],
	mistakes: ['Hanging a frame on it: it bends.'],
	never: ['Not for glazed or framed pieces.'],
	rejects: ({ glazed, frame }) => (glazed || frame ? 'only for unframed, unglazed pieces' : null),
	cost: 1,
	tools: []
};
