import { KG_PER_POUND } from '../../base/units/constants.ts';
import type { HookKind } from '../facts/index.ts';
import type { Fixing } from './types.ts';
import { NAIL_HOLE } from './mends.ts';

export const nail: Fixing = {
	kind: 'nail',
	hammered: true,
	headless: true,
	serves: ['shank'],
	holds: [
		{
			by: 'packet',
			in: ['board', 'plaster', 'wood', 'unknown'],
			kg: 5 * KG_PER_POUND,
			meaning: 'working',
			source: '“a few pounds”: common practice; 5 lb from memory'
		},
		{
			by: 'wood',
			in: ['timber'],
			shank: { as: 'nail', nominal: 2, root: 2, lengths: [38.1, 50.8] },
			source: 'NDS 2018, chapter 12'
		}
	],
	bits: [{ in: ['plaster', 'timber', 'wood'], mm: 1.5 }],
	holes: 1,
	clearanceDepth: 0,
	reusable: 'again',
	damage: NAIL_HOLE,
	steps: [
		'Drive it slanting downwards into the wall, about 30 degrees.',
		'Leave the head standing out far enough to catch.'
	],
	mistakes: ['In board alone it works loose with time: pull at it once a year.'],
	never: ['Not for glazed pieces, unless it is in a stud.'],
	rejects: ({ glazed }, ground) =>
		glazed && ground !== 'timber' ? 'works loose, and this piece has glass' : null,
	cost: 1,
	tools: ['hammer']
};

/** Common nails, by diameter and length as ASTM F1667 has them; in board alone they do no better than a thin one. */
const common = (kind: HookKind, nominal: number, lengths: readonly number[]): Fixing => ({
	...nail,
	kind,
	headless: undefined,
	holds: [
		{
			by: 'wood',
			in: ['timber'],
			shank: { as: 'nail', nominal, root: nominal, lengths },
			source: 'NDS 2018, chapter 12'
		}
	],
	mistakes: ['Driven straight in, it slides out under a steady pull: let it slant downwards.'],
	never: []
});

export const nail6d = common('nail-6d', 2.8702, [50.8]);
export const nail8d = common('nail-8d', 3.3274, [63.5]);
