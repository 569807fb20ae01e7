import { expect } from 'chai';
import { hangers, type Dimension, type HungPiece } from '../../core/index.ts';
import { fitBack } from './geometry.ts';
import { layDimensions } from './layout.ts';

const dimension = (
	key: string,
	from: [x: number, drop: number],
	to: [x: number, drop: number]
): Dimension => ({
	key,
	label: key,
	help: '',
	value: 0,
	from: { x: from[0], drop: from[1] },
	to: { x: to[0], drop: to[1] },
	plausible: { min: 0, max: 1 }
});

describe('layDimensions', () => {
	const span = dimension('span', [-100, 50], [100, 50]);
	const apart = dimension('apart', [-50, 30], [50, 30]);
	const left = dimension('left', [-100, 0], [-100, 50]);
	const right = dimension('right', [100, 0], [100, 50]);

	it('puts what is read downwards on its own side, mirrored from behind', () => {
		const seen = layDimensions([left, right], false).laid;
		expect(seen.map(({ side }) => side)).deep.equal(['left', 'right']);
		const behind = layDimensions([left, right], true).laid;
		expect(behind.map(({ side }) => side)).deep.equal(['right', 'left']);
	});

	it('keeps the first read across inside, and stacks the others above', () => {
		const { laid, above } = layDimensions([span, apart, span], false);
		expect(laid.map(({ side, lane }) => `${side} ${lane}`)).deep.equal([
			'inside 0',
			'above 1',
			'above 2'
		]);
		expect(above).equal(2);
		const asked = layDimensions([{ ...span, above: true }, apart], false).laid;
		expect(asked.map(({ side }) => side)).deep.equal(['above', 'inside']);
	});

	it('never deals one place twice, for any back', () => {
		const size = { width: 500, height: 700 };
		const piece: HungPiece = {
			...size,
			depth: 20,
			weight: null,
			massOffset: 0,
			massUp: 350,
			kind: 'framed',
			glazed: false,
			frame: null
		};
		for (const hanger of hangers) {
			const shown = hanger.dimensions(hanger.start(size), piece).filter(({ aside }) => !aside);
			for (const mirrored of [true, false]) {
				const places = layDimensions(shown, mirrored).laid.map(
					({ side, lane }) => `${side} ${lane}`
				);
				expect(new Set(places).size, hanger.kind).equal(places.length);
			}
		}
	});
});

describe('fitBack', () => {
	const lanes = { laid: [], left: 1, right: 2, above: 1 };
	const fit = (box: { width: number; height: number }, mirrored = false) =>
		fitBack({ box, piece: { width: 600, height: 400 }, lanes, mirrored, below: 10 });

	it('leaves room for the lanes, and keeps the shape', () => {
		const geometry = fit({ width: 900, height: 600 });
		expect(geometry.width / geometry.height).closeTo(1.5, 1e-9);
		expect(geometry.left).at.least(2 * 74);
		expect(geometry.left + geometry.width).at.most(900 - 2 * 74);
		expect(geometry.top + geometry.height).at.most(600);
	});

	it('turns right into left from behind, and never down into up', () => {
		const front = fit({ width: 900, height: 600 });
		const behind = fit({ width: 900, height: 600 }, true);
		const point = { x: 200, drop: 100 };
		const middle = front.left + front.width / 2;
		expect(front.at(point).x - middle).closeTo(middle - behind.at(point).x, 1e-9);
		expect(front.at(point).y).equal(behind.at(point).y);
	});

	it('stays drawable in a box with no room at all', () => {
		const geometry = fit({ width: 10, height: 10 });
		expect(geometry.scale).greaterThan(0);
		expect(Number.isFinite(geometry.at({ x: 1, drop: 1 }).x)).equal(true);
	});
});
