import type { HookKind } from '../../catalogue/facts/index.ts';
import { weightOf } from '../../base/units/constants.ts';
import type { Unsuitable } from './types.ts';

export const WIRE_HOOKS: readonly [HookKind, ...HookKind[]] = [
	'picture-hook-1',
	'picture-hook-2',
	'picture-hook-3',
	'screw',
	'nail'
];

/** What no wire is for. Common practice. */
export const WIRE_UNSUITABLE: readonly Unsuitable[] = [
	{
		when: ({ kind, weight }, { heavy }) =>
			kind === 'mirror' && weight !== null && weight >= weightOf(heavy),
		grade: 'stop',
		code: 'heavy-mirror-on-wire',
		why: 'A heavy mirror on a wire hangs by one run that can slip, stretch or pull a ring out, and it breaks when it falls.',
		instead: 'Put rings straight on two hooks, or a cleat.'
	},
	{
		when: ({ kind }) => kind === 'shelf' || kind === 'plate',
		grade: 'stop',
		code: 'not-on-wire',
		why: 'A wire lets this swing and tip forward.',
		instead: 'Use keyholes, mirror plates or a plate hanger.'
	}
];

/** What turns a wired back into one on its rings. */
export const WIRE_OFF = 'Take the wire off, and hang its rings straight on two hooks.';
