import { expect } from 'chai';
import { anyBack, photographBack } from '../../../bench/photo/back-photo.ts';
import { knownPlaces } from '../../../bench/photo/laid-sheet.ts';
import { renderPhoto } from '../../../bench/photo/render.ts';
import { within } from '../../../bench/photo/scenes.ts';
import { seeded, shapeOf } from '../core/index.ts';
import { findSheet } from './find-sheet.ts';
import { edgePlaces } from './refine-corners.ts';

const SIZE = { width: 750, height: 1000 };

describe('the sheet in a photo', function () {
	this.timeout(60_000);
	const scene = anyBack(seeded(101));
	const { photo, at } = photographBack(scene, SIZE, 20, 501);

	it('is found, each corner to half a pixel', () => {
		const found = findSheet(photo, shapeOf('a4'))!;
		for (const [index, corner] of knownPlaces(scene.sheet).entries()) {
			const there = at(corner.x, corner.y, scene.sheet.out);
			expect(found.corners[index]!.x).closeTo(there.x, 0.5);
			expect(found.corners[index]!.y).closeTo(there.y, 0.5);
		}
	});

	it('is too blurred to measure by where its edges are soft', () => {
		const taken = (blur: number) =>
			renderPhoto({
				size: { width: 900, height: 900 },
				lens: {
					...{ turn: [0, 0, 0], away: [0, 0, 1000] },
					...{ length: 1.2, off: { x: 0, y: 0 }, bend: 0 }
				},
				layers: [
					within(0, [-105, -148, 105, 149], () => 0xf0f0f0),
					{ z: 0, paint: () => 0x605040 }
				],
				...{ seed: 1, noise: 2, shade: 0, blur }
			});
		expect(findSheet(taken(0.8), shapeOf('a4'))?.blurred).equal(false);
		expect(findSheet(taken(5), shapeOf('a4'))?.blurred).equal(true);
	});

	it('is not found where there is none', () => {
		const data = new Uint8ClampedArray(40 * 40 * 4).fill(120);
		expect(findSheet({ data, width: 40, height: 40 }, shapeOf('a4'))).equal(null);
	});

	it('the edge of the frame runs through where it is seen', () => {
		const [a, b] = scene.outline.corners;
		const [from, to] = [at(a.x, a.y), at(b.x, b.y)];
		const places = edgePlaces(photo, from, to, 6);
		expect(places).lengthOf(5);
		for (const { share, at: seen } of places) {
			// Perspective moves a share along the edge; across it the edge is met.
			const near = at(a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share);
			const along = { x: to.x - from.x, y: to.y - from.y };
			const beside =
				((seen.x - near.x) * along.y - (seen.y - near.y) * along.x) / Math.hypot(along.x, along.y);
			expect(Math.abs(beside)).lessThan(0.8);
		}
	});

	it('an edge that is hidden in part is told only where it is seen', () => {
		const half = renderPhoto({
			...{ size: { width: 600, height: 300 }, seed: 2, noise: 2, shade: 0, blur: 0.8 },
			lens: {
				...{ turn: [0, 0, 0.03], away: [0, 0, 1000] },
				...{ length: 1.2, off: { x: 0, y: 0 }, bend: 0 }
			},
			layers: [
				within(0, [-900, -900, 900, 0], () => 0xc0b0a0),
				within(0, [-900, 0, 0, 900], () => 0x705040),
				{ z: 0, paint: () => 0xc0b0a0 }
			]
		});
		const at = (x: number) => ({ x: 300 + 0.4 * x, y: 150 + 0.4 * 0.03 * x });
		const places = edgePlaces(half, at(-600), at(300), 6);
		expect(places.map(({ share }) => share)).deep.equal([0.15, 0.325, 0.5]);
	});

	it('no edge is told where none is to be seen', () => {
		expect(edgePlaces(photo, { x: 60, y: 20 }, { x: 300, y: 20 }, 3)).deep.equal([]);
	});
});
