import type { HookKind, Role } from '../facts/index.ts';
import type { Fixing, Shank } from './types.ts';
import { SCREW_HOLE } from './mends.ts';

/** Nominal diameters by ASME B18.6.1; roots as the tables of NDS 2018, appendix L, take them; lengths as sold, from memory. */
const GAUGES = {
	6: { nominal: 3.5052, root: 2.8702, pilot: 2, lengths: [31.75, 38.1, 44.45, 50.8, 63.5] },
	8: { nominal: 4.1656, root: 3.3274, pilot: 2.4, lengths: [38.1, 44.45, 50.8, 63.5, 76.2] },
	10: { nominal: 4.826, root: 3.8608, pilot: 3.2, lengths: [44.45, 50.8, 63.5, 76.2, 88.9] },
	12: { nominal: 5.4864, root: 4.3434, pilot: 3.6, lengths: [50.8, 63.5, 76.2, 88.9] },
	14: { nominal: 6.1468, root: 4.9784, pilot: 4, lengths: [50.8, 63.5, 76.2, 88.9, 101.6] }
};

export const shankOf = (gauge: keyof typeof GAUGES): Shank => {
	const { nominal, root, lengths } = GAUGES[gauge];
	return { as: 'screw', nominal, root, lengths };
};

/** A wood screw in a stud or solid wood; its load is calculated. */
const woodScrew = (
	kind: HookKind,
	gauge: keyof typeof GAUGES,
	serves: readonly Role[],
	more: Partial<Fixing> = {}
): Fixing => ({
	kind,
	serves,
	holds: [
		{
			by: 'wood',
			in: ['timber'],
			shank: shankOf(gauge),
			source: 'NDS 2018, chapters 11 and 12'
		}
	],
	bits: [{ in: ['timber'], mm: GAUGES[gauge].pilot }],
	holes: 1,
	clearanceDepth: 0,
	reusable: 'again',
	damage: SCREW_HOLE,
	steps: [
		'Prove the stud with a thin nail on both sides of the mark.',
		'Drill the pilot hole as wide as the screw’s core, not its thread.',
		'Drive the screw by hand for the last turns.'
	],
	mistakes: [
		'Only the point of the screw in the edge of the stud: probe both edges first.',
		'A screw that goes too deep may reach a cable in the stud.'
	],
	never: [],
	cost: 1,
	tools: ['drill', 'driver'],
	...more
});

export const screw6 = woodScrew('screw-6', 6, ['shank']);
export const screw = woodScrew('screw', 8, ['shank']);
export const screw12 = woodScrew('screw-12', 12, ['shank', 'batten']);
export const deckScrew = woodScrew('deck-screw', 10, ['shank']);
export const bugleScrew = woodScrew('bugle-screw', 14, ['shank', 'batten'], { cost: 2 });
export const plateScrew = woodScrew('plate-screw', 8, ['plate']);
export const cleatScrew = woodScrew('cleat-screw', 10, ['batten']);
export const securityScrew = woodScrew('security-screw', 8, ['neck'], { cost: 2 });
