import { expect } from 'chai';
import fc from 'fast-check';
import { hangerOf, hangers, measureOn, type Back, type HungPiece } from './index.ts';
import { PIECE_KINDS } from '../kinds/index.ts';
import { FRAME_MATERIALS } from './types.ts';

/** Any piece a person might describe, the odd ones too. */
const piece: fc.Arbitrary<HungPiece> = fc
	.record({
		width: fc.double({ min: 30, max: 4000, noNaN: true }),
		height: fc.double({ min: 30, max: 4000, noNaN: true }),
		depth: fc.double({ min: 1, max: 200, noNaN: true }),
		weight: fc.oneof(fc.constant(null), fc.double({ min: 0.1, max: 1500, noNaN: true })),
		off: fc.double({ min: -0.6, max: 0.6, noNaN: true }),
		up: fc.double({ min: 0.05, max: 0.95, noNaN: true }),
		kind: fc.constantFrom(...PIECE_KINDS),
		glazed: fc.boolean(),
		material: fc.constantFrom(null, ...FRAME_MATERIALS)
	})
	.map(({ off, up, material, ...facts }) => ({
		...facts,
		massOffset: Math.round(off * facts.width),
		massUp: up * facts.height,
		frame: material && { width: 30, material }
	}));

/** Any reading of a tape: usual, nothing, the wrong way, far too much. */
const reading = fc.oneof(
	fc.double({ min: 0.01, max: 1500, noNaN: true }),
	fc.constantFrom(0, -20, 99_000)
);

/** A back of any kind with every dimension read at random, and every question answered at random. */
const read = (kind: number, on: HungPiece, readings: number[], answers: number[]): Back => {
	const hanger = hangers[kind % hangers.length]!;
	let back = hanger.start(on) as Back;
	for (const [index, choice] of hanger.choices(back).entries()) {
		const { answer } = choice.answers[answers[index % answers.length]! % choice.answers.length]!;
		back = hanger.choose(back, choice.key, answer);
	}
	for (const [index, { key }] of hanger.dimensions(back, on).entries())
		back = measureOn(back, on, key, readings[index % readings.length]!);
	return back;
};

const awkward = fc.record({
	kind: fc.nat(hangers.length - 1),
	on: piece,
	readings: fc.array(reading, { minLength: 3, maxLength: 8 }),
	answers: fc.array(fc.nat(7), { minLength: 2, maxLength: 5 }),
	margin: fc.double({ min: 0, max: 60, noNaN: true })
});

describe('awkward backs', () => {
	it('are hung with finite figures, or refused with a sentence at a place that is there', () => {
		fc.assert(
			fc.property(awkward, ({ kind, on, readings, answers, margin }) => {
				const back = read(kind, on, readings, answers);
				const hanger = hangerOf(back);
				const places = [
					...hanger.dimensions(back, on).map(({ key }) => key),
					...hanger.choices(back).map(({ key }) => key)
				];
				const hung = hanger.solve(back, on, { hookMargin: margin, heavy: 15 });
				if (!hung.ok) {
					expect(hung.error.message, hanger.kind).match(/\.$/);
					if (hung.error.path !== undefined)
						expect(places, `${hanger.kind}: ${hung.error.code}`).include(hung.error.path);
					return;
				}
				for (const { x, drop, load } of hung.value.points) {
					for (const figure of [x, drop.value, drop.plusMinus])
						expect(Number.isFinite(figure), `${hanger.kind} ${JSON.stringify(back)}`).equal(true);
					if (!load) continue;
					for (const figure of [load.down.value, load.inward, load.outward, load.pull.value])
						expect(Number.isFinite(figure), `${hanger.kind} load`).equal(true);
				}
				for (const { message, remedy, path } of hung.value.cautions) {
					expect(`${message} ${remedy}`, hanger.kind).match(/\.$/);
					if (path !== undefined) expect(places, `${hanger.kind}: ${message}`).include(path);
				}
			}),
			{ numRuns: 400 }
		);
	});

	it('carry the whole weight between their points whenever they are hung', () => {
		fc.assert(
			fc.property(awkward, ({ kind, on, readings, answers }) => {
				const back = read(kind, on, readings, answers);
				const hung = hangerOf(back).solve(back, on, { hookMargin: 0, heavy: 15 });
				if (!hung.ok || on.weight === null) return;
				const down = hung.value.points.reduce((sum, { load }) => sum + load!.down.value, 0);
				expect(down / on.weight, back.kind).closeTo(1, 1e-6);
			}),
			{ numRuns: 300 }
		);
	});

	it('can always be drawn, also while they are impossible', () => {
		fc.assert(
			fc.property(awkward, ({ kind, on, readings, answers }) => {
				const back = read(kind, on, readings, answers);
				for (const shape of hangerOf(back).draw(back, on)) {
					const points = 'points' in shape ? shape.points : [shape.at];
					for (const { x, drop } of points)
						expect(Number.isFinite(x) && Number.isFinite(drop), back.kind).equal(true);
				}
			}),
			{ numRuns: 300 }
		);
	});
});
