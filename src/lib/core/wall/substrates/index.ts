/** Builds of wall: one file for each, with what it asks and its cautions. */

import { care, stop } from './said.ts';
import * as z from 'zod/mini';
import type { Caution } from '../../base/caution.ts';
import { size } from '../../base/schemas/sizes.ts';
import { block } from './block.ts';
import { boardSteel } from './board-steel.ts';
import { boardTimber } from './board-timber.ts';
import { brick } from './brick.ts';
import { concrete } from './concrete.ts';
import type { Substrate } from './types.ts';
import { lathPlaster } from './lath-plaster.ts';
import { panelling } from './panelling.ts';
import { SURFACES, surfaces } from './surface.ts';
import { unknown } from './unknown.ts';

export type { Substrate } from './types.ts';
export * from './surface.ts';

/** Everything a wall can be made of, in the order it is offered. */
export const substrates = [
	unknown,
	boardTimber,
	boardSteel,
	lathPlaster,
	brick,
	block,
	concrete,
	panelling
] as const satisfies readonly Substrate[];

export const SUBSTRATES = substrates.map(({ of }) => of);
export type SubstrateKind = (typeof substrates)[number]['of'];

/** Thicknesses of board as sold, mm: 3/8, 1/2 and 5/8 in, 10, 12.5 and 15 mm, and two layers. From memory. */
export const BOARDS: readonly { mm: number; name: string }[] = [
	{ mm: 9.525, name: '3/8 in' },
	{ mm: 10, name: '10 mm' },
	{ mm: 12.5, name: '12.5 mm' },
	{ mm: 12.7, name: '1/2 in' },
	{ mm: 15, name: '15 mm' },
	{ mm: 15.875, name: '5/8 in' },
	{ mm: 25, name: 'two layers, 25 mm' },
	{ mm: 25.4, name: 'two layers, 1 in' }
];

/** What a wall is made of, as found. */
export const madeSchema = z.object({
	of: z.enum(SUBSTRATES as [SubstrateKind, ...SubstrateKind[]]),
	board: z.nullable(size).check(z.describe('mm, thickness of the board; null when not known')),
	surface: z.enum(SURFACES),
	age: z
		.enum(['unknown', 'before-1990', 'since-1990'])
		.check(z.describe('when it was last plastered or first painted'))
});
export type Made = z.infer<typeof madeSchema>;

export const substrateOf = ({ of }: Made): Substrate =>
	substrates.find((substrate) => substrate.of === of)!;

/** What a wall's build calls for: its own cautions, those of its surface, and those of its age. */
export function madeCautions(made: Made): Caution[] {
	const { caution } = surfaces[made.surface];
	return [...ofAge(made), ...substrateOf(made).cautions, ...(caution ? [caution] : [])];
}

/**
 * Old paint may hold lead, old plaster, board, texture and tile glue asbestos. The year is a round one, from memory:
 * rules and years differ by country, and local ones win.
 */
function ofAge(made: Made): Caution[] {
	const { age, surface } = made;
	if (age === 'since-1990') return [];
	const suspect = substrateOf(made).suspectWhenOld ?? surfaces[surface].suspectWhenOld ?? false;
	if (age === 'before-1990') return [(suspect ? stop : care)('old-coatings')];
	return [care('age-unknown')];
}
