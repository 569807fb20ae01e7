import type { HookKind } from '../facts/index.ts';
import { KG_PER_POUND } from '../../base/units/constants.ts';
import type { Bit, Fixing } from './types.ts';
import { WIDE_HOLE } from './mends.ts';

/** An anchor with a coarse thread that cuts its own hole in board. */
const selfDrilling = (
	kind: HookKind,
	pounds: number,
	cost: 1 | 2,
	bits: readonly Bit[]
): Fixing => ({
	kind,
	serves: ['shank', 'plate', 'batten'],
	holds: [
		{
			by: 'packet',
			in: ['board'],
			kg: pounds * KG_PER_POUND,
			meaning: 'unknown',
			source: 'by packet; typical figure from memory'
		}
	],
	grip: { least: 9.5, most: 16 },
	bits,
	holes: 1,
	clearanceDepth: 30,
	reusable: 'in place',
	damage: WIDE_HOLE,
	steps: [
		'Press hard and turn slowly by hand until it sits flush, and no further.',
		'Drive the screw that came with it.'
	],
	mistakes: [
		'Driven with a machine it strips the board and holds nothing.',
		'Over a taped joint or thick board a plastic one breaks: drill a pilot hole.'
	],
	never: [],
	cost,
	tools: ['screwdriver']
});

export const drillPlastic = selfDrilling('drill-plastic', 50, 1, []);
export const drillMetal = selfDrilling('drill-metal', 75, 2, [{ in: ['board'], mm: 3 }]);
