import { note } from '../said.ts';
import { mayRust } from '../may-rust.ts';
import type { CautionRule } from './types.ts';

export const rust = {
	code: 'rust',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks }, wall }) =>
		mayRust(wall) && hooks.length > 0 ? note('rust', { letter }) : null
} as const satisfies CautionRule;
