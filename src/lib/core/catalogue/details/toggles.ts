import type { HookKind } from '../facts/index.ts';
import { KG_PER_POUND } from '../../base/units/constants.ts';
import type { Fixing, Ground } from './types.ts';
import { PLUG_HOLE, WIDE_HOLE } from './mends.ts';

/** A bar that opens behind the board and spreads the load over it. */
const toggle = (
	kind: HookKind,
	pounds: number,
	grounds: readonly Ground[],
	rest: Pick<
		Fixing,
		| 'insteadOfStud'
		| 'serves'
		| 'clearanceDepth'
		| 'reusable'
		| 'damage'
		| 'steps'
		| 'mistakes'
		| 'cost'
	>
): Fixing => ({
	kind,
	holds: [
		{
			by: 'packet',
			in: grounds,
			kg: pounds * KG_PER_POUND,
			meaning: 'failure',
			source: 'printed figure, often a failure load: from memory'
		}
	],
	bits: [{ in: grounds, mm: 12.7 }],
	opensBehind: true,
	holes: 1,
	never: ['Not over insulation or pipes that fill the hollow.'],
	tools: ['drill', 'screwdriver'],
	...rest
});

export const springToggle = toggle('spring-toggle', 150, ['board', 'plaster', 'block'], {
	serves: ['plate', 'batten'],
	clearanceDepth: 65,
	reusable: 'once',
	damage: WIDE_HOLE,
	steps: [
		'Put the bolt through the piece’s fitting first, then the wings on the bolt.',
		'Fold the wings, push them through, pull back, and tighten until the fitting is firm.'
	],
	mistakes: ['Drawing the bolt: the wings fall down inside the wall.'],
	cost: 1
});

export const strapToggle = toggle('strap-toggle', 265, ['board', 'plaster', 'block', 'steel'], {
	serves: ['shank', 'plate', 'batten'],
	insteadOfStud: true,
	clearanceDepth: 50,
	reusable: 'in place',
	damage: PLUG_HOLE,
	steps: [
		'Slide the metal bar through the hole and pull it square by its straps.',
		'Run the cap up to the wall and snap the straps off.',
		'Turn the bolt in; it can come out again and the bar stays.'
	],
	mistakes: ['A hole too near a stud: the bar cannot turn square.'],
	cost: 2
});
