import type { Fixing } from './types.ts';
import { railHook } from './rail-hook.ts';

export const trackHook: Fixing = {
	...railHook,
	kind: 'track-hook',
	hangsFrom: 'track',
	holds: railHook.holds.map((holding) => ({
		...holding,
		...{ by: 'packet' as const, kg: 15, meaning: 'working' as const },
		source: 'per hook of a rail screwed up by its packet, from memory'
	})),
	steps: [
		'Look up what the rail carries on each metre, all pieces together, and how it is fixed.',
		'Click the cord in above the mark; pull at it.',
		'Slide the hook to the length the plan gives and clamp it; cut what hangs below it.'
	],
	mistakes: ['A hook that is not clamped slides: tug at it with the piece on.'],
	cost: 3
};
