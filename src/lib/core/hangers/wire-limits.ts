import type { HookKind } from '../fixings/index.ts';
import { weightOf } from '../units/constants.ts';
import type { Unsuitable } from './face.ts';

/** From this weight a piece counts as heavy, N: a house rule of 15 kg, no source. */
const HEAVY = weightOf(15);

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
		when: ({ kind, weight }) => kind === 'mirror' && weight !== null && weight >= HEAVY,
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
