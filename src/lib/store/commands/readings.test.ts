import { expect } from 'chai';
import { openProject, startPiece, type FactReading } from '../../core/index.ts';
import { DEMO } from '../demo/index.ts';
import { History } from '../history.ts';
import {
	addInRow,
	addReadings,
	measureBack,
	readFromPhoto,
	setPiece,
	strikeReading,
	type ReadFigure
} from './index.ts';

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

describe('readings from a photo', () => {
	const byPhoto = (id: string, value: number): FactReading => ({
		...read(id, value),
		...{ way: 'photo', spread: { own: 0.8, shared: 0 } }
	});

	it('stand beside those of the tape, weighed by how sure each is, as one step', () => {
		const history = started(100);
		const width: ReadFigure = {
			fact: { of: 'piece', id: piece.id, key: 'width' },
			...{ name: 'the width of A', stands: piece.width, way: 'tape' },
			write: (mean) => setPiece(piece.id, { width: mean })
		};
		history.run(
			readFromPhoto('measure A from a photo', [
				{ figure: figureIn(history), reading: byPhoto('p', 102) },
				{ figure: width, reading: byPhoto('q', piece.width + 1) }
			])
		);
		// 1/1.7² and 1/0.8²: the photo has four and a half times the weight of a pulled reading.
		expect(dropIn(history)).closeTo(
			(100 / 1.7 ** 2 + 102 / 0.8 ** 2) / (1 / 1.7 ** 2 + 1 / 0.8 ** 2),
			1e-9
		);
		const wide = history.project.pieces.find(({ id }) => id === piece.id)!.width;
		expect(wide - piece.width).closeTo(0.5, 1e-9);
		expect(history.canUndo).equal('measure A from a photo');
		history.undo();
		expect(dropIn(history)).equal(100);
		history.redo();
		expect(openProject(JSON.parse(JSON.stringify(history.project))).ok).equal(true);
	});

	it('are all there is where a piece comes with them', () => {
		const history = new History(DEMO);
		const fresh = startPiece(() => 'fresh', ['A'], { width: 400, height: 500 });
		const width: ReadFigure = {
			fact: { of: 'piece', id: 'fresh', key: 'width' },
			...{ name: 'the width', stands: null, way: 'tape' },
			write: (mean) => setPiece('fresh', { width: mean })
		};
		const add = addInRow(DEMO.walls[0]!.id, [fresh]);
		history.run(readFromPhoto('measure', [{ figure: width, reading: byPhoto('p', 412.4) }], [add]));
		expect(history.project.pieces.at(-1)).include({ id: 'fresh', width: 412.4 });
		expect(history.project.readings['piece/fresh/width']).length(1);
		history.undo();
		expect(history.project.pieces.some(({ id }) => id === 'fresh')).equal(false);
	});
});
