import { expect } from 'chai';
import { renderPhoto } from '../../../bench/photo/render.ts';
import { grained, ring } from '../../../bench/photo/scenes.ts';
import { RING_CARD } from '../core/base/ring-card.ts';
import { seenBy, type Lens } from '../core/index.ts';
import { findRings } from './find-rings.ts';

const SIZE = { width: 900, height: 1200 };
const LENS: Lens = {
	...{ turn: [0.15, -0.2, 0.03], away: [0, 0, 900] },
	...{ length: 1.2, off: { x: 0, y: 0 }, bend: 0.01 }
};
const { across, down, outer, inner } = RING_CARD;
/** Middles of the rings, clockwise from the upper left. */
const MIDDLES = [
	{ x: -across / 2, y: -down / 2 },
	{ x: across / 2, y: -down / 2 },
	{ x: across / 2, y: down / 2 },
	{ x: -across / 2, y: down / 2 }
];

/** White paper on a white wall, which has no edge to be found by. */
const photo = (rings: typeof MIDDLES) =>
	renderPhoto({
		...{ size: SIZE, lens: LENS, seed: 3, noise: 3, shade: 0.25, blur: 0.8 },
		layers: [
			...rings.map((at) => ring(0, at, outer, inner, 0x181818)),
			{ z: 0, paint: grained(0xeeeeea, 5, 20, 20, 6) }
		]
	});

describe('the rings of the printed card', function () {
	this.timeout(60_000);

	it('are found on a white wall, each middle to half a pixel', () => {
		const found = findRings(photo(MIDDLES))!;
		for (const [index, middle] of MIDDLES.entries()) {
			const there = seenBy(LENS, SIZE, { ...middle, z: 0 })!;
			expect(found[index]!.x).closeTo(there.x, 0.5);
			expect(found[index]!.y).closeTo(there.y, 0.5);
		}
	});

	it('are not found where one is hidden', () => {
		expect(findRings(photo(MIDDLES.slice(1)))).equal(null);
	});
});
