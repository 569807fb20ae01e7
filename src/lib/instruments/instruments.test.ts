import { expect } from 'chai';
import { averageOf, hiddenWall, seeded } from '../core/index.ts';
import { MAKES } from './makes.ts';
import { slidMagnet, studSensor } from './sensor.ts';
import { simulated } from './simulated.ts';

/** Readings until the battery is low. */
function readings(make: keyof typeof MAKES, truth: number, seed: number): number[] {
	const device = simulated(MAKES[make], truth, seeded(seed));
	const shown: number[] = [];
	for (;;) {
		const reading = device.read();
		if (!reading.ok) return shown;
		shown.push(reading.value);
	}
}

describe('a simulated instrument', () => {
	it('scatters round the truth by its noise, in its own steps, and says that it is simulated', () => {
		for (const [make, truth] of [
			['laser', 3456.7],
			['level', 1.23],
			['luggage', 7.31],
			['light', 180]
		] as const) {
			const { step, noise, name } = MAKES[make];
			const spread = 'noiseShare' in MAKES[make] ? Math.hypot(noise, 0.05 * truth) : noise;
			const shown = [1, 2, 3, 4, 5, 6].flatMap((seed) => readings(make, truth, seed));
			for (const value of shown) expect(value / step).closeTo(Math.round(value / step), 1e-6);
			const average = averageOf(shown);
			expect(average.mean, name).closeTo(truth, spread);
			expect(average.spread, name).within(0.5 * spread, 1.6 * Math.max(spread, step));
			expect(simulated(MAKES[make], truth, seeded(1)).simulated).equal(true);
		}
	});

	it('fails when its battery is low, and when what it reads is out of its range', () => {
		const count = readings('laser', 2000, 3).length;
		expect(count).within(12, 24);
		const failure = (make: keyof typeof MAKES, truth: number) => {
			const reading = simulated(MAKES[make], truth, seeded(2)).read();
			return reading.ok ? 'fine' : reading.error.code;
		};
		expect(failure('laser', 20)).equal('out-of-range');
		expect(failure('laser', 40_000)).equal('out-of-range');
		expect(failure('luggage', 55)).equal('out-of-range');
		expect(failure('level', 60)).equal('out-of-range');
		expect(failure('light', 30_000)).equal('out-of-range');
		expect(failure('laser', 2000)).equal('fine');
		const flat = simulated(MAKES.laser, 2000, () => 0);
		for (let reading = 0; reading < 12; reading++) expect(flat.read().ok).equal(true);
		const low = flat.read();
		expect(low.ok ? '' : low.error.code).equal('battery-low');
	});
});

describe('a sensor and a magnet swept along a wall', () => {
	const wall = hiddenWall(4, 3600, '16 in');
	const [first, second] = wall.studs as [number, number];

	it('stop at the first stud on their way', () => {
		const sensed = studSensor(wall, [first + 30, second + 200], seeded(1)).read();
		if (!sensed.ok) throw new Error(sensed.error.message);
		expect((sensed.value.left + sensed.value.right) / 2).closeTo(second, 20);
		expect(sensed.value.right).above(sensed.value.left);
		const held = slidMagnet(wall, [first + 60, second + 200], seeded(1)).read();
		expect(held.ok && held.value).closeTo(wall.screws[1]!, 12);
	});

	it('say so when there is none', () => {
		const code = (reading: ReturnType<ReturnType<typeof slidMagnet>['read']>) =>
			reading.ok ? 'found' : reading.error.code;
		expect(code(slidMagnet(wall, [first + 60, first + 200], seeded(1)).read())).equal(
			'out-of-range'
		);
		const sensed = studSensor(wall, [first + 60, first + 200], seeded(1)).read();
		expect(sensed.ok ? 'found' : sensed.error.message).contain('Sweep farther');
	});
});
