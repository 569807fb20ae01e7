import { expect } from 'chai';
import fc from 'fast-check';
import { startBack } from '../../model/start.ts';
import {
	chooseOn,
	hangerOf,
	hangers,
	measureOn,
	unmeasured,
	type Back,
	type Dimension,
	type HungPiece
} from './index.ts';

const size = fc.record({
	width: fc.double({ min: 200, max: 1800, noNaN: true }),
	height: fc.double({ min: 200, max: 1800, noNaN: true })
});
const hanger = fc.constantFrom(...hangers);

const pieceOf = ({ width, height }: { width: number; height: number }): HungPiece => ({
	width,
	height,
	depth: 25,
	weight: 40,
	massOffset: 0,
	massUp: height / 2,
	kind: 'framed',
	glazed: false,
	frame: null
});

/** Distance the drawing shows for a dimension: along the axis it is read on. */
function drawn({ from, to, signed }: Dimension): number {
	const across = to.x - from.x;
	const down = to.drop - from.drop;
	const along = Math.abs(across) >= Math.abs(down) ? across : down;
	return signed ? along : Math.abs(along);
}

describe('the drawing of every back', () => {
	it('shows each dimension as long as it is', () => {
		fc.assert(
			fc.property(size, hanger, (outside, { start, dimensions, kind }) => {
				const piece = pieceOf(outside);
				for (const dimension of dimensions(start(outside), piece)) {
					if (dimension.aside) continue;
					const off = Math.abs(drawn(dimension) - dimension.value);
					expect(off, `${kind} ${dimension.key}`).lessThan(1e-6);
				}
			})
		);
	});

	it('gives every dimension a key, a name, a help and believable readings of its own', () => {
		for (const { start, dimensions, kind } of hangers) {
			const list = dimensions(
				start({ width: 500, height: 700 }),
				pieceOf({ width: 500, height: 700 })
			);
			expect(new Set(list.map(({ key }) => key)).size, kind).equal(list.length);
			expect(new Set(list.map(({ label }) => label)).size, kind).equal(list.length);
			for (const { help, value, plausible } of list) {
				expect(help.length).greaterThan(5);
				expect(value, kind).within(plausible.min, plausible.max);
			}
		}
	});

	it('keeps what hangs on the wall within the piece, but for plates that show by design', () => {
		fc.assert(
			fc.property(size, hanger, (outside, each) => {
				fc.pre(each.kind !== 'mirror-plates');
				const hung = each.solve(each.start(outside), pieceOf(outside), {
					hookMargin: 0,
					heavy: 15
				});
				if (!hung.ok) throw new Error(`${each.kind}: ${hung.error.message}`);
				for (const { x, drop } of hung.value.points) {
					expect(Math.abs(x)).lessThan(outside.width / 2);
					expect(drop.value).within(0, outside.height);
				}
			})
		);
	});

	it('names its wall points apart, and sums their drops to the figure', () => {
		for (const each of hangers) {
			const outside = { width: 500, height: 700 };
			const hung = each.solve(each.start(outside), pieceOf(outside), { hookMargin: 0, heavy: 15 });
			if (!hung.ok) throw new Error(hung.error.message);
			const names = hung.value.points.map(({ name }) => name);
			expect(new Set(names).size, each.kind).equal(names.length);
			for (const { drop } of hung.value.points) {
				const sum = drop.sum.reduce(
					(all, { sign, value, over = 1 }) => all + (sign * value) / over,
					0
				);
				expect(sum, each.kind).closeTo(drop.value, 1e-9);
				expect(drop.source).not.equal('');
			}
		}
	});
});

describe('changing a back', () => {
	it('takes no dimension it does not have, and no answer it does not offer', () => {
		fc.assert(
			fc.property(size, hanger, fc.string({ maxLength: 12 }), (outside, each, word) => {
				const back = each.start(outside) as Back;
				const piece = pieceOf(outside);
				const keys = each.dimensions(back, piece).map(({ key }) => key);
				fc.pre(!keys.includes(word));
				expect(measureOn(back, piece, word, 5)).equal(back);
				expect(chooseOn(back, word, word)).equal(back);
				for (const { key } of each.choices(back))
					expect(chooseOn(back, key, 'no such answer')).equal(back);
			})
		);
	});

	it('answers every question with every answer, stays valid and can be answered back', () => {
		for (const each of hangers) {
			const start = each.start({ width: 500, height: 700 }) as Back;
			for (const choice of each.choices(start))
				for (const { answer } of choice.answers) {
					const chosen = chooseOn(start, choice.key, answer);
					expect(each.schema.safeParse(chosen).success, `${each.kind} ${answer}`).equal(true);
					const now = each.choices(chosen).find(({ key }) => key === choice.key);
					expect(now?.answer, `${each.kind} ${choice.key}`).equal(answer);
					const hung = each.solve(chosen, pieceOf({ width: 500, height: 700 }), {
						hookMargin: 0,
						heavy: 15
					});
					expect(hung.ok, `${each.kind} ${choice.key} ${answer}`).equal(true);
				}
		}
	});

	it('loses no measured figure that the next way to hang also has', () => {
		fc.assert(
			fc.property(size, hanger, hanger, (outside, first, second) => {
				const piece = pieceOf(outside);
				let back = first.start(outside) as Back;
				for (const { key, value } of unmeasured(back, piece))
					back = measureOn(back, piece, key, value);
				const next = second.start(outside, back as unknown as Record<string, unknown>) as Back;
				expect(second.schema.safeParse(next).success).equal(true);
				const measured = back as unknown as Record<string, unknown>;
				for (const { key, value } of second.dimensions(next, piece))
					if (typeof measured[key] === 'number') expect(value, key).equal(measured[key]);
			})
		);
	});

	it('gives a hook for each, and offers the first by itself', () => {
		for (const { kind, hooks } of hangers) {
			expect(new Set(hooks).size, kind).equal(hooks.length);
			expect(hooks.length).at.least(1);
		}
		expect(() => hangerOf({ kind: 'glue', assumed: [] })).throw(RangeError);
		expect(startBack('rings', { width: 400, height: 300 }).kind).equal('rings');
	});
});
