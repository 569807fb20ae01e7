import type { HookKind } from '../facts/index.ts';
import { KG_PER_POUND } from '../../base/units/constants.ts';
import type { Fixing } from './types.ts';
import { NAIL_HOLE } from './mends.ts';

const SOURCE = 'typical packet, common practice';

/** A plate with a closed hook, held by steep nails. */
const hook = (kind: HookKind, pounds: number, nails: 1 | 2 | 3): Fixing => ({
	kind,
	hammered: true,
	nails,
	serves: ['hook'],
	holds: [
		{
			by: 'packet',
			in: ['board', 'plaster', 'timber', 'wood', 'unknown'],
			kg: pounds * KG_PER_POUND,
			meaning: 'working',
			source: SOURCE
		}
	],
	bits: [{ in: ['plaster', 'timber', 'wood'], mm: 1.5 }],
	holes: nails,
	clearanceDepth: 0,
	reusable: 'again',
	damage:
		nails === 1
			? NAIL_HOLE
			: { ...NAIL_HOLE, size: nails === 3 ? 2 : 1, is: `${nails} nail holes side by side` },
	steps: [
		'Hold the hook flat with its lowest point on the mark.',
		'Drive its nail at the slant the hook gives, until the hook sits tight on the wall.',
		'Pull down on it by hand before anything hangs on it.'
	],
	mistakes: [
		'Nailing at the drop itself: the nail goes in above the bearing, so the piece hangs too low.',
		'A nail driven level works loose; the slant is what holds.'
	],
	never: [],
	cost: 1,
	tools: ['hammer']
});

export const pictureHook1 = hook('picture-hook-1', 30, 1);
export const pictureHook2 = hook('picture-hook-2', 50, 2);
export const pictureHook3 = hook('picture-hook-3', 75, 3);
