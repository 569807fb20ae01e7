import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { openProject } from './open.ts';

const old = (readings: unknown): unknown => ({
	...(JSON.parse(JSON.stringify(DEMO)) as object),
	version: 5,
	readings
});

describe('a project file of version 5', () => {
	it('opens with each figure an instrument showed as a reading of its own, simulated ones for ever so', () => {
		const shown = { by: 'laser distance meter', simulated: true, values: [4266, 4268] };
		const opened = openProject(old({ 'wall/stair-hall/width': shown }));
		if (!opened.ok) throw new Error(opened.error.message);
		const common = { way: 'laser', at: null, by: '', simulated: true, struck: false };
		expect(opened.value.readings).deep.equal({
			'wall/stair-hall/width': [
				{ ...common, id: 'read-0', value: 4266 },
				{ ...common, id: 'read-1', value: 4268 }
			]
		});
		expect(opened.value.version).equal(6);
	});

	it('is refused, with the path, where its readings are none', () => {
		for (const [readings, path] of [
			[5, 'readings'],
			[{ a: { by: 'level', simulated: true, values: ['x'] } }, 'readings.a.0.value'],
			[{ a: { by: 'level' } }, 'readings.a']
		] as const) {
			const opened = openProject(old(readings));
			expect(opened.ok).equal(false);
			if (!opened.ok) expect(opened.error.path).equal(path);
		}
	});
});
