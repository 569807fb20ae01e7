import { expect } from 'chai';
import fc from 'fast-check';
import { leadingColour } from './colour.ts';
import { hashOf } from './hash.ts';
import { checkPhotoFile, developedSize, LARGEST_PHOTO, LONGEST_SIDE, WHOLE } from './photo.ts';
import { traceOutline } from './trace.ts';

const pixels = (...colours: [number, number, number, number, count: number][]) =>
	colours.flatMap(([r, g, b, a, count]) =>
		Array.from({ length: count }, () => [r, g, b, a]).flat()
	);

describe('checkPhotoFile', () => {
	const code = (name: string, type: string, size = 1000) => {
		const result = checkPhotoFile({ name, type, size });
		return result.ok ? 'ok' : result.error.code;
	};

	it('takes pictures, and says plainly why it takes nothing else', () => {
		expect(code('a.jpg', 'image/jpeg')).equal('ok');
		expect(code('a.webp', 'image/webp')).equal('ok');
		expect(code('a.svg', 'image/svg+xml')).equal('svg');
		expect(code('a.SVGZ', 'image/png')).equal('svg');
		expect(code('a.pdf', 'application/pdf')).equal('not-an-image');
		expect(code('a', '')).equal('not-an-image');
		expect(code('a.jpg', 'image/jpeg', LARGEST_PHOTO + 1)).equal('too-large');
	});
});

describe('developedSize', () => {
	it('shrinks to the longest side, turns and cuts', () => {
		expect(developedSize(4000, 3000, WHOLE)).deep.equal({ width: 1600, height: 1200 });
		expect(developedSize(4000, 3000, { ...WHOLE, quarters: 1 })).deep.equal({
			width: 1200,
			height: 1600
		});
		expect(developedSize(400, 300, { ...WHOLE, left: 0.25, right: 0.75 })).deep.equal({
			width: 200,
			height: 300
		});
	});

	it('never grows a photo or loses it', () => {
		const side = fc.integer({ min: 1, max: 12_000 });
		fc.assert(
			fc.property(side, side, (width, height) => {
				const size = developedSize(width, height, WHOLE);
				expect(size.width).within(1, Math.min(width, LONGEST_SIDE));
				expect(size.height).within(1, Math.min(height, LONGEST_SIDE));
			})
		);
	});
});

describe('leadingColour', () => {
	it('is that of most of the picture, the colourful counting more than the grey', () => {
		expect(leadingColour(pixels([200, 40, 30, 255, 60], [90, 90, 90, 255, 100]))).equal('#c8281e');
		expect(leadingColour(pixels([240, 240, 240, 255, 900], [200, 40, 30, 255, 20]))).equal(
			'#f0f0f0'
		);
	});

	it('leaves out what is transparent', () => {
		expect(leadingColour(pixels([0, 0, 255, 0, 500], [10, 200, 10, 255, 5]))).equal('#0ac80a');
		expect(leadingColour([])).equal('#808080');
	});
});

describe('traceOutline', () => {
	/** Alpha of a picture in which a point is solid where `inside` says so. */
	const alpha = (width: number, height: number, inside: (x: number, y: number) => boolean) =>
		Array.from({ length: width * height }, (_, index) =>
			inside(index % width, Math.floor(index / width)) ? 255 : 0
		);
	const area = (corners: { x: number; y: number }[]) =>
		Math.abs(
			corners.reduce((sum, { x, y }, index) => {
				const next = corners[(index + 1) % corners.length]!;
				return sum + x * next.y - next.x * y;
			}, 0)
		) / 2;

	it('finds a disc, to the area of a circle', () => {
		const disc = traceOutline(
			alpha(100, 100, (x, y) => (x - 49.5) ** 2 + (y - 49.5) ** 2 < 45 ** 2),
			100,
			100
		)!;
		// π · 0.45² = 0.6362
		expect(area(disc)).closeTo(0.6362, 0.02);
		expect(disc.length).within(8, 120);
	});

	it('takes the largest part, and closes at the edge of the picture', () => {
		const outline = traceOutline(
			alpha(80, 40, (x, y) => (x < 40 && y < 40) || (x > 70 && y < 5)),
			80,
			40
		)!;
		expect(area(outline)).closeTo(0.5, 0.02);
		for (const { x, y } of outline) {
			expect(x).within(0, 1);
			expect(y).within(0, 1);
		}
	});

	it('gives none for a photo without transparency, or with nothing in it', () => {
		expect(
			traceOutline(
				alpha(10, 10, () => true),
				10,
				10
			)
		).equal(null);
		expect(
			traceOutline(
				alpha(10, 10, () => false),
				10,
				10
			)
		).equal(null);
	});
});

describe('hashOf', () => {
	it('is the SHA-256 of the bytes', async () => {
		// FIPS 180-4 test vector: "abc".
		expect(await hashOf(new Blob(['abc']))).equal(
			'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'
		);
	});
});
