import { expect } from 'chai';
import { CLEAT_THICK_MM, RAIL_END_MM, STACKED_SCREWS_MM } from '../../base/figures/hardware.ts';
import { cleat, type CleatBack } from './cleat.ts';
import type { HungPiece } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(800, 600, { depth: 30, weight: 100 });
const rules = { hookMargin: 12, heavy: 15 };

const batten = (more: Partial<CleatBack> = {}): CleatBack => ({
	...cleat.start(piece),
	railDrop: 90,
	railOffset: 0,
	railWidth: 600,
	screwSpan: 400,
	screwLine: 20,
	standOff: 19,
	spacerUp: 40,
	assumed: [],
	...more
});

function hung(back: CleatBack, on: Partial<HungPiece> = {}) {
	const result = cleat.solve(back, { ...piece, ...on }, rules);
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
}
function refused(back: CleatBack, on: Partial<HungPiece> = {}) {
	const result = cleat.solve(back, { ...piece, ...on }, rules);
	return result.ok ? 'ok' : `${result.error.code} at ${result.error.path}`;
}

describe('a cleat', () => {
	it('has its screws spread evenly between the outer ones, about the middle of the rail', () => {
		const xs = (screws: number, railOffset = 0) =>
			hung(batten({ screws, railOffset }), { weight: null }).points.map(({ x }) => x);
		expect(xs(1, 30)).deep.equal([30]);
		expect(xs(3)).deep.equal([-200, 0, 200]);
		expect(xs(2, 30)).deep.equal([-170, 230]);
	});

	it('names one screw plainly, several by number from the left', () => {
		const names = (screws: number) => hung(batten({ screws })).points.map(({ name }) => name);
		expect(names(1)).deep.equal(['screw']);
		expect(names(2)).deep.equal(['screw 1', 'screw 2']);
	});

	it('has its holes at the screw line, two at one place one above the other', () => {
		const meet = (places: number[]) => {
			const result = cleat.meet!.solve(batten(), piece, rules, places);
			return result.ok ? result.value.points.map(({ hole }) => hole!.dy) : [];
		};
		expect(meet([-100, 100])).deep.equal([-20, -20]);
		const half = STACKED_SCREWS_MM / 2;
		expect(meet([-100, -100, 100])).deep.equal([half - 20, -half - 20, -20]);
	});

	it('bears no load while unweighed', () => {
		expect(hung(batten(), { weight: null }).points.every(({ load }) => load === null)).equal(true);
		expect(hung(batten()).points.every(({ load }) => load !== null)).equal(true);
	});

	it('is stopped where a screw would be lifted: the mass beyond all screws', () => {
		const codes = (...of: Parameters<typeof hung>) =>
			hung(...of).cautions.map(({ code, path }) => `${code} at ${path}`);
		expect(codes(batten())).deep.equal([]);
		expect(codes(batten({ screwSpan: 50 }), { massOffset: 200 })).deep.equal([
			'point-lifts at screwSpan'
		]);
		expect(codes(batten({ screwSpan: 50, railOffset: -90 }))).deep.equal([
			'point-lifts at railOffset'
		]);
	});

	it('may be as long as the piece, and no longer, wherever it is', () => {
		expect(refused(batten({ railWidth: 800 }))).equal('ok');
		expect(refused(batten({ railWidth: 800.1 }))).equal('rail-beyond-piece at railWidth');
		expect(refused(batten({ railWidth: 600, railOffset: -100 }))).equal('ok');
		expect(refused(batten({ railWidth: 600, railOffset: -101 }))).equal(
			'rail-beyond-piece at railWidth'
		);
	});

	it('has its screws on the rail, up to its very ends, and above the spacer', () => {
		expect(refused(batten({ screwSpan: 600 }))).equal('ok');
		expect(refused(batten({ screwSpan: 601 }))).equal('screws-beyond-rail at screwSpan');
		expect(refused(batten({ spacerUp: 489.9 }))).equal('ok');
		expect(refused(batten({ spacerUp: 490 }))).equal('spacer-above-screws at spacerUp');
	});

	it('reaches to where a screw still has wood beside it', () => {
		expect(cleat.meet!.reach(batten(), piece)).deep.equal({
			left: 300 - RAIL_END_MM,
			right: 300 - RAIL_END_MM
		});
		expect(cleat.meet!.reach(batten({ railOffset: 50 }), piece)).deep.equal({
			left: 250 - RAIL_END_MM,
			right: 350 - RAIL_END_MM
		});
	});

	it('may have more screws, spread out as far as the rail goes', () => {
		const more = (screws: number, screwSpan = 400) =>
			cleat.more!(batten({ screws, screwSpan })).map((back) => [back.screws, back.screwSpan]);
		const widest = 600 - 2 * RAIL_END_MM;
		expect(more(2)).deep.equal([
			[3, widest],
			[4, widest]
		]);
		expect(more(3)).deep.equal([[4, widest]]);
		expect(more(4)).deep.equal([]);
		expect(more(3, 599)).deep.equal([[4, 599]]);
	});

	it('of metal is thinner, unless its thickness was read', () => {
		const open = batten({ assumed: ['standOff'] });
		expect(cleat.choose(open, 'of', 'metal')).include({
			of: 'metal',
			standOff: CLEAT_THICK_MM.metal
		});
		expect(cleat.choose(batten({ standOff: 21 }), 'of', 'metal')).include({ standOff: 21 });
	});

	it('is drawn where it is: its half, the spacer near the bottom, hooks at the rail, holes at the screw line', () => {
		const drawn = cleat.draw(batten({ railOffset: 30 }), piece);
		const [rail, spacer] = drawn.filter(({ shape }) => shape === 'batten');
		expect(rail).deep.include({ at: { x: 30, drop: 90 }, width: 600, metal: false });
		expect(spacer).deep.include({ at: { x: 30, drop: 560 }, width: 300, metal: false });
		const at = (of: string) =>
			drawn.flatMap((each) => (each.shape === of && 'at' in each ? [each.at] : []));
		expect(at('hook')).deep.equal([
			{ x: -170, drop: 90 },
			{ x: 230, drop: 90 }
		]);
		expect(at('bore')).deep.equal([
			{ x: -170, drop: 110 },
			{ x: 230, drop: 110 }
		]);
		expect(cleat.draw(batten({ of: 'metal' }), piece)[0]).include({ metal: true });
	});
});
