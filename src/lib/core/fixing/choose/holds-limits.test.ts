import { expect } from 'chai';
import { byFormula } from '../../base/derived.ts';
import { fixingOf, type Ground } from '../../catalogue/details/index.ts';
import type { HookKind, Role } from '../../catalogue/facts/index.ts';
import { nailWithdrawal, screwWithdrawal } from '../../catalogue/facts/wood/withdrawal.ts';
import { asked, PIECE } from './asked.kit.test.ts';
import { useOf, withinRule, type Asked, type Use } from './holds.ts';
import { inWood } from './in-wood.ts';

const told = (kind: HookKind, of: Asked) => {
	const use = useOf(fixingOf(kind), of);
	return use.ok ? 'serves' : use.error.code;
};
const used = (kind: HookKind, of: Asked): Use => {
	const use = useOf(fixingOf(kind), of);
	if (!use.ok) throw new Error(use.error.message);
	return use.value;
};

describe('the house rule', () => {
	it('allows all that a fixing may carry, rounding aside, and no more', () => {
		expect([withinRule(0.5), withinRule(1), withinRule(1 + 9e-7)]).deep.equal([true, true, true]);
		expect([withinRule(1 + 2e-6), withinRule(2)]).deep.equal([false, false]);
	});
});

describe('where a fixing serves', () => {
	const { site } = asked('board', 0);

	it('hangs from the rail it is for', () => {
		const on = (rail: 'moulding' | 'track' | null) =>
			told('rail-hook', asked('wood', 20, 0, { site: { ...site, rail } }));
		expect([on('moulding'), on('track'), on(null)]).deep.equal(['serves', 'other-rail', 'serves']);
		const nailed = { site: { ...site, rail: 'track' as const } };
		expect(told('picture-hook-1', asked('board', 20, 0, nailed))).equal('serves');
	});

	it('sticks to what is smooth, and is nailed through any face', () => {
		const on = (kind: HookKind, face: 'smooth' | 'textured') =>
			told(kind, asked('board', 5, 0, { bed: { face }, piece: { ...PIECE, weight: 1 } }));
		expect(on('adhesive-strip', 'smooth')).equal('serves');
		expect(on('adhesive-strip', 'textured')).equal('not-smooth');
		expect(on('picture-hook-1', 'textured')).equal('serves');
	});

	it('opens beside no stud, where it opens at all', () => {
		const beside = (kind: HookKind) =>
			told(kind, asked('board', 20, 0, { bed: { besideStud: true } }));
		expect([beside('strap-toggle'), beside('picture-hook-1')]).deep.equal([
			...['stud-in-the-way', 'serves']
		]);
	});

	it('grips boards from 9.5 to 16 mm, half a millimetre of reading aside', () => {
		const through = (cover: number, ground: Ground = 'board') =>
			told('drill-plastic', asked(ground, 20, 0, { bed: { cover } }));
		expect([8.9, 9, 12.7, 16.5, 16.6].map((cover) => through(cover))).deep.equal([
			...['other-board', 'serves', 'serves', 'serves', 'other-board']
		]);
	});

	it('is not refused for a weight that nobody knows', () => {
		expect(
			told('picture-hook-1', asked('board', 20, 0, { piece: { ...PIECE, weight: null } }))
		).equal('serves');
	});
});

describe('a screw in a stud, by its load', () => {
	const holding = fixingOf('deck-screw').holds.find(({ by }) => by === 'wood')!;
	if (holding.by !== 'wood') throw new Error('no wood screw');
	const { shank } = holding;
	const roles: Role[] = ['shank'];
	/** As it holds standing out by 6 mm behind half an inch of board, each length as sold. */
	const lengths = () => inWood(shank, { cover: 12.7, standOff: 6, clamps: null });
	const by = (
		load: { down: number; pull?: number; inward?: number; outward?: number },
		more = {}
	) => {
		const { down, pull = 0, inward = 0, outward = 0 } = load;
		const of = asked('timber', 0, 0, { roles, ...more });
		return used('deck-screw', {
			...of,
			point: {
				...of.point,
				load: { down: byFormula(down, ''), pull: byFormula(pull, ''), inward, outward }
			}
		});
	};

	it('is used by what goes across it and what draws it, added up', () => {
		const [held] = lengths();
		const share = (across: number, off: number) => across / held!.across + off / held!.along;
		expect(by({ down: 40 }).utilisation).closeTo(share(40, 0), 1e-9);
		expect(by({ down: 40, pull: 30 }).utilisation).closeTo(share(40, 30), 1e-9);
		// A pull towards the wall draws nothing; of two sideways the larger counts.
		expect(by({ down: 40, pull: -30 }).utilisation).closeTo(share(40, 0), 1e-9);
		expect(by({ down: 40, inward: 30, outward: 9 }).utilisation).closeTo(share(50, 0), 1e-9);
		expect(by({ down: 40, inward: 9, outward: 30 }).utilisation).closeTo(share(50, 0), 1e-9);
	});

	it('is the shortest with room to spare, then the shortest that holds, then the longest', () => {
		const all = lengths();
		const [first, second] = all;
		expect(by({ down: first!.across * 0.8499 }).screw).equal(first!.length);
		expect(by({ down: first!.across * 0.8501 }).screw).equal(
			second!.across * 0.85 > first!.across * 0.8501 ? second!.length : first!.length
		);
		const longest = all.at(-1)!;
		const best = Math.max(...all.map(({ across }) => across));
		expect(by({ down: best * 0.99 }).screw).equal(
			all.find(({ across }) => across >= best * 0.99)!.length
		);
		expect(by({ down: best * 1.5 }).screw).equal(longest.length);
		expect(by({ down: best * 1.5 }).utilisation).above(1);
	});

	it('goes through board and into wood, and carries what it holds where nothing hangs on it yet', () => {
		const [held] = lengths();
		const none = by({ down: 0 });
		expect(none).include({ utilisation: 0, within: held!.within });
		expect(none.allowedLoad).closeTo(held!.across, 1e-9);
		expect(none.holeDepth).closeTo(12.7 + held!.within, 1e-9);
		expect(by({ down: 40 }).allowedLoad).closeTo(held!.across, 1e-9);
	});

	it('clamps a plate or a batten, and stands out for a ring', () => {
		const clamps = { thick: 19.05, of: 'wood' as const };
		const bugle = fixingOf('bugle-screw').holds.find(({ by }) => by === 'wood')!;
		if (bugle.by !== 'wood') throw new Error('no wood screw');
		const on = (role: Role) => {
			const of = asked('timber', 40, 0, { roles: [role] });
			return used('bugle-screw', { ...of, point: { ...of.point, clamps } });
		};
		for (const [role, held] of [
			['batten', inWood(bugle.shank, { cover: 12.7, standOff: 6, clamps })[0]!],
			['shank', inWood(bugle.shank, { cover: 12.7, standOff: 6, clamps: null })[0]!]
		] as const) {
			expect(on(role).utilisation, role).closeTo(40 / held.across, 1e-9);
			expect(on(role).within, role).closeTo(held.within, 1e-9);
		}
	});

	it('says where the packet of one’s own is what bounds it', () => {
		const own = { dy: null, standOff: null, stock: null };
		const rated = (kg: number) =>
			by({ down: 40 }, { own: { ...own, rating: { kg, meaning: 'working' as const } } })
				.explanation;
		expect(rated(5)).contain('no more than your packet says');
		expect(rated(500)).not.contain('your packet');
	});
});

describe('what of a shank is in the wood', () => {
	const deck = { as: 'screw' as const, nominal: 4.826, root: 3.8608, lengths: [76.2] };
	const bare = { cover: 0, standOff: 6, clamps: null };
	const drawn = (of: Parameters<typeof inWood>[0], out = bare) => inWood(of, out)[0]!.along / 0.9;

	it('is drawn by its thread, two thirds of a screw, and a nail by all that is in the wood', () => {
		const screw = screwWithdrawal({ specificGravity: 0.42, diameter: 4.826 });
		expect(drawn(deck)).closeTo(screw * 50.8, 1e-9);
		const nail = nailWithdrawal({ specificGravity: 0.42, diameter: 4.826 });
		expect(drawn({ ...deck, as: 'nail' })).closeTo(nail * 70.2, 1e-9);
	});

	it('is six diameters at least, of thread where it is a screw', () => {
		const least = 6 * 4.826;
		const serves = (as: 'screw' | 'nail', length: number) =>
			inWood({ ...deck, as, lengths: [length] }, bare).length === 1;
		expect([serves('nail', least + 6), serves('nail', least + 5.999)]).deep.equal([true, false]);
		expect([serves('screw', least * 1.5), serves('screw', least * 1.5 - 1e-3)]).deep.equal([
			...[true, false]
		]);
	});
});

describe('how deep an anchor is drilled', () => {
	it('is its own depth in masonry, and nothing to mind in board', () => {
		const depth = (kind: HookKind, ground: Ground) =>
			used(kind, asked(ground, 20, 0, { bed: { cover: 0 } })).holeDepth;
		expect(depth('masonry-plug', 'brick')).equal(fixingOf('masonry-plug').clearanceDepth);
		expect(used('strap-toggle', asked('board', 20)).holeDepth).equal(null);
		expect(used('picture-hook-1', asked('board', 20)).holeDepth).equal(null);
	});
});
