import { expect } from 'chai';
import { chooseWire, drawWire, wireDimensions } from './wire-back.ts';
import { hooksMiddle, usualWire, type WireBack } from './wire-reading.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(600, 800);
const wire = (more: Partial<WireBack> = {}): WireBack => ({
	...usualWire(piece),
	ringSpan: 400,
	ringDrop: 200,
	wire: { by: 'pull', pulledDrop: 140, fingerSpacing: 200 },
	assumed: ['ringSpan'],
	...more
});
const asked = (back: WireBack, key: string) =>
	wireDimensions(back, piece).find((each) => each.key === key);

describe('what is asked of a wired back', () => {
	it('is one drop for level rings; for others the left one’s, and how much lower the right one is', () => {
		expect(asked(wire(), 'ringDrop')).include({ label: 'Rings down' });
		expect(asked(wire(), 'ringDrop')!.to).deep.equal({ x: 200, drop: 200 });
		expect(asked(wire(), 'ringLower')).equal(undefined);
		const uneven = wire({ ringLower: 20 });
		expect(asked(uneven, 'ringDrop')).include({ label: 'Left ring down' });
		expect(asked(uneven, 'ringDrop')!.to).deep.equal({ x: -200, drop: 200 });
		expect(asked(uneven, 'ringLower')!.to).deep.equal({ x: 200, drop: 220 });
		expect(asked(uneven, 'ringSpan')!.to).deep.equal({ x: 200, drop: 220 });
	});

	it('is seen in a photo at both rings, at the wire or at the fingers', () => {
		const seen = (back: WireBack, key: string) => {
			const by = asked(back, key)?.byPhoto;
			return by && 'to' in by ? by.to : null;
		};
		expect(seen(wire(), 'ringDrop')).deep.equal(['left-ring', 'right-ring']);
		expect(seen(wire({ ringLower: 20 }), 'ringDrop')).deep.equal(['left-ring']);
		expect(seen(wire(), 'pulledDrop')).deep.equal(['left-finger', 'right-finger']);
		const one = wire({ wire: { by: 'pull', pulledDrop: 100, fingerSpacing: 0 } });
		expect(seen(one, 'pulledDrop')).deep.equal(['wire']);
		expect(asked(one, 'fingerSpacing')).equal(undefined);
		expect(asked(wire(), 'fingerSpacing')).include({ value: 200 });
	});

	it('is how long the wire is where that was read, on a line from ring to ring', () => {
		const long = asked(wire({ wire: { by: 'length', length: 450 } }), 'length')!;
		expect([long.from.x, long.to.x]).deep.equal([-200, 200]);
		expect(long.plausible).deep.equal({ min: 400, max: 1200 });
	});

	it('is the screws beside the right ring, where they were measured', () => {
		const points = { ...wire().points, screwLength: 12 };
		const screws = asked(wire({ points, ringLower: 20 }), 'screwLength')!;
		expect(screws.from).deep.equal({ x: 200, drop: 220 });
	});
});

describe('rings told to be uneven', () => {
	it('are open until that is read, once; told level again, nothing is open', () => {
		const uneven = chooseWire(wire(), 'rings', 'uneven');
		expect(uneven).deep.include({ ringLower: 0, assumed: ['ringSpan', 'ringLower'] });
		expect(chooseWire(uneven, 'rings', 'uneven').assumed).deep.equal(['ringSpan', 'ringLower']);
		expect(chooseWire(uneven, 'rings', 'level')).deep.include({
			ringLower: null,
			assumed: ['ringSpan']
		});
	});
});

describe('a wire drawn on its hooks', () => {
	const drawn = (back: WireBack, spacing: number, middle = 0) => {
		const shapes = drawWire(back, spacing, middle);
		const [line] = shapes.flatMap((each) => (each.shape === 'wire' ? [each.points] : []));
		const towards = shapes.flatMap((each) =>
			each.shape === 'ring' ? [[each.at, each.towards]] : []
		);
		return { line: line!, towards };
	};
	const long = (points: readonly { x: number; drop: number }[]) =>
		points
			.slice(1)
			.reduce((sum, at, k) => sum + Math.hypot(at.x - points[k]!.x, at.drop - points[k]!.drop), 0);

	it('runs from ring to ring over its hooks, as long as it is', () => {
		const { line } = drawn(wire(), 200);
		expect(line.map(({ x }) => x)).deep.equal([-200, -100, 100, 200]);
		expect(line.map(({ drop }) => Math.round(drop * 1e6) / 1e6)).deep.equal([200, 140, 140, 200]);
		for (const back of [wire(), wire({ ringLower: 20 }), wire({ ringLower: -15 })])
			for (const middle of [0, hooksMiddle(400, 200, 60)]) {
				const length = long(drawn(back, 200).line);
				expect(long(drawn(back, 200, middle).line)).closeTo(length, 1e-6);
			}
	});

	it('ends at the rings where they are, each drawn towards the hook nearest to it', () => {
		const { line, towards } = drawn(wire({ ringLower: 20 }), 200);
		expect(line[0]).deep.equal({ x: -200, drop: 200 });
		expect(line.at(-1)).deep.equal({ x: 200, drop: 220 });
		expect(towards).deep.equal([
			[line[0], line[1]],
			[line[3], line[2]]
		]);
	});
});
