import { expect } from 'chai';
import { fixingOf } from '../../catalogue/details/index.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import { chooseFixings } from '../../fixing/choose/choose.ts';
import { groundAt } from '../../fixing/choose/hole-ground.ts';
import { useOf } from '../../fixing/choose/holds.ts';
import { inWood, type InWood } from '../../fixing/choose/in-wood.ts';
import { refusalOf } from '../../fixing/choose/refusals/index.ts';
import { usualHouseRules, type FixSchool } from '../../model/house-rules.ts';
import { startPiece } from '../../model/start.ts';
import type { HungPiece } from '../../piece/hangers/index.ts';
import { hungPiece as hungPieceOf } from '../../piece/hung-piece.ts';
import type { Made } from '../../wall/substrates/index.ts';
import { byFormula } from '../derived.ts';
import { weightOf } from '../units/constants.ts';
import * as holding from './holding.ts';

const MADE: Made = { of: 'board-timber', board: 12.7, surface: 'smooth', age: 'since-1990' };
const NOWHERE = { over: [], wet: false, place: [], rail: null };

/** Share of 10 kg on its packet that counts. */
const counts = (meaning: 'working' | 'failure', school: 'careful' | 'packet', of: Made['of']) => {
	const load = byFormula(weightOf(1), '');
	const none = byFormula(0, '');
	const fixing = fixingOf('masonry-plug');
	const use = useOf(
		{ ...fixing, holds: fixing.holds.map((each) => ({ ...each, in: ['brick', 'unknown'] })) },
		{
			...{
				bed: groundAt({ ...MADE, of }, [], 0),
				piece: { weight: 20 },
				site: NOWHERE,
				school,
				roles: ['shank']
			},
			point: {
				name: '',
				x: 0,
				drop: none,
				load: { down: load, inward: 0, outward: 0, pull: none }
			},
			own: { dy: null, rating: { kg: 10, meaning }, standOff: null, stock: null }
		} as unknown as Parameters<typeof useOf>[1]
	);
	if (!use.ok) throw new Error(use.error.code);
	return use.value.allowedLoad / weightOf(10);
};

/** What a screw of these lengths has in a stud behind board of 12.7 mm. */
const within = (...lengths: number[]) =>
	inWood(
		{ as: 'screw', nominal: 4, root: 3, lengths },
		{ cover: 12.7, standOff: 0, clamps: { thick: 2, of: 'steel' } }
	)[0]?.within ?? null;

/** A 14 gauge screw of a length behind board of 12.7 mm, and the length that is taken for a load, N. */
const bugleIn = (length: number) =>
	inWood(
		{ as: 'screw', nominal: 6.1468, root: 4.9784, lengths: [length] },
		{ cover: 12.7, standOff: 6, clamps: null }
	)[0]!;
const bugleUsed = (newtons: number) => {
	const [down, none] = [byFormula(newtons, ''), byFormula(0, '')];
	const use = useOf(fixingOf('bugle-screw'), {
		bed: { ground: 'timber', before: 'board', cover: 12.7, besideStud: false, left: null },
		roles: ['shank'],
		point: { load: { down, inward: 0, outward: 0, pull: none } },
		piece: {},
		site: NOWHERE,
		school: 'packet'
	} as unknown as Parameters<typeof useOf>[1]);
	return use.ok ? use.value.screw : null;
};

/** Holds up to a limit and no further. */
const expectLimit = (limit: number, holds: (kg: number) => boolean) =>
	expect([holds(limit - 1e-6), holds(limit + 1e-6)]).deep.equal([true, false]);

interface Refused {
	kg: number;
	of?: Made['of'];
	board?: number;
	school?: FixSchool;
	wet?: boolean;
}

const refused = (
	kind: HookKind,
	{ kg, of = 'board-timber', board, school = 'careful', wet = false }: Refused
) =>
	refusalOf({
		...{ fixing: fixingOf(kind), kg, school, needsHead: false },
		piece: { glazed: false } as HungPiece,
		bed: groundAt({ ...MADE, of, board: board ?? null }, [], 0),
		site: { ...NOWHERE, wet }
	}) !== null;

/** What is said of a framed piece of a weight where it goes on hooks of a kind. */
const said = (
	kg: number,
	hook: HookKind,
	school: FixSchool = 'packet',
	hanger: 'rings' | 'wire-one' = 'rings'
): string => {
	const framed = {
		...startPiece(() => 'p', [], { width: 710, height: 900, hanger }),
		weight: kg
	};
	const houseRules = { ...usualHouseRules, school };
	const found = chooseFixings({
		...{ piece: framed, hungPiece: hungPieceOf(framed), x: 2000, top: 1900, studs: [], runs: [] },
		...{
			left: [],
			failed: [],
			movable: false,
			rail: false,
			made: MADE,
			kit: {},
			houseRules,
			rules: houseRules
		},
		site: NOWHERE
	});
	const ways = found.ok ? found.value.ways : [];
	return ways
		.filter(({ points }) => points.every((point) => point.hook === hook))
		.flatMap(({ considered }) => considered.map(({ says }) => says))
		.join(' ');
};

/** What each figure decides; a figure without its check does not compile. */
const BOUNDARIES: { readonly [Name in keyof typeof holding]: () => void } = {
	UNSURE_SHARE: () => expect(counts('failure', 'packet', 'brick')).closeTo(0.25, 1e-9),
	CAREFUL_SHARE: () => expect(counts('working', 'careful', 'brick')).closeTo(0.5, 1e-9),
	UNKNOWN_WALL_SHARE: () => expect(counts('working', 'packet', 'unknown')).closeTo(0.5, 1e-9),
	// The wood that the withdrawal beneath is reckoned in.
	STUD_GRAVITY: () => BOUNDARIES.PERMANENT_LOAD(),
	PERMANENT_LOAD: () => {
		// NDS 2018, 12.2-2: 2850·G²·D lb/in, of which nine tenths stay.
		const [held] = inWood(
			{ as: 'screw', nominal: 4, root: 3, lengths: [40] },
			{ cover: 12.7, standOff: 0, clamps: { thick: 2, of: 'steel' } }
		) as [InWood];
		const perMm = ((2850 * 0.42 ** 2 * (4 / 25.4)) / 25.4) * 4.4482216152605;
		expect(held.along).closeTo(perMm * held.within * 0.9, 1e-6);
	},
	FULL_IN_WOOD_DIAMETERS: () => {
		const bare = { as: 'nail' as const, nominal: 4, root: 4, lengths: [18 + 36, 18 + 40, 18 + 44] };
		const across = inWood(bare, { cover: 12, standOff: 6, clamps: null }).map(
			(each) => each.across
		);
		expect(across[0]! / across[1]!).closeTo(0.9, 1e-9);
		expect(across[2]).closeTo(across[1]!, 1e-9);
	},
	THREADED_SHARE: () => {
		const long = { as: 'screw' as const, nominal: 4, root: 3, lengths: [60, 90] };
		const [one, other] = inWood(long, { cover: 0, standOff: 0, clamps: null });
		expect(other!.along / one!.along).closeTo(1.5, 1e-9);
	},
	PREFERRED_USE: () => {
		const [short, long] = [bugleIn(63.5), bugleIn(76.2)];
		expect(bugleUsed(short.across * 0.849)).equal(63.5);
		expect(bugleUsed(short.across * 0.851)).equal(76.2);
		expect(long.across).above(short.across);
	},
	NAILED_MOST_KG: () => {
		const hooks = ['picture-hook-1', 'picture-hook-2', 'picture-hook-3'] as const;
		for (const [index, most] of [14, 23, 34].entries())
			expectLimit(most, (kg) => !refused(hooks[index]!, { kg }));
	},
	STUDS_FIRST_KG: () =>
		expectLimit(27, (kg) => !/before nailed hooks/.test(said(kg, 'picture-hook-3'))),
	PLASTER_HAMMER_KG: () =>
		expectLimit(8, (kg) => !refused('picture-hook-2', { kg, of: 'lath-plaster' })),
	UNKNOWN_WALL_KG: () => expectLimit(5, (kg) => !refused('picture-hook-2', { kg, of: 'unknown' })),
	THIN_PANEL_MM: () => {
		const thin = (board: number) => refused('picture-hook-2', { kg: 9, of: 'panelling', board });
		expect([thin(17.9), thin(18)]).deep.equal([true, false]);
	},
	THIN_PANEL_KG: () =>
		expectLimit(5, (kg) => !refused('picture-hook-2', { kg, of: 'panelling', board: 12 })),
	RIBBED_PLUG_KG: () => expectLimit(5, (kg) => !refused('ribbed-plug', { kg, school: 'packet' })),
	RIBBED_PLUG_CAREFUL_KG: () => expectLimit(2.5, (kg) => !refused('ribbed-plug', { kg })),
	TWO_POINTS_SHARE: () => {
		const alone = (kg: number) =>
			/One point holds all of it/.test(said(kg, 'picture-hook-2', 'careful', 'wire-one'));
		expect([4.99, 5].map(alone)).deep.equal([false, true]);
	},
	// NDS 2018, table 12.3.1A, mode Is of a thin side member: D·l·F/K_D, K_D 2.2 up to 0.17 in.
	CLAMPED_BEARING_PSI: () => {
		for (const [of, psi] of [
			['wood', 3350],
			['steel', 61_850]
		] as const) {
			const [held] = inWood(
				{ as: 'screw', nominal: 4.1656, root: 3.3274, lengths: [76.2] },
				{ cover: 0, standOff: 0, clamps: { thick: 0.05, of } }
			);
			const pounds = ((3.3274 / 25.4) * (0.05 / 25.4) * psi) / 2.2;
			expect(held!.across).closeTo(pounds * 4.4482216152605 * 0.9, 1e-6);
		}
	},
	ADHESIVE_DAMP_KG: () => expectLimit(1, (kg) => !refused('adhesive-strip', { kg, wet: true })),
	LEAST_IN_WOOD_DIAMETERS: () =>
		expect([within(12.7 + 2 + 24), within(12.7 + 2 + 23.9)]).satisfy(
			([deep, shallow]: (number | null)[]) => Math.abs(deep! - 24) < 1e-9 && shallow === null
		)
};

describe('the figure of what holds', () => {
	for (const [name, decides] of Object.entries(BOUNDARIES))
		it(`${name} decides where it says`, decides);
});
