import { expect } from 'chai';
import type { Mark, TapeReading } from '../../marking/marks/compute-marks.ts';
import { highHook, holeAsRead, topReading } from './as-read.ts';

/** A tape hooked at a place, whose own hook adds 2 mm; all lengths in mm, added up by hand. */
const tape = (way: TapeReading['way'], at: number, from: number): TapeReading =>
	({ way, datum: 'there', at, exact: { value: from + 2 } }) as TapeReading;
const mark = (across: TapeReading, up: TapeReading): Mark =>
	({ point: { x: 1000, y: 1500 }, hole: { x: 1000, y: 1519 }, across, up }) as Mark;
const rect = { x: 800, y: 1300, width: 400, height: 300 };

describe('a hole by what the tape reads now', () => {
	it('lies as far off as its marked point, on its own side of where the tape is hooked', () => {
		const left = mark(tape('right of', 0, 1000), tape('up from', 0, 1500));
		expect(holeAsRead(left, { across: 1005, up: 1499 })).deep.equal({ x: 1003, y: 1516 });
		const right = mark(tape('left of', 4000, 3000), tape('down from', 2500, 1000));
		expect(holeAsRead(right, { across: 3005, up: 1005 })).deep.equal({ x: 997, y: 1516 });
	});
});

describe('the top edge by what the tape reads', () => {
	it('stands higher where more is read up to it, and lower where more is read down to it', () => {
		const up = topReading(mark(tape('right of', 0, 1000), tape('up from', 0, 1500)), rect);
		expect([up.way, up.reads]).deep.equal(['up from', 1602]);
		expect([up.higher(1605), up.higher(1600)]).deep.equal([3, -2]);
		const down = topReading(mark(tape('right of', 0, 1000), tape('down from', 2500, 1000)), rect);
		expect([down.way, down.reads]).deep.equal(['down from', 902]);
		expect([down.higher(905), down.higher(900)]).deep.equal([-3, 2]);
	});

	it('is read from a line between hole and edge by the edge’s own side', () => {
		const line = topReading(mark(tape('right of', 0, 1000), tape('down from', 1550, 50)), rect);
		expect([line.way, line.reads, line.datum]).deep.equal(['up from', 52, 'there']);
		expect(line.higher(55)).equal(3);
	});
});

describe('the hook on the high side', () => {
	const hooks = [300, 900, 600].map((x) => ({ bearing: { x, y: 0 } }));

	it('is the outermost there, wherever it stands in the list', () => {
		expect([highHook(hooks, 0.5), highHook(hooks, -0.5)]).deep.equal([1, 0]);
		expect(highHook([], 1)).equal(-1);
	});
});
