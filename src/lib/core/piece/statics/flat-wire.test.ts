import { expect } from 'chai';
import { holdOnWire, slideToLevel, wireAround, type UnevenWire } from './uneven-rings.ts';

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** A wire at an angle over two hooks, its right ring lower. */
function wired({ span = 600, apart = 300, angle = 8, lower = 1, mass = 250, off = 0, middle = 0 }) {
	const rise = ((span - apart) / 2) * Math.tan(radians(angle));
	const wire: UnevenWire = {
		ringSpan: span,
		ringDrop: 100,
		ringLower: lower,
		hooks: [middle - apart / 2, middle + apart / 2]
	};
	const drop = 100 - rise;
	return {
		...wire,
		...{ wireLength: wireAround(wire, drop), weight: 50, massOffset: off, massBelowRings: mass }
	};
}

/**
 * Where the centre of mass of two rings on two links is lowest, degrees, by trying every tilt and bisecting for the place
 * where the right link has its length: no formula of the four-bar linkage.
 */
function lowestTilt(input: ReturnType<typeof wired>, slid = 0): number {
	const { ringSpan: S, ringLower, hooks, massOffset, massBelowRings } = input;
	const [h1, h2] = [hooks[0], hooks.at(-1)!];
	const drop = (() => {
		let [low, high] = [-500, input.ringDrop - 1e-9];
		for (let n = 0; n < 200; n++) {
			const middle = (low + high) / 2;
			if (wireAround(input, middle) > input.wireLength) low = middle;
			else high = middle;
		}
		return low;
	})();
	const a = Math.hypot(h1 + S / 2, 100 - drop) + slid;
	const b = Math.hypot(S / 2 - h2, 100 + ringLower - drop) - slid;
	let [best, at] = [Infinity, 0];
	for (let tilt = -6; tilt <= 6; tilt += 0.005) {
		const [c, s] = [Math.cos(radians(tilt)), Math.sin(radians(tilt))];
		// The left link swings from straight down towards the left until the right ring is b from its hook.
		const right = (phi: number) => {
			const x = h1 - a * Math.sin(phi) + S * c + ringLower * s;
			const y = -a * Math.cos(phi) + S * s - ringLower * c;
			return Math.hypot(x - h2, y) - b;
		};
		for (let phi = 0; phi < Math.PI; phi += 0.02) {
			if (right(phi) * right(phi + 0.02) > 0) continue;
			let [low, high] = [phi, phi + 0.02];
			for (let n = 0; n < 60; n++) {
				const middle = (low + high) / 2;
				if (right(low) * right(middle) <= 0) high = middle;
				else low = middle;
			}
			const ringY = -a * Math.cos(low);
			const height = ringY + (S / 2 + massOffset) * s - (ringLower / 2 + massBelowRings) * c;
			if (height < best) [best, at] = [height, tilt];
		}
	}
	return at;
}

describe('two hooks under a mass that is off the middle', () => {
	it('hold it level about e(1 - w/S), and not about the mass', () => {
		for (const [span, apart, off] of [
			[400, 200, 30],
			[600, 300, -40],
			[500, 100, 25]
		] as const) {
			const at = (middle: number) => wired({ span, apart, off, middle, angle: 20, lower: 0 });
			const level = at(off * (1 - apart / span));
			expect(lowestTilt(level)).closeTo(0, 0.01);
			const held = holdOnWire(level);
			expect(held.ok && held.value.tiltHeld).closeTo(0, 1e-3);
			expect(Math.abs(lowestTilt(at(off)))).above(0.25);
		}
	});
});

describe('a flat wire over two hooks', () => {
	it('holds a piece with one ring lower where its mass is lowest', () => {
		for (const wish of [
			{},
			{ lower: -1 },
			{ angle: 4 },
			{ angle: 5, lower: 2 },
			{ apart: 450 },
			{ off: 3 },
			{ angle: 12, lower: 4 }
		]) {
			const input = wired(wish);
			const held = holdOnWire(input);
			if (!held.ok) throw new Error(held.error.message);
			expect(held.value.tiltHeld, JSON.stringify(wish)).closeTo(lowestTilt(input), 0.01);
		}
	});

	it('is slid by what brings it level, and not by nothing', () => {
		const input = wired({});
		const slide = slideToLevel(input, 0.5);
		if (!slide.ok) throw new Error(slide.error.message);
		const places = [-4, -3, -2, -1, 0, 1, 2, 3, 4].map((slid) => lowestTilt(input, slid));
		// Tilt grows evenly with the slide so near to level: the slope of the brute-force poses.
		const slope = (places.at(-1)! - places[0]!) / 8;
		expect(slide.value).closeTo(0.5 / slope, Math.abs(0.05 / slope));
		expect(Math.abs(slide.value)).above(0.1);
	});
});
