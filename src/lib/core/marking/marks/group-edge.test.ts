import { expect } from 'chai';
import { startFeature, startWall } from '../../model/start.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { groupEdges } from './group-edge.ts';

let count = 0;
const newId = () => `id-${count++}`;
const blank = startWall(newId, { name: 'Wall', width: 4000, height: 2500 });
const door = (x: number) => ({
	...startFeature(newId, 'door', blank),
	x,
	y: 0,
	width: 800,
	height: 2000
});
/** Doors from 400 to 1200 and from 2800 to 3600, 2 m high. */
const wall = { ...blank, features: [door(400), door(2800)] };

const piece = (id: string, x: number, y: number, hook = { x: x + 150, y: y + 350 }): PlannedPiece =>
	({
		pieceId: id,
		rect: { x, y, width: 300, height: 400 },
		hooks: [{ kind: 'picture-hook-1', bearing: hook, hole: hook }]
	}) as unknown as PlannedPiece;
const from = (pieces: PlannedPiece[], on = wall) =>
	[...groupEdges(pieces, on)].map(([id, { at }]) => `${id} ${at}`);

describe('the edge a group is measured from', () => {
	it('is one for all that read as one, the nearest to them on the whole', () => {
		// Hooks at 1550, 1950 and 2350: 1200 is 1950 away from them in all, 2800 is 2550.
		const row = [piece('A', 1400, 1200), piece('B', 1800, 1200), piece('C', 2200, 1200)];
		expect(from(row)).deep.equal(['A 1200', 'B 1200', 'C 1200']);
		// By itself the last would be measured from the other door.
		expect(from([row[2]!])).deep.equal(['C 2800']);
	});

	it('is each its own where pieces stand too far apart to be one group', () => {
		expect(from([piece('A', 1300, 1200), piece('B', 2400, 1200)])).deep.equal(['A 1200', 'B 2800']);
	});

	it('is one that every piece of the group has beside it', () => {
		// The upper hook is above the doors: the left corner is nearest to it, and the casing is no edge there.
		const stack = [piece('A', 1400, 1200), piece('B', 1400, 1700)];
		expect(from([stack[1]!])).deep.equal(['B 0']);
		expect(from(stack)).deep.equal(['A 1200', 'B 0']);
		expect(from(stack, { ...wall, features: [] })).deep.equal(['A 0', 'B 0']);
	});

	it('is none for a piece without hooks', () => {
		expect(from([{ ...piece('A', 1400, 1200), hooks: [] }])).deep.equal([]);
	});
});
