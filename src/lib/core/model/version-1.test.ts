import { expect } from 'chai';
import { floorAt } from '../wall/survey/outline.ts';
import { openProject } from './open.ts';
import { startPlacement } from './start.ts';

/** A file as version 1 wrote it: one wall, a picture on a wire, a mirror on rings, a canvas on a sawtooth. */
const OLD = {
	format: 'warm-porch-project',
	version: 1,
	id: 'old',
	name: 'Old house',
	created: '2026-01-02T03:04:05.000Z',
	revision: 7,
	houseRules: {
		units: 'in',
		tapeFraction: 16,
		centreHeight: 1448,
		gap: 50,
		hookMargin: 12,
		tolerance: 1.5
	},
	kit: {},
	pieces: [
		{
			...{ id: 'a', letter: 'A', name: 'One', width: 400, height: 500, depth: 20, weight: 3 },
			...{ look: 'framed', art: '', hook: 'picture-hook-1' },
			back: {
				kind: 'wire-two',
				ringSpan: 300,
				ringDrop: 120,
				wire: { by: 'pull', pulledDrop: 60, fingerSpacing: 0 },
				hookSpacing: 150,
				assumed: ['hookSpacing']
			}
		},
		{
			...{ id: 'b', letter: 'B', name: 'Two', width: 600, height: 900, depth: 30, weight: null },
			...{ look: 'mirror', art: '', hook: 'picture-hook-2' },
			back: { kind: 'rings', ringSpan: 450, ringDrop: 150, rightDrop: 152, assumed: [] }
		},
		{
			...{ id: 'c', letter: 'C', name: 'Three', width: 300, height: 300, depth: 30, weight: 1 },
			...{ look: 'canvas', art: '', hook: 'nail' },
			back: { kind: 'sawtooth', barDrop: 10, barOffset: -3, assumed: [] }
		}
	],
	walls: [
		{
			...{ id: 'w', name: 'Wall', width: 4000, height: 2500, skirting: 100 },
			...{ floor: [{ x: 4000, y: -12 }], activeArrangement: 'one' },
			features: [
				{ ...{ id: 'd', kind: 'door', name: 'Door' }, x: 100, y: 0, width: 900, height: 2100 },
				{ ...{ id: 's', kind: 'socket', name: 'Socket' }, x: 1500, y: 300, width: 75, height: 115 }
			],
			arrangements: [
				{
					id: 'one',
					name: 'First',
					placements: [{ pieceId: 'a', x: 900, height: { from: 'house' } }]
				}
			],
			tape: { across: { from: 'left-corner' }, up: { from: 'floor-here' } }
		}
	]
};

describe('a project file of version 1', () => {
	it('opens with every fact it had', () => {
		const opened = openProject(OLD);
		if (!opened.ok) throw new Error(opened.error.message);
		const { pieces, walls, houseRules, version } = opened.value;
		expect(version).equal(6);
		expect(pieces.map(({ kind }) => kind)).deep.equal(['framed', 'mirror', 'canvas']);
		expect(pieces.map(({ glazing }) => glazing)).deep.equal(['none', 'glass', 'none']);
		expect(pieces[0]!.back).deep.include({ ringSpan: 300, hookSpacing: 150, ringLower: null });
		expect(pieces[1]!.back).deep.include({ rightDrop: 152 });
		expect(pieces[2]!.back).deep.include({ barOffset: -3, tooth: 0 });
		expect(walls[0]).deep.include({ rail: null, units: null, width: 4000, hints: [] });
		expect(floorAt(walls[0]!, 4000)).equal(-12);
		expect(floorAt(walls[0]!, 2000)).equal(-6);
		expect(walls[0]!.features).deep.include({
			...{ id: 'd', kind: 'door', name: 'Door', opens: 'away' },
			...{ x: 100, y: 0, width: 900, height: 2100 }
		});
		expect(walls[0]!.arrangements[0]).deep.equal({
			id: 'one',
			name: 'First',
			placements: [startPlacement('a', 900, { from: 'house' })],
			reserved: []
		});
		expect(walls[0]!.made.of).equal('unknown');
		expect(houseRules).include({ tapeFraction: 16, wireFactor: 2 });
	});

	it('is still refused whole where it is damaged', () => {
		const refusal = (file: unknown) => {
			const result = openProject(file);
			return result.ok ? 'opened' : result.error.path;
		};
		expect(refusal({ ...OLD, pieces: 'none' })).equal('pieces');
		expect(refusal({ ...OLD, pieces: [null] })).match(/^pieces\.0/);
		expect(refusal({ ...OLD, walls: [] })).equal('walls');
		const [wall] = OLD.walls;
		expect(refusal({ ...OLD, walls: [{ ...wall, floor: [{ x: 4000, y: 'low' }] }] })).equal(
			'walls.0.levels.readings.0.down'
		);
	});
});
