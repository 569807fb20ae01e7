import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { hookOf } from '../fixings/index.ts';
import { holdsNow, nailPullOf, studsBehind } from './fix.ts';
import { planWall } from './plan-wall.ts';

const plan = planWall(DEMO, 'stair-hall');
if (!plan.ok) throw new Error(plan.error.message);
const { pieces, fixes } = plan.value;
const of = (letter: string) => pieces.find((piece) => piece.letter === letter)!;
const fixOf = (letter: string) => fixes.find(({ pieceId }) => pieceId === of(letter).pieceId)!;

describe('what a hook’s plate pulls at its nail', () => {
	const [hook] = of('C').hooks;

	it('is the pull and the weight about the toe, as the kit has the hook', () => {
		// A typical one-nail hook: 5 mm off the wall, its toe 19 + 6 below the nail (from memory).
		const { down, pull } = hook!.load!;
		expect(nailPullOf(hook!, {})).closeTo(pull.value + (down.value * 5) / 25, 1e-9);
		const own = { 'picture-hook-1': { dy: null, rating: null, standOff: 10, stock: null } };
		expect(nailPullOf(hook!, own)).closeTo(pull.value + (down.value * 10) / 25, 1e-9);
	});

	it('is nothing where there is no plate, or no weight', () => {
		expect(hookOf('nail').toe).equal(undefined);
		expect(nailPullOf({ ...hook!, kind: 'nail' }, {})).equal(0);
		expect(nailPullOf({ ...hook!, load: null }, {})).equal(0);
	});
});

describe('studs behind a piece', () => {
	it('are where they stand at the height of its hooks', () => {
		const studs = [1000, 1400];
		expect(studsBehind(of('A'), { studs, lean: null })).equal(studs);
		const lean = { perMetre: 5, at: of('A').hooks[0]!.hole.y - 1000 };
		expect(studsBehind(of('A'), { studs, lean })).deep.equal([1005, 1405]);
	});
});

describe('whether a piece holds as planned now', () => {
	it('asks every one of its hooks', () => {
		expect(holdsNow(fixOf('A'))).equal(true);
		expect(holdsNow(fixOf('C'))).equal(false);
		expect(holdsNow({ ...fixOf('A'), now: [] })).equal(false);
		const [use] = fixOf('A').now;
		const weak = { ok: false as const, error: { code: 'other-ground', message: 'Not here.' } };
		expect(holdsNow({ ...fixOf('A'), now: [use!, weak] })).equal(false);
	});
});
