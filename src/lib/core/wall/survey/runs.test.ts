import { expect } from 'chai';
import { startFeature, startWall } from '../../model/start.ts';
import type { FeatureKind } from '../features/index.ts';
import type { Wall } from '../../model/wall.ts';
import { likelyRuns, runCautions } from './runs.ts';

let made = 0;
const newId = () => `id-${made++}`;
const wall = startWall(newId, { name: 'Wall', width: 4000, height: 2400 });
const feature = (kind: FeatureKind, x: number, y: number, width: number, height: number) => ({
	...startFeature(newId, kind, wall),
	...{ x, y, width, height }
});
const at = (features: Wall['features'], x: number, y: number) =>
	runCautions(likelyRuns({ ...wall, features }), { x, y }, { letter: 'A', point: null }).map(
		({ grade, code }) => `${grade} ${code}`
	);

describe('where not to drill', () => {
	const socket = feature('socket', 2000, 300, 80, 80);

	it('is straight above and below a socket, and level with it', () => {
		// BS 7671, 522.6.202: vertically or horizontally from the accessory, as wide or as high as it is.
		expect(at([socket], 2040, 1500)).deep.equal(['stop over-cable']);
		expect(at([socket], 2000, 20)).deep.equal(['stop over-cable']);
		expect(at([socket], 3000, 340)).deep.equal(['care over-cable']);
		expect(at([socket], 1999, 1500)).deep.equal([]);
		expect(at([socket], 3000, 381)).deep.equal([]);
		expect(at([], 2040, 1500)).deep.equal([]);
	});

	it('is up and down from a pipe or metal that was met, and level with it', () => {
		const met = feature('met-run', 1985, 1400, 30, 30);
		// Common practice: 75 mm to each side of it.
		expect(at([met], 2000, 300)).deep.equal(['stop over-pipe']);
		expect(at([met], 2080, 2100)).deep.equal(['stop over-pipe']);
		expect(at([met], 2100, 300)).deep.equal([]);
		expect(at([met], 3000, 1420)).deep.equal(['care over-pipe']);
		expect(at([met], 2000, 1415)).deep.equal(['stop over-pipe', 'care over-pipe']);
		const cable = { ...met, of: 'cable' } as typeof met;
		expect(at([cable], 2000, 300)).deep.equal(['stop over-cable']);
	});

	it('is 150 mm beneath the ceiling and beside the corners', () => {
		// BS 7671, 522.6.202: within 150 mm of the top of the wall and of an angle between two walls.
		expect(at([], 2000, 2250)).deep.equal(['care over-cable']);
		expect(at([], 2000, 2249)).deep.equal([]);
		expect(at([], 150, 1000)).deep.equal(['care over-cable']);
		expect(at([], 151, 1000)).deep.equal([]);
		expect(at([], 3850, 1000)).deep.equal(['care over-cable']);
	});

	it('follows a sloping ceiling, and ends level runs at doors', () => {
		const sloped = { ...wall, ceiling: [{ x: 4000, y: 1600 }] };
		const over = runCautions(
			likelyRuns(sloped),
			{ x: 3000, y: 1700 },
			{ letter: 'A', point: null }
		);
		expect(over).length(1);
		// From 2400 at the left end to 1600 at the right it is 2300 high at 500: the zone goes with it, not with its low end.
		const under = (y: number) =>
			runCautions(likelyRuns(sloped), { x: 500, y }, { letter: 'A', point: null }).length;
		expect([under(1700), under(2200)]).deep.equal([0, 1]);
		const door = feature('door', 2500, 0, 900, 2100);
		expect(at([socket, door], 3600, 340)).deep.equal([]);
		expect(at([socket, door], 1000, 340)).deep.equal(['care over-cable']);
	});

	it('is over pipes below a radiator, ducts at a vent, and tells the gravest first', () => {
		const radiator = feature('radiator', 1000, 150, 1000, 600);
		expect(at([radiator], 1010, 100)).deep.equal(['stop over-pipe']);
		expect(at([radiator], 1500, 100)).deep.equal([]);
		const vent = feature('vent', 3000, 2000, 300, 150);
		expect(at([vent], 3100, 1000)).deep.equal(['care over-duct']);
		expect(at([socket], 2040, 2300)).deep.equal(['stop over-cable', 'care over-cable']);
	});
});
