import { expect } from 'chai';
import fc from 'fast-check';
import { fixingOf, type Ground, type Meaning } from '../../catalogue/details/index.ts';
import { hookOf, type HookKind } from '../../catalogue/facts/index.ts';
import { lateralYield } from '../../catalogue/facts/wood/lateral-yield.ts';
import { screwWithdrawal } from '../../catalogue/facts/wood/withdrawal.ts';
import type { FixSchool } from '../../model/house-rules.ts';
import type { Made } from '../../wall/substrates/index.ts';
import { NEWTON_PER_POUND_FORCE, weightOf } from '../../base/units/constants.ts';
import { groundAt, groundsOf, type HoleGround } from './hole-ground.ts';
import { asked, PIECE } from './asked.kit.test.ts';
import { useOf, type Asked } from './holds.ts';
import { inWood } from './in-wood.ts';
import { mostInStud } from './most-in-stud.ts';

const lbf = (pounds: number) => pounds * NEWTON_PER_POUND_FORCE;
const MADE: Made = { of: 'board-timber', board: 12.7, surface: 'smooth', age: 'since-1990' };

describe('what a hole meets', () => {
	const studs = [1000, 1406.4];
	const at = (x: number, of: Made['of'] = 'board-timber', board: number | null = 12.7) => {
		const { ground, besideStud, cover } = groundAt({ ...MADE, of, board }, studs, x);
		return [ground, besideStud, cover];
	};

	it('is a stud up to 10 mm off its middle, and board where nothing can open beside one', () => {
		expect(at(1000)).deep.equal(['timber', false, 12.7]);
		expect(at(1010)).deep.equal(['timber', false, 12.7]);
		expect(at(1011)).deep.equal(['board', true, 12.7]);
		expect(at(1044)).deep.equal(['board', true, 12.7]);
		expect(at(1200)).deep.equal(['board', false, 12.7]);
	});

	it('goes by how the wall is built', () => {
		expect(at(1000, 'board-steel')[0]).equal('steel');
		// A 1/2 in board, and 22 mm of lath and plaster, where nobody measured them (from memory).
		expect(at(1200, 'board-timber', null)[2]).equal(12.7);
		expect(at(1200, 'lath-plaster', null)).deep.equal(['plaster', false, 22]);
		// Solid walls have no studs, whatever is asked with.
		for (const of of ['brick', 'block', 'concrete', 'unknown'] as const)
			expect(at(1000, of, null)).deep.equal([of, false, 0]);
	});
});

describe('what holes in a wall can meet', () => {
	it('is what it is made of, and its studs where it has some', () => {
		const of = (made: Made['of']) => groundsOf({ ...MADE, of: made });
		expect(of('board-timber')).deep.equal(['board', 'timber']);
		expect(of('board-steel')).deep.equal(['board', 'steel']);
		expect(of('lath-plaster')).deep.equal(['plaster', 'timber']);
		expect(of('brick')).deep.equal(['brick']);
	});
});

describe('what was left in a wall', () => {
	const left = { id: 'n', of: 'nail' as const, at: { x: 0, y: 0 }, held: 10 };
	const may = (kind: HookKind, bed: Partial<HoleGround>, school: FixSchool) => {
		const use = useOf(fixingOf(kind), asked('brick', lbf(1), 0, { bed, school }));
		return use.ok ? use.value.allowedLoad / weightOf(1) : use.error.code;
	};

	it('counts for what it has held, halved by the careful, in any wall', () => {
		expect(may('old-nail', { left }, 'packet')).closeTo(10, 1e-9);
		expect(may('old-nail', { left }, 'careful')).closeTo(5, 1e-9);
	});

	it('counts a quarter of its weakest like where nobody knows, and nothing where there is none', () => {
		// 5 lb, from memory, of unknown meaning.
		const unknown = { ...left, held: null };
		expect(may('old-nail', { left: unknown }, 'packet')).closeTo((5 * 0.45359237) / 4, 1e-9);
		expect(may('old-screw', { left }, 'packet')).equal('none-there');
		expect(may('old-nail', {}, 'packet')).equal('none-there');
	});
});

describe('a screw in a stud', () => {
	const deck = { as: 'screw' as const, nominal: 4.826, root: 3.8608, lengths: [44.45, 63.5, 76.2] };

	it('holds as the yield equations and the withdrawal of its thread have it', () => {
		// Through a 3/4 in cleat and 1/2 in board 2 1/2 in reach 1 1/4 in into it.
		const through = { thick: 19.05, of: 'wood' } as const;
		const [held] = inWood(deck, { cover: 12.7, standOff: 6, clamps: through });
		expect(held!.length).equal(63.5);
		expect(held!.within).closeTo(31.75, 1e-9);
		// Lateral and withdrawal as NDS 2018 has them, times C_D 0.9; below 10 diameters in proportion.
		const { load } = lateralYield({
			...{ nominal: 4.826, dowel: 3.8608, specificGravity: 0.42 },
			...{ side: 19.05, sideBearing: 3350, main: 31.75, gap: 12.7 }
		});
		expect(held!.across).closeTo((load * 0.9 * 31.75) / 48.26, 1e-9);
		const perMm = screwWithdrawal({ specificGravity: 0.42, diameter: 4.826 });
		expect(held!.along).closeTo(perMm * 31.75 * 0.9, 1e-9);
	});

	it('is sold long enough for every usual board, whatever its gauge', () => {
		const GAUGES = ['screw-6', 'screw', 'deck-screw', 'screw-12', 'bugle-screw'] as const;
		for (const kind of GAUGES)
			for (const cover of [9.5, 10, 12.5, 12.7, 15, 15.9, 19, 25])
				for (const school of ['careful', 'packet', 'studs'] as const) {
					const use = useOf(
						fixingOf(kind),
						asked('timber', 30, 2, { bed: { cover }, school, roles: ['shank'] })
					);
					if (!use.ok) throw new Error(`${kind} through ${cover}: ${use.error.message}`);
					const { screw, within, utilisation } = use.value;
					expect(within!, `${kind} through ${cover}`).least(6 * shankNominal(kind) - 1e-6);
					expect(screw! - within!).closeTo(cover + 6, 1e-9);
					expect(utilisation, `${kind} through ${cover}`).most(1);
				}
		// Behind lath and plaster of 22 mm a 10 gauge screw does as well.
		expect(useOf(fixingOf('deck-screw'), asked('timber', 30, 2, { bed: { cover: 22 } })).ok).equal(
			true
		);
	});

	it('is none where every length as sold is too short', () => {
		expect(
			inWood({ ...deck, lengths: [44.45] }, { cover: 25, standOff: 6, clamps: null })
		).deep.equal([]);
	});

	it('holds less the thicker the board before it, and never less for being longer', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 20, noNaN: true }), (cover) => {
				const at = (board: number, within: number) =>
					inWood(
						{ ...deck, lengths: [within + 6 + board] },
						{ cover: board, standOff: 6, clamps: null }
					)[0]!;
				expect(at(cover + 5, 40).across).below(at(cover, 40).across);
				expect(at(cover, 55).across).least(at(cover, 40).across);
			})
		);
	});

	it('is told in the catalogue by what its best length carries in this wall', () => {
		const most = (board: number) =>
			mostInStud(fixingOf('bugle-screw'), { ...MADE, board }, undefined)!;
		const shank = fixingOf('bugle-screw').holds[0]!;
		if (shank.by !== 'wood') throw new Error('no wood screw');
		for (const { across } of inWood(shank.shank, { cover: 12.7, standOff: 6, clamps: null }))
			expect(most(12.7).across).least(across);
		expect(most(25).across).below(most(12.7).across);
		expect(mostInStud(fixingOf('strap-toggle'), MADE, undefined)).equal(null);
	});

	it('goes by a packet in the ground it is for, and nowhere else', () => {
		const rating = { kg: 60, meaning: 'working' as const };
		const may = (ground: Ground, within: Ground | null) => {
			const own = { dy: null, standOff: null, stock: null, rating: { ...rating, in: within } };
			const use = useOf(fixingOf('masonry-plug'), asked(ground, 20, 0, { own, school: 'packet' }));
			return use.ok
				? [use.value.ratingSource, Math.round(use.value.allowedLoad / weightOf(1))]
				: [];
		};
		expect(may('brick', 'brick')).deep.equal(['own packet', 60]);
		expect(may('block', 'block')).deep.equal(['own packet', 60]);
		// Hollow block: 8 kg, typical, from memory; what holds in brick says nothing of it.
		expect(may('block', 'brick')).deep.equal(['typical packet', 8]);
		expect(may('block', null)).deep.equal(['own packet', 60]);
	});

	it('is no stronger than the packet of one’s own says', () => {
		const rating = { kg: 5, meaning: 'working' as const };
		const own = { dy: null, standOff: null, stock: null, rating };
		const may = (own?: Asked['own']) => {
			const use = useOf(fixingOf('bugle-screw'), asked('timber', 20, 0, { own, school: 'packet' }));
			return use.ok ? use.value.allowedLoad : 0;
		};
		expect(may({ ...own, rating: { ...rating, kg: 500 } })).closeTo(may(), 1e-9);
		expect(may(own)).closeTo(weightOf(5), 1e-9);
	});
});

const shankNominal = (kind: HookKind): number => {
	const holding = fixingOf(kind).holds.find(({ by }) => by === 'wood');
	return holding?.by === 'wood' ? holding.shank.nominal : 0;
};

/** What each may carry, lbf, by ground and school; careful halves, unknown and failure loads count a quarter. */
const MAY: [kind: HookKind, ground: Ground, school: FixSchool, pounds: number][] = [
	['picture-hook-1', 'board', 'careful', 15],
	['picture-hook-1', 'board', 'packet', 30],
	['picture-hook-1', 'unknown', 'careful', 7.5],
	['picture-hook-2', 'plaster', 'careful', 25],
	['picture-hook-3', 'board', 'studs', 37.5],
	['picture-hook-3', 'timber', 'packet', 75],
	['ribbed-plug', 'board', 'careful', 5],
	['strap-toggle', 'board', 'careful', 66.25],
	['strap-toggle', 'block', 'packet', 66.25],
	['drill-plastic', 'board', 'careful', 12.5],
	['hollow-wall-anchor', 'board', 'packet', 22.5]
];

describe('what a fixing may carry', () => {
	for (const [kind, ground, school, pounds] of MAY)
		it(`${hookOf(kind).name} in ${ground}, ${school}: ${pounds} lb`, () => {
			const use = useOf(fixingOf(kind), asked(ground, lbf(5), 0, { school }));
			if (!use.ok) throw new Error(use.error.message);
			expect(use.value.allowedLoad).closeTo(lbf(pounds), 1e-6);
			expect(use.value.utilisation).closeTo(5 / pounds, 1e-9);
		});

	it('counts the pull on an anchor, and on a hook only the weight', () => {
		const share = (kind: HookKind, pull: number) => {
			const use = useOf(fixingOf(kind), asked('board', 50, pull));
			return use.ok ? use.value.utilisation : NaN;
		};
		expect(share('picture-hook-1', 20)).equal(share('picture-hook-1', 0));
		expect(share('strap-toggle', 20) / share('strap-toggle', 0)).closeTo(
			Math.hypot(50, 20) / 50,
			1e-9
		);
	});

	it('follows the person’s packet by what it means', () => {
		const may = (meaning: Meaning, school: FixSchool = 'packet') => {
			const own = { dy: null, standOff: null, rating: { kg: 40, meaning }, stock: null };
			const use = useOf(fixingOf('strap-toggle'), asked('board', 50, 0, { own, school }));
			return use.ok ? use.value.allowedLoad / weightOf(1) : NaN;
		};
		expect(may('working')).closeTo(40, 1e-9);
		expect(may('working', 'careful')).closeTo(20, 1e-9);
		expect(may('failure')).closeTo(10, 1e-9);
		expect(may('unknown')).closeTo(10, 1e-9);
	});

	it('says why it does not serve', () => {
		const why = (kind: HookKind, of: Asked) => {
			const use = useOf(fixingOf(kind), of);
			return use.ok ? 'serves' : use.error.code;
		};
		expect(why('picture-hook-1', asked('concrete', 50))).equal('other-ground');
		expect(why('picture-hook-1', asked('board', 50, 0, { roles: ['batten'] }))).equal('other-back');
		const glazed = { ...PIECE, glazed: true };
		expect(why('nail', asked('board', 10, 0, { piece: glazed }))).equal('barred');
		expect(why('nail', asked('timber', 10, 0, { piece: glazed }))).equal('serves');
		expect(why('adhesive-strip', asked('board', 5, 0, { bed: { face: 'textured' } }))).equal(
			'not-smooth'
		);
		expect(why('strap-toggle', asked('board', 50, 0, { bed: { besideStud: true } }))).equal(
			'stud-in-the-way'
		);
		expect(why('drill-plastic', asked('board', 50, 0, { bed: { cover: 25.4 } }))).equal(
			'other-board'
		);
		expect(why('screw', asked('timber', 50, 0, { bed: { cover: 70 } }))).equal('no-length');
	});
});
