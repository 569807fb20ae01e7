import { expect } from 'chai';
import {
	formatMessage,
	solveBones,
	startWall,
	studFacts,
	stylesOf,
	usualHouseRules,
	type Wall
} from '../../core/index.ts';
import { DEMO } from '../../store/demo/index.ts';
import { writeReading } from '../field/write-reading.ts';
import { bonesSaid } from './bones-said.ts';
import { cornersFor, shapeOf, type CeilingShape } from './ceiling.ts';
import { hintAt } from './hint-at.ts';
import { readLux } from './lux.ts';
import { surveySaid, type InHand } from './survey-said.ts';

const wall = startWall(() => 'id', { name: 'Wall', width: 4000, height: 2400 });
const styles = stylesOf(usualHouseRules);
const [stairHall] = DEMO.walls as [Wall];

describe('the shape of a ceiling', () => {
	it('is what its corners make it, and starts as what it is called', () => {
		const shapes: CeilingShape[] = ['level', 'sloping', 'gable', 'corners'];
		for (const shape of shapes) {
			const ceiling = cornersFor(shape, wall);
			expect(shapeOf({ ceiling, width: 4000 })).equal(shape);
		}
		expect(shapeOf({ ceiling: [{ x: 100, y: 2000 }], width: 4000 })).equal('corners');
	});

	it('keeps the right end when its shape changes', () => {
		const sloping = { ...wall, ceiling: [{ x: 4000, y: 1500 }] };
		expect(cornersFor('gable', sloping).at(-1)).deep.equal({ x: 4000, y: 1500 });
		expect(cornersFor('level', sloping)).deep.equal([]);
	});
});

describe('a tool on the wall', () => {
	it('leaves a place by a tap, and a stretch by a drag', () => {
		expect(hintAt('a', 'knock', 500, 503, 900)).deep.equal({
			...{ id: 'a', kind: 'knock', x: 503, y: 900 }
		});
		expect(hintAt('a', 'edges', 540, 500, 100)).deep.equal({
			...{ id: 'a', kind: 'edges', left: 500, right: 540, y: 100 }
		});
		// A tap with a tool for edges: a stud of 38.1 mm round the place.
		expect(hintAt('a', 'edges', 500, 501, 100)).deep.equal({
			...{ id: 'a', kind: 'edges', left: 481.95, right: 520.05, y: 100 }
		});
	});
});

describe('lux as typed', () => {
	it('is read with or without its unit, and refused when it is none', () => {
		const lux = (text: string) => {
			const read = readLux(text);
			return read.ok ? read.value : read.error.code;
		};
		expect(['140', ' 140 lx', '85,5 lux', '0'].map(lux)).deep.equal([140, 140, 85.5, 0]);
		expect(['bright', '-5', '1e9', '200000', ''].map(lux)).deep.equal([
			'not-a-number',
			'not-a-number',
			'not-a-number',
			'out-of-range',
			'not-a-number'
		]);
	});
});

describe('what an instrument shows', () => {
	it('is written in the reader’s units', () => {
		expect(writeReading(254, 'laser', styles)).equal('10"');
		expect(writeReading(0.45359237, 'luggage', styles)).contain('1');
		expect(writeReading(1.25, 'level', styles)).equal('1.25°');
		expect(writeReading(139.6, 'light', styles)).equal('140 lx');
		const metric = stylesOf({ ...usualHouseRules, units: 'mm' });
		expect(writeReading(254, 'laser', metric)).equal('254 mm');
	});
});

describe('what the hints come to, in words', () => {
	const solved = (facts: Partial<Wall>) =>
		solveBones(studFacts({ ...wall, ...facts }, usualHouseRules));
	const words = (facts: Partial<Wall>) =>
		formatMessage(bonesSaid(solved(facts)), styles.lead).replaceAll('\u00a0', ' ');

	it('is never a false certainty', () => {
		expect(bonesSaid(null)).equal('Looking at the hints.');
		expect(words({})).contain('Nothing is known of what is behind this wall yet');
		expect(words({ hints: [{ id: 'a', kind: 'knock', x: 900, y: null }] })).match(
			/^Not known yet: the best guess/
		);
		expect(words({ hints: [{ id: 'a', kind: 'edges', left: 90, right: 90, y: null }] })).contain(
			'a stud has a width'
		);
	});

	it('tells the spacing, the chance and a near tie', () => {
		const probes = (...xs: number[]) =>
			xs.map((x, index) => ({ id: `${index}`, kind: 'probe' as const, x, y: null }));
		expect(words({ hints: probes(200, 606.4, 1012.8, 1825.6) })).match(
			/^Studs 16" apart, with a chance of 9\d %; 10 on this wall\. Before a heavy piece/
		);
		// 3 600 mm are 6 bays of 600, or 8 of 450.
		const metric = { width: 4000, units: 'mm' as const, hints: probes(150, 3750) };
		expect(words(metric)).contain('A spacing of 17 23/32" fits almost as well.');
	});
});

describe('the readout in the Survey', () => {
	const told = (hand: Partial<InHand>) =>
		surveySaid(
			{ survey: 'outline', feature: null, hint: null, ...hand },
			stairHall,
			solveBones(studFacts(stairHall, usualHouseRules)),
			styles
		);

	it('carries the measure in hand', () => {
		expect(told({ survey: 'features', feature: 'socket' })).equal(
			'Socket: 113" (2870 mm) from the left corner, 12" (305 mm) up from the floor’s left end.'
		);
		expect(told({ survey: 'bones', hint: 'h2' })).equal(
			'Magnet: 68 1/4" (1734 mm) from the left corner.'
		);
	});

	it('names the next act while nothing is in hand', () => {
		expect(told({})).contain('corner to corner');
		expect(told({ survey: 'level' })).contain('level line');
		expect(told({ survey: 'features' })).contain('every door');
		expect(told({ survey: 'bones' })).match(/^Next probe: \d+/);
		expect(
			surveySaid({ survey: 'bones', feature: null, hint: null }, stairHall, null, styles)
		).contain('Knock along the wall');
	});
});
