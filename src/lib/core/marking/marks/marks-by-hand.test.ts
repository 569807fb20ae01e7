import { expect } from 'chai';
import { addUp, plus } from '../../base/derived.ts';
import { usualHouseRules } from '../../model/house-rules.ts';
import type { PlannedHook, PlannedPiece } from '../../model/planned.ts';
import { startWall } from '../../model/start.ts';
import type { Wall } from '../../model/wall.ts';
import { computeMarks } from './compute-marks.ts';
import { upDatums } from './datum.ts';
import { crossedBy, lineOffers } from './level-line.ts';
import { markStrips } from './mark-strip.ts';
import { secondMeasures } from './second-measure.ts';
import { edgeBeside, nearestEdge } from './solid-edge.ts';
import { coarser, stylesOf } from './styles.ts';

/** Every figure here was added up by hand, mm. */
const size = { name: 'Wall', width: 4000, height: 2500 };
const blank = startWall(() => 'id', size);
const houseRules = { ...usualHouseRules, units: 'mm' as const, tapeHook: 0, tolerance: 0.5 };

type Spot = [x: number, y: number, holeDy?: number, holeDx?: number];

const hook = (id: string, name: string, [x, y, dy = 0, dx = 0]: Spot): PlannedHook => ({
	...{ id, name, kind: 'screw', drop: addUp([plus('drop', 100)], ''), cord: null, load: null },
	bearing: { x, y },
	hole: { x: x + dx, y: y + dy },
	across: addUp([plus('place', x)], ''),
	height: addUp([plus('height', y)], '')
});

function piece(letter: string, x: number, y: number, ...spots: Spot[]): PlannedPiece {
	const names =
		spots.length === 2 ? ['left hook', 'right hook'] : ['screw 1', 'screw 2', 'screw 3'];
	return {
		...{ pieceId: letter, letter, name: letter, from: 'middle', hung: null, settled: false },
		...{ trouble: null, cautions: [] },
		rect: { x, y, width: 400, height: 300 },
		hooks: spots.map((spot, index) => hook(`${letter}${index}`, names[index]!, spot))
	} as unknown as PlannedPiece;
}

const read = (
	pieces: PlannedPiece[],
	tape: Partial<Wall['tape']> = {},
	{ tapeHook = 0, wall = {} }: { tapeHook?: number; wall?: Partial<Wall> } = {}
) =>
	computeMarks({
		wall: { ...blank, ...wall, tape: { ...blank.tape, across: { from: 'left-corner' }, ...tape } },
		pieces,
		centreLine: { y: 1500 } as Parameters<typeof computeMarks>[0]['centreLine'],
		houseRules: { ...houseRules, tapeHook }
	});

const door = (x: number): Wall['features'][number] =>
	({
		...{ id: `door${x}`, kind: 'door', name: 'Door', x, y: 0, width: 800, height: 2000 },
		hinge: 'left'
	}) as unknown as Wall['features'][number];

describe('marks added up by hand', () => {
	it('go from piece to piece, each from the mark before it, to the left as to the right', () => {
		const pieces = [piece('A', 1000, 1400, [1200, 1600]), piece('B', 2000, 1400, [2200.4, 1600])];
		const [, second] = read(pieces, { chain: true });
		// A is printed at 1200 from the corner; B lies 1000.4 further.
		expect(second!.across).deep.include({ way: 'right of', datum: 'A’s screw 1', printed: 1000 });
		expect(second!.across.exact.value).closeTo(1000.4, 1e-9);
		expect(second!.across.at).closeTo(1200, 1e-9);
		const fromRight = read([piece('A', 1000, 1400, [1200.4, 1600]), pieces[1]!], {
			...{ chain: true, across: { from: 'right-corner' } }
		});
		// From the right corner: 2799.6, printed 2800, so that A stands at 1200 as marked.
		expect(fromRight[0]!.across).deep.include({ way: 'left of', printed: 2800 });
		expect(fromRight[1]!.across.at).closeTo(1200, 1e-9);
		expect(fromRight[1]!.across.printed).equal(1000);
	});

	it('are walked from the left, the higher of two above each other first, and skip what has no hooks', () => {
		const marks = read([
			piece('C', 2000, 1000, [2200, 1200]),
			piece('B', 2000, 1500, [2200, 1700]),
			piece('A', 100, 1500, [300, 1700]),
			piece('D', 50, 1500)
		]);
		expect(marks.map(({ letter }) => letter)).deep.equal(['A', 'B', 'C']);
	});

	it('name the floor under the first hook for the second, and the hook by its article or its number', () => {
		const [first, second] = read([piece('A', 1000, 1400, [1100, 1600], [1300, 1600])]);
		expect(first!.up.datum).equal('the floor here');
		expect(second!.up.datum).equal('the floor under the left hook');
		const [, ceiling] = read([piece('A', 1000, 1400, [1100, 1600], [1300, 1600])], {
			up: { from: 'ceiling' }
		});
		expect(ceiling!.up.datum).equal('the ceiling over the left hook');
		expect(ceiling!.up).deep.include({ way: 'down from', printed: 900 });
		const screws: Spot[] = [
			[1100, 1600],
			[1200, 1600],
			[1300, 1600]
		];
		const three = read([piece('A', 1000, 1400, ...screws)]);
		expect(three[1]!.up.datum).equal('the floor under screw 1');
		const [, line] = read([piece('A', 1000, 1400, [1100, 1600], [1300, 1600])], {
			up: { from: 'centre-line' }
		});
		expect(line!.up.datum).equal('the centre line');
	});

	it('set the second of a pair from the first, on its side, only where both are level', () => {
		const apart = (by: number, higher = 0) =>
			read([piece('A', 1000, 1400, [1100, 1600], [1100 + by, 1600 + higher])])[1]!.levelWith;
		expect(apart(200)).deep.equal({
			...{ name: 'the left hook', way: 'right', exact: 200, printed: 200 }
		});
		expect(apart(-50.4)).deep.include({ way: 'left', printed: 50 });
		expect(apart(-50.4)!.exact).closeTo(50.4, 1e-9);
		expect(apart(200, 0.04)).not.equal(null);
		expect(apart(200, 0.06)).equal(null);
	});

	it('print bearing and hole of a pair by the same step', () => {
		const [left, right] = read([piece('A', 1000, 1400, [1100, 1600.4, 10], [1300, 1610.4, 10])]);
		expect(left!.up.printed).equal(1610);
		expect(right!.up.printed).equal(1620);
		expect(left!.bearingUp.printed).equal(1600);
		expect(right!.bearingUp.printed).equal(1610);
		const fromTop = read([piece('A', 1000, 1400, [1100, 1600.4, 10], [1300, 1610.4, 10])], {
			up: { from: 'ceiling' }
		});
		expect(fromTop[1]!.bearingUp.printed).equal(890);
	});

	it('say how the hole lies to its bearing, and leave out what is nothing', () => {
		const terms = (spot: Spot, tape = {}) =>
			read([piece('A', 1000, 1400, spot)], tape)[0]!.up.exact.sum.map(({ label }) => label);
		expect(terms([1200, 1600, -12])).deep.equal(['height', 'hole below the bearing']);
		expect(terms([1200, 1600, 12])).deep.equal(['height', 'hole above the bearing']);
		expect(terms([1200, 1600])).deep.equal(['height']);
		const sideways = read([piece('A', 1000, 1400, [1200, 1600, 0, 5])])[0]!.across.exact;
		expect(sideways.sum.map(({ label }) => label)).deep.equal(['place', 'hole beside the bearing']);
		expect(sideways.value).closeTo(1205, 1e-9);
		// At the very corner the first term stays, though it is nothing.
		expect(read([piece('A', 0, 1400, [0, 1600])])[0]!.across.exact.sum).length(1);
	});

	it('have no term for a tape that reads right, and one for a bent hook', () => {
		const of = (tapeHook: number) =>
			read([piece('A', 1000, 1400, [1200, 1600])], {}, { tapeHook })[0]!.across;
		expect(of(0).exact.sum).length(1);
		expect(of(2).exact.sum.at(-1)).deep.include({ label: 'your tape’s hook', value: 2 });
		expect(of(2).printed).equal(1202);
	});

	it('add a bent hook on either side of where the tape is hooked', () => {
		const tape = { across: { from: 'feature', id: 'door1000', edge: 'left' } as const };
		const [left, right] = read([piece('A', 800, 1400, [900, 1600], [1200, 1600])], tape, {
			...{ tapeHook: 2, wall: { features: [door(1000)] } }
		});
		expect(left!.across).deep.include({ way: 'left of', printed: 102 });
		expect(right!.across).deep.include({ way: 'right of', printed: 202 });
		expect(right!.across.exact.value).closeTo(202, 1e-9);
		const up = { up: { from: 'feature', id: 'door1000', edge: 'top' } as const };
		const screws = read([piece('A', 800, 1900, [900, 1900], [1200, 2150])], up, {
			...{ tapeHook: 2, wall: { features: [door(1000)] } }
		});
		expect(screws.map(({ up: { way, printed } }) => [way, printed])).deep.equal([
			['down from', 102],
			['up from', 152]
		]);
		expect(screws.map(({ bearingUp }) => bearingUp.printed)).deep.equal([102, 152]);
	});

	it('lie on a line within a twentieth of a millimetre, else above or below it', () => {
		const way = (y: number) =>
			read([piece('A', 1000, 1400, [1200, y])], { up: { from: 'line', at: 1600 } })[0]!.up.way;
		expect([1600, 1600.04, 1600.06, 1599.9].map(way)).deep.equal([
			...['on', 'on', 'up from', 'down from']
		]);
	});

	it('own up to what rounding leaves beyond the tolerance alone', () => {
		const left = (x: number) => read([piece('A', 1000, 1400, [x, 1600])])[0]!.across.roundingError;
		expect(left(1200.4)).equal(null);
		const wide = computeMarks({
			wall: { ...blank, tape: { ...blank.tape, across: { from: 'left-corner' } } },
			pieces: [piece('A', 1000, 1400, [1200.4, 1600])],
			centreLine: { y: 1500 } as Parameters<typeof computeMarks>[0]['centreLine'],
			houseRules: { ...houseRules, tolerance: 0.3 }
		});
		expect(wide[0]!.across.roundingError).closeTo(-0.4, 1e-9);
	});
});

describe('places for the side tape', () => {
	const of = (wall: Partial<Wall>) =>
		upDatums({ wall: { ...blank, ...wall }, pieces: [piece('A', 0, 1000)], centreLineY: 1500 });

	it('are the top and the bottom of what does not fill the wall', () => {
		const at = (label: string) => of({}).find((each) => each.label === label)?.at;
		expect([at('the top of piece A'), at('the bottom of piece A')]).deep.equal([1300, 1000]);
		const labels = (feature: object) =>
			of({ features: [{ ...door(100), ...feature }] as Wall['features'] })
				.map(({ label }) => label)
				.filter((label) => /door/.test(label));
		expect(labels({})).length(2);
		expect(labels({ y: 500, height: 2500 })).length(2);
		expect(labels({ y: 0, height: 2500 })).deep.equal([]);
	});

	it('name the surveyed line only where a level was read', () => {
		const named = (readings: Wall['levels']['readings']) =>
			of({ levels: { line: 1200, readings } }).some(({ datum }) => datum.from === 'read-line');
		expect(named([])).equal(false);
		expect(named([{ id: 'r', x: 0, down: 1200, up: null }])).equal(true);
	});
});

describe('solid edges', () => {
	const wall = { ...blank, features: [door(1000), door(3000)] };

	it('are the casing on that side which the hole’s height meets, else the corner', () => {
		const edge = (x: number, y: number, side: 1 | -1) => edgeBeside(wall, { x, y }, side).x;
		expect(edge(2500, 1500, 1)).equal(3000);
		expect(edge(2500, 1500, -1)).equal(1800);
		expect(edge(2500, 2000, 1)).equal(4000);
		expect(edge(500, 1500, -1)).equal(0);
		expect(edge(500, 1500, 1)).equal(1000);
		// A hole at the casing itself is not measured from it.
		expect(edge(1800, 1500, -1)).equal(0);
		const shelf = { ...door(1000), y: 1200 };
		expect(edgeBeside({ ...blank, features: [shelf] }, { x: 500, y: 1000 }, 1).x).equal(4000);
		expect(edgeBeside({ ...blank, features: [shelf] }, { x: 500, y: 1200 }, 1).x).equal(4000);
	});

	it('are the left one where both are as near', () => {
		expect(nearestEdge(wall, { x: 2400, y: 1500 })).deep.include({ x: 1800 });
		expect(nearestEdge(wall, { x: 2401, y: 1500 })).deep.include({ x: 3000 });
	});

	it('give the second measure, printed with what the tape adds', () => {
		const mark = { point: { x: 2500.3, y: 1500 }, across: { at: 2500.3 } } as never;
		const { lead } = stylesOf(houseRules);
		const { across, up } = secondMeasures(wall, mark, 2, lead);
		expect(across.exact).closeTo(501.7, 1e-9);
		expect(across.printed).equal(502);
		expect(up.printed).equal(1002);
	});
});

describe('a level line', () => {
	const pair: PlannedPiece[] = [
		piece('A', 500, 1400, [700, 1600]),
		piece('B', 1500, 1400, [1600, 1500.3], [1800, 1500.7])
	];

	it('is offered through the most marks, told apart by half a millimetre, and not for a single one', () => {
		const offer = lineOffers([...pair, piece('C', 2500, 1300, [2700, 1500.4])], blank)[0]!;
		// 1500.3, 1500.4 and 1500.7 lie within half a millimetre of 1500.3 or 1500.4: three marks of B and C.
		expect(offer.why).match(/^3 marks lie on it \(B, C\)/);
		expect(lineOffers([pair[0]!], blank)).length(1);
		expect(lineOffers([pair[0]!], blank)[0]!.why).match(/^Clear of every piece/);
	});

	it('runs 50 mm under the lowest piece, where hands reach, and not at all where that is too low', () => {
		const under = (y: number, line = blank) =>
			lineOffers([piece('A', 500, y, [700, y + 200])], line)[0]?.at;
		expect(under(1400)).equal(1350);
		expect(under(1700)).equal(1500);
		expect(under(950)).equal(900);
		expect(under(940)).equal(undefined);
	});

	it('crosses what lies over it, and not what was left behind', () => {
		const names = (y: number, features: Wall['features'] = []) =>
			crossedBy(y, pair, { ...blank, features }).map(({ name }) => name);
		expect(names(1500)).deep.equal(['A', 'B']);
		expect(names(1400)).deep.equal([]);
		expect(names(1700)).deep.equal([]);
		const old = { ...door(100), kind: 'old-fixing', name: 'Old nail', of: 'nail', holds: null };
		expect(names(1500, [door(3000), old as never])).deep.equal(['A', 'B', 'Door']);
	});
});

describe('strips and styles', () => {
	it('take the holes within 12 mm of the highest, from left to right', () => {
		const [strip] = markStrips([piece('A', 1000, 1400, [1300, 1600], [1100, 1588])]);
		expect(strip!.marks.map(({ at, up }) => [at, up])).deep.equal([
			[100, 0],
			[300, 12]
		]);
		expect(markStrips([piece('A', 1000, 1400, [1300, 1600], [1100, 1587.9])])).deep.equal([]);
	});

	it('are written coarser only where they are finer than an eighth', () => {
		const inch = (denominator: 4 | 8 | 16) => ({ unit: 'in' as const, denominator });
		expect(coarser(inch(16))).deep.equal(inch(8));
		expect(coarser(inch(8))).deep.equal(inch(8));
		expect(coarser(inch(4))).deep.equal(inch(4));
		expect(coarser({ unit: 'mm', decimals: 0 })).deep.equal({ unit: 'mm', decimals: 0 });
		expect(stylesOf(houseRules).lead.unit).equal('mm');
		expect(stylesOf({ ...houseRules, units: 'in' }).lead.unit).equal('in');
	});
});
