import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { chooseOn, measureOn, type Back } from '../piece/hangers/index.ts';
import { hungPiece } from '../piece/hung-piece.ts';
import { CORNER_READING_MM, SAME_TAPE_MM, TAPE_READING_MM } from '../base/figures/readings.ts';
import { usualDeviation } from '../marking/marks/resting.ts';
import type { Wall } from '../model/wall.ts';
import { startBack } from '../model/start.ts';
import { within, type Spread } from '../readings/spread.ts';
import type { WayOfReading } from '../readings/ways.ts';
import type { Project } from '../model/project.ts';
import { bestMeasure } from './best-measure.ts';
import { howSure, knownOfBacks } from './how-sure.ts';
import { sideNeighbours } from './landing.ts';
import { landingsOn } from './landings-on.ts';
import { planWallFast } from './plan-wall-fast.ts';

const HALL = 'stair-hall';
const planOf = (project: Project) => {
	const plan = planWallFast(project, HALL);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
};
const pieceOf = (letter: string) => DEMO.pieces.find((piece) => piece.letter === letter)!;
const landingOf = (letter: string, project = DEMO) =>
	landingsOn(project, planOf(project)).find(({ pieceId }) => pieceId === pieceOf(letter).id)!;

describe('the next measure', () => {
	it('of a piece on a wire is its drop while it hangs, and brings what it says', () => {
		const piece = pieceOf('B');
		const best = bestMeasure(landingOf('B').height, piece, {})!;
		expect(best.reads).deep.equal({ key: 'pulledDrop', way: 'hung-on-tape' });
		const key = `back/${piece.id}/pulledDrop`;
		const wire = 'wire' in piece.back && piece.back.wire.by === 'pull' ? piece.back.wire : null;
		const read = (id: string, way: 'pulled' | 'hung-on-tape') => ({
			...{ id, way, value: wire!.pulledDrop, at: null, by: '', simulated: false, struck: false }
		});
		const readings = { [key]: [read('a', 'pulled'), read('b', 'hung-on-tape')] };
		const after = landingOf('B', { ...DEMO, readings });
		expect(within(after.height)).closeTo(best.within, 0.001);
		expect(best.within).below(within(landingOf('B').height));
	});

	it('sideways is where it balances, until that was read', () => {
		const piece = pieceOf('B');
		expect(bestMeasure(landingOf('B').side, piece, {})!.reads?.key).equal('massOffset');
		const key = `piece/${piece.id}/massOffset`;
		const read = { id: 'a', value: 0, way: 'tape' as const, at: null, by: '' };
		const readings = { [key]: [{ ...read, simulated: false, struck: false }] };
		const then = bestMeasure(landingOf('B', { ...DEMO, readings }).side, piece, readings);
		expect(then?.reads?.key).not.equal('massOffset');
	});
});

describe('a figure of the wall', () => {
	const read = (id: string, way: WayOfReading, value: number) => ({
		...{ id, value, way, at: null, by: '', simulated: false, struck: false }
	});
	/** Marks from the right corner or from the ceiling, of a wall whose size was read so often. */
	const marked = (tape: Partial<Wall['tape']>, key: 'width' | 'height', times: number) => {
		const wall = planWall();
		const walls = DEMO.walls.map((each) =>
			each.id === HALL ? { ...each, tape: { ...each.tape, ...tape } } : each
		);
		const all = Array.from({ length: times }, (_, index) =>
			read(`r${index}`, 'corners', wall[key])
		);
		const readings = { [`wall/${HALL}/${key}`]: all };
		return { landing: landingOf('B', { ...DEMO, walls, readings }), readings };
	};
	const size = (spread: Spread) => spread.filter(({ what }) => what.startsWith('wall-'));

	it('is known better the more often it was read, by what its tape does not share', () => {
		for (const [tape, key, of] of [
			[{ across: { from: 'right-corner' as const } }, 'width', 'side'],
			[{ up: { from: 'ceiling' as const } }, 'height', 'height']
		] as const) {
			const sd = (times: number) => Math.abs(size(marked(tape, key, times).landing[of])[0]!.effect);
			expect(sd(1)).closeTo(CORNER_READING_MM, 1e-9);
			const own = CORNER_READING_MM ** 2 - SAME_TAPE_MM ** 2;
			expect(sd(3)).closeTo(Math.sqrt(own / 3 + SAME_TAPE_MM ** 2), 1e-9);
		}
	});

	it('is told to be read again where that brings most, and brings what it says', () => {
		const spread: Spread = [
			{ cause: `wall/${HALL}/width`, what: 'wall-width', effect: CORNER_READING_MM }
		];
		const next = bestMeasure(spread, pieceOf('B'), {})!;
		expect(next.says).equal('Read the width of the wall once more');
		const after = size(marked({ across: { from: 'right-corner' } }, 'width', 2).landing.side);
		expect(within(after)).closeTo(next.within, 1e-9);
	});
});

describe('the offset of one’s own hooks', () => {
	it('is known to one reading of a tape, and better by a second', () => {
		const kit = { 'strap-toggle': { dy: 12, standOff: null } };
		const sd = (values: readonly number[]) => {
			const all = values.map((value, index) => ({
				...{ id: `r${index}`, value, way: 'tape' as const, at: null, by: '' },
				...{ simulated: false, struck: false }
			}));
			return usualDeviation('strap-toggle', kit, { 'hook/strap-toggle/dy': all });
		};
		expect(sd([])).closeTo(TAPE_READING_MM, 1e-9);
		expect(sd([11, 13])).below(TAPE_READING_MM);
		expect(sd([11, 13])).above(SAME_TAPE_MM);
	});
});

describe('hardware beside the middle of a back', () => {
	const piece = pieceOf('B');
	const read = (id: string, key: string, value: number) => ({
		[`${id}/${piece.id}/${key}`]: [
			{ id: key, value, way: 'tape' as const, at: null, by: '', simulated: false, struck: false }
		]
	});
	/** On fixed rings, so that it does not follow its mass. */
	const onRings = (change: (back: Back) => Back, readings: Project['readings'] = {}) => {
		const back = startBack('rings', piece);
		const changed = { ...piece, back: change({ ...back, assumed: [] }) };
		const pieces = DEMO.pieces.map((each) => (each === piece ? changed : each));
		const side = landingOf('B', { ...DEMO, pieces, readings }).side;
		return { side, next: bestMeasure(side, changed, readings) };
	};
	const open = (back: Back) => chooseOn(back, 'across', 'edges');

	it('is read from both edges next, and brings what it says', () => {
		const usual = onRings((back) => back);
		expect(usual.next!.says).equal('Read each side of its hardware from its own edge');
		expect(within(onRings(open).side)).closeTo(within(usual.side), 1e-6);
		const measured = (back: Back) =>
			['edgeLeft', 'edgeRight'].reduce(
				(each, key) => measureOn(each, hungPiece({ ...piece, back: each }), key, 60),
				open(back)
			);
		const readings = { ...read('back', 'edgeLeft', 60), ...read('back', 'edgeRight', 60) };
		expect(within(onRings(measured, readings).side)).closeTo(usual.next!.within, 0.02);
	});
});

describe('how sure marks are', () => {
	it('names what nobody read, and what the plan chose', () => {
		const of = (assumed: string[]) => {
			const pieces = DEMO.pieces.map((piece) =>
				piece.letter === 'B' ? { ...piece, back: { ...piece.back, assumed } } : piece
			);
			const project = { ...DEMO, pieces };
			return howSure(project, planOf(project)).get(pieceOf('B').id)!;
		};
		expect(of([])).deep.include({ assumed: [], chosen: ['between hooks'] });
		const guessed = of(['pulledDrop', 'hookSpacing']);
		expect(guessed).deep.include({ assumed: ['pulled drop'], chosen: ['between hooks'] });
		expect(guessed.up).above(2 * of([]).up);
	});

	it('is told of each back in words, and of none that was read', () => {
		const pieces = DEMO.pieces.map((piece) =>
			piece.letter === 'B' ? { ...piece, back: { ...piece.back, assumed: ['ringSpan'] } } : piece
		);
		const project = { ...DEMO, pieces };
		const known = knownOfBacks(project, planOf(project));
		expect(known.get(pieceOf('B').id)).equal(
			'Not measured: ring span. Chosen by the plan: between hooks'
		);
		expect(known.has(pieceOf('D').id)).equal(pieceOf('D').back.assumed.length > 0);
	});

	it('of a gap is less than of both places: what neighbours share cancels', () => {
		const all = landingsOn(DEMO, planOf(DEMO));
		const own = landingOf('D');
		const [next] = sideNeighbours(own, all, planWall());
		const other = all.find(({ pieceId }) => pieceId === next!.pieceId)!;
		expect(within(next!.gap)).below(Math.hypot(within(own.side), within(other.side)));
		expect(sideNeighbours(own, [own], planWall())).deep.equal([]);
	});
});

const planWall = () => DEMO.walls.find(({ id }) => id === HALL)!;
