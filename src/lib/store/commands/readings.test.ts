import { expect } from 'chai';
import { openProject, type FactReading } from '../../core/index.ts';
import { DEMO } from '../demo/index.ts';
import { History } from '../history.ts';
import { addReadings, measureBack, strikeReading, type ReadFigure } from './index.ts';

const piece = DEMO.pieces.find(({ back }) => back.kind === 'wire-one' || back.kind === 'wire-two')!;
const dropIn = (history: History): number => {
	const { back } = history.project.pieces.find(({ id }) => id === piece.id)!;
	return 'wire' in back && back.wire.by === 'pull' ? back.wire.pulledDrop : NaN;
};
const figureIn = (history: History): ReadFigure => ({
	fact: { of: 'back', id: piece.id, key: 'pulledDrop' },
	name: 'the pulled drop of A',
	stands: dropIn(history),
	way: 'pulled',
	write: (mean) => measureBack(piece.id, 'pulledDrop', mean)
});
const key = `back/${piece.id}/pulledDrop`;
const read = (id: string, value: number): FactReading => ({
	...{ id, value, way: 'pulled', at: '2026-05-04T09:00:00.000Z', by: 'Ada' },
	...{ simulated: false, struck: false }
});
const started = (drop: number): History => {
	const history = new History(DEMO);
	history.run(measureBack(piece.id, 'pulledDrop', drop));
	return history;
};

describe('readings of a figure', () => {
	it('add to what stands for it: what was typed first is one of them, and the mean is written', () => {
		const history = started(100);
		history.run(addReadings(figureIn(history), [read('b', 103)]));
		history.run(addReadings(figureIn(history), [read('c', 100)]));
		expect(dropIn(history)).closeTo(101, 1e-9);
		expect(history.project.readings[key]!.map(({ value }) => value)).deep.equal([100, 103, 100]);
		history.undo();
		expect(dropIn(history)).closeTo(101.5, 1e-9);
		expect(openProject(JSON.parse(JSON.stringify(history.project))).ok).equal(true);
	});

	it('are struck out and counted again, never lost', () => {
		const history = started(100);
		history.run(addReadings(figureIn(history), [read('b', 104)]));
		history.run(strikeReading(figureIn(history), 'b', true));
		expect(dropIn(history)).closeTo(100, 1e-9);
		expect(history.project.readings[key]).length(2);
		history.run(strikeReading(figureIn(history), 'b', false));
		expect(dropIn(history)).closeTo(102, 1e-9);
	});

	it('keep the figure that stands where all of them are struck out', () => {
		const history = started(100);
		history.run(addReadings(figureIn(history), [read('b', 104)]));
		for (const { id } of history.project.readings[key]!)
			history.run(strikeReading(figureIn(history), id, true));
		expect(dropIn(history)).closeTo(104, 1e-9);
	});

	it('are struck out, and kept, where another figure is typed over them', () => {
		const history = started(100);
		history.run(addReadings(figureIn(history), [read('b', 103)]));
		history.run(measureBack(piece.id, 'pulledDrop', 120));
		history.run(addReadings(figureIn(history), [read('c', 122)]));
		expect(dropIn(history)).closeTo(121, 1e-9);
		const kept = history.project.readings[key]!;
		expect(kept.map(({ value, struck }) => [value, struck])).deep.equal([
			[100, true],
			[103, true],
			[120, false],
			[122, false]
		]);
	});
});
