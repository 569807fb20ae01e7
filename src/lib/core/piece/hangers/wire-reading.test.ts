import { expect } from 'chai';
import {
	hooksMiddle,
	massBelowRings,
	pulledDrop,
	pullOf,
	readAnotherWay,
	readingChoice,
	usualWire,
	wireLength,
	type WireBack
} from './wire-reading.ts';

const wire = (more: Partial<WireBack> = {}): WireBack => ({
	...usualWire({ width: 600, height: 800 }),
	ringSpan: 400,
	ringDrop: 200,
	wire: { by: 'pull', pulledDrop: 100, fingerSpacing: 0 },
	assumed: [],
	...more
});
const length = (back: WireBack) => {
	const result = wireLength(back);
	return result.ok ? result.value : `${result.error.code} at ${result.error.path}`;
};

describe('a wire read by its pull', () => {
	it('is as long as its runs from ring to finger', () => {
		expect(length(wire())).closeTo(2 * Math.hypot(200, 100), 1e-9);
		// The right ring 20 mm lower: its run is 120 high.
		expect(length(wire({ ringLower: 20 }))).closeTo(
			Math.hypot(200, 100) + Math.hypot(200, 120),
			1e-9
		);
	});

	it('is pulled above the higher of its rings', () => {
		const pulled = (at: number, ringLower: number | null) =>
			length(wire({ ringLower, wire: { by: 'pull', pulledDrop: at, fingerSpacing: 0 } }));
		const short = 'wire-shorter-than-span at pulledDrop';
		expect(pulled(200, null)).equal(short);
		expect(pulled(199, 20)).a('number');
		expect(pulled(200, 20)).equal(short);
		expect(pulled(179, -20)).a('number');
		expect(pulled(180, -20)).equal(short);
		expect(pulled(190, -20)).equal(short);
	});

	it('without slack is read where its higher ring is', () => {
		expect(pulledDrop(wire(), 400, 0)).equal(200);
		expect(pulledDrop(wire({ ringLower: 20 }), 390, 0)).equal(200);
		expect(pulledDrop(wire({ ringLower: -20 }), 390, 0)).equal(180);
	});

	it('shows its rings where they are, the right one lower by as much', () => {
		const left = { x: -200, drop: 200 };
		expect(pullOf(wire())).deep.include({ left, right: { x: 200, drop: 200 } });
		expect(pullOf(wire({ ringLower: 20 }))).deep.include({ left, right: { x: 200, drop: 220 } });
		expect(pullOf(wire({ wire: { by: 'length', length: 450 } }))).equal(null);
	});

	it('read another way is as long as before; one that could not be, a tenth longer than its span', () => {
		const by = (back: WireBack, answer: string) => readAnotherWay(back, answer).wire;
		expect(by(wire(), 'length')).deep.equal({ by: 'length', length: 2 * Math.hypot(200, 100) });
		expect(by(wire(), 'two-fingers')).include({ by: 'pull', fingerSpacing: 200 });
		const never = wire({ wire: { by: 'pull', pulledDrop: 250, fingerSpacing: 0 } });
		expect(by(never, 'length')).deep.include({ by: 'length' });
		expect((by(never, 'length') as { length: number }).length).closeTo(440, 1e-9);
	});

	it('says how it was read', () => {
		expect(readingChoice({ by: 'length', length: 450 }).answer).equal('length');
		expect(readingChoice(wire().wire).answer).equal('one-finger');
		expect(readingChoice({ by: 'pull', pulledDrop: 140, fingerSpacing: 1 }).answer).equal(
			'two-fingers'
		);
	});
});

describe('the mass under a wire', () => {
	it('lies below the middle between both rings, never above them', () => {
		const on = { height: 800, massUp: 400 };
		expect(massBelowRings(wire(), on)).equal(200);
		expect(massBelowRings(wire({ ringLower: 20 }), on)).equal(190);
		expect(massBelowRings(wire(), { height: 800, massUp: 650 })).equal(0);
	});

	it('has one hook above it, and two e(1 - w/S) beside the middle', () => {
		expect(hooksMiddle(400, 0, 30)).equal(30);
		expect(hooksMiddle(400, 100, 30)).equal(22.5);
	});
});

describe('a wire that nobody has measured', () => {
	it('has rings a quarter down and a pull of a fifth of their span, in quarter inches', () => {
		// 600 by 800: 70 % is 420, a quarter 200, a fifth of the span 84; to 6.35 mm.
		const { ringSpan, ringDrop, wire: read } = usualWire({ width: 600, height: 800 });
		expect(ringSpan).closeTo(66 * 6.35, 1e-9);
		expect(ringDrop).closeTo(31 * 6.35, 1e-9);
		expect(read).include({ by: 'pull', fingerSpacing: 0 });
		expect((read as { pulledDrop: number }).pulledDrop).closeTo((31 - 13) * 6.35, 1e-9);
	});

	it('keeps the rings that were read, and stays below the top edge where they are near it', () => {
		const known = usualWire({ width: 600, height: 800 }, { ringSpan: 410, ringDrop: 5 });
		expect(known).include({ ringSpan: 410, ringDrop: 5 });
		expect((known.wire as { pulledDrop: number }).pulledDrop).closeTo(1, 1e-9);
		const shallow = usualWire({ width: 600, height: 800 }, { ringSpan: 410, ringDrop: 50 });
		// Three fifths of 50 are 30: 5 quarter inches.
		expect((shallow.wire as { pulledDrop: number }).pulledDrop).closeTo(50 - 5 * 6.35, 1e-9);
	});
});
