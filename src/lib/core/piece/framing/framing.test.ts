import { expect } from 'chai';
import { frameAround, longestScrew } from './frame-size.ts';
import { frameFromWork, type MountSchool } from './from-work.ts';
import { mountMargins, mountMarginsByRatio } from './mount.ts';

const outside = (
	outerWidth: number,
	outerHeight: number,
	windowWidth: number,
	windowHeight: number
) => ({
	outerWidth,
	outerHeight,
	windowWidth,
	windowHeight
});

describe('mountMargins', () => {
	it('keeps the sides equal and moves the window up', () => {
		// Common practice: 16 x 20 in mount, 10 1/2 x 13 1/2 in window.
		const even = mountMargins({ ...outside(406.4, 508, 266.7, 342.9), extra: 0 });
		expect(even.side).closeTo(69.85, 1e-9);
		expect(even.top).closeTo(82.55, 1e-9);
		expect(even.bottom).closeTo(82.55, 1e-9);
		// Common practice: 5 mm deeper below.
		const { side, top, bottom } = mountMargins({ ...outside(400, 500, 240, 320), extra: 5 });
		expect([side, top, bottom]).deep.equal([80, 87.5, 92.5]);
	});

	it('follows the school of a ratio', () => {
		// 1.2 below to 1 above: worked by hand, 180 = top + 1.2 top.
		const { side, top, bottom } = mountMarginsByRatio({
			...outside(400, 500, 240, 320),
			weight: 1.2
		});
		expect(side).equal(80);
		expect(top).closeTo(81.8181818, 1e-6);
		expect(bottom).closeTo(98.1818182, 1e-6);
	});

	it('throws where the window does not fit', () => {
		expect(() => mountMargins({ ...outside(200, 500, 240, 320), extra: 0 })).throw(RangeError);
		expect(() => mountMargins({ ...outside(400, 322, 240, 320), extra: 5 })).throw(RangeError);
		expect(() => mountMargins({ ...outside(400, 500, 0, 320), extra: 5 })).throw(RangeError);
		expect(() => mountMarginsByRatio({ ...outside(400, 500, 240, 320), weight: -1 })).throw(
			RangeError
		);
	});
});

describe('frameAround', () => {
	const margins = { side: 60, top: 60, bottom: 65 };

	it('adds mount, play and moulding up to the outside', () => {
		// By hand: window 294 x 394; sheets 414 x 519; 2 x 1.5 + 2 x (20 - 6) = 31.
		const sums = frameAround({
			work: { width: 300, height: 400 },
			mount: 'window',
			margins,
			moulding: 20,
			rabbet: 6
		});
		expect(sums).deep.equal({
			window: { width: 294, height: 394 },
			sight: { width: 414, height: 519 },
			outer: { width: 445, height: 550 }
		});
	});

	it('shows the whole work floating, and needs no margins without a mount', () => {
		const work = { width: 300, height: 400 };
		const float = frameAround({ work, mount: 'float', margins, moulding: 20, rabbet: 6 });
		expect(float.sight).deep.equal({ width: 420, height: 525 });
		const bare = frameAround({ work, mount: 'none', margins, moulding: 20, rabbet: 6, play: 0 });
		expect(bare.outer).deep.equal({ width: 328, height: 428 });
	});

	it('throws on a rabbet wider than the moulding, and on sizes below 0', () => {
		const base = {
			work: { width: 300, height: 400 },
			mount: 'none' as const,
			margins,
			moulding: 20,
			rabbet: 6
		};
		expect(() => frameAround({ ...base, rabbet: 30 })).throw(RangeError);
		expect(() => frameAround({ ...base, moulding: -1 })).throw(RangeError);
		expect(() => frameAround({ ...base, work: { width: 4, height: 400 } })).throw(RangeError);
	});
});

describe('frameFromWork', () => {
	const base = {
		work: { width: 200, height: 280 },
		mount: 'window' as const,
		margin: 60,
		school: 'extra' as const,
		moulding: 20,
		rabbet: 6
	};

	it('works outwards from the work by each school', () => {
		const of = (school: MountSchool) => {
			const result = frameFromWork({ ...base, school });
			if (!result.ok) throw new Error(result.error.message);
			return result.value;
		};
		// By hand: window 194 x 274; sheets 314 x 399; 31 more around.
		expect(of('extra').frame.outer).deep.equal({ width: 345, height: 430 });
		expect(of('ratio').margins.bottom).closeTo(72, 1e-9);
		expect(of('equal').margins).deep.equal({ side: 60, top: 60, bottom: 60 });
	});

	it('says when the work is too small', () => {
		const small = frameFromWork({ ...base, work: { width: 5, height: 280 } });
		expect(small).nested.include({ 'error.code': 'sizes-do-not-fit' });
	});
});

describe('longestScrew', () => {
	it('stays short of the front', () => {
		// Common practice: 3/4 in frame, ring 2 mm thick; 19.05 + 2 - 3.
		expect(longestScrew(19.05, 2)).closeTo(18.05, 1e-9);
		expect(longestScrew(2, 0)).equal(0);
		expect(() => longestScrew(-1, 0)).throw(RangeError);
	});
});
