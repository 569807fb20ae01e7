import { expect } from 'chai';
import fc from 'fast-check';
import { type Back, hangerOf, hangers } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(610, 760);

/** A back as it starts, and as it is after each answer to each of its questions. */
function* backs(): Generator<[name: string, back: Back]> {
	for (const hanger of hangers) {
		const start = hanger.start(piece);
		yield [hanger.kind, start];
		for (const { key, answers } of hanger.choices(start))
			for (const { answer } of answers)
				yield [`${hanger.kind}, ${key} ${answer}`, hanger.choose(start, key, answer)];
	}
}

/** The same back, each dimension read at some share of what is believable. */
function read(back: Back, shares: readonly number[]): Back {
	const hanger = hangerOf(back);
	let now = back;
	for (const [index, { key }] of hanger.dimensions(back, piece).entries()) {
		const { plausible } = hanger.dimensions(now, piece).find((each) => each.key === key)!;
		const share = shares[index % shares.length]!;
		now = hanger.measure(now, key, plausible.min + share * (plausible.max - plausible.min));
	}
	return now;
}

const anyShares = fc.array(fc.double({ min: 0.1, max: 0.9, noNaN: true }), {
	minLength: 7,
	maxLength: 7
});

describe('a dimension on the drawing of a back', () => {
	it('is a line as long as what is read, whatever is read; only a wire is longer than its line', () => {
		fc.assert(
			fc.property(anyShares, (shares) => {
				for (const [name, start] of backs()) {
					const back = read(start, shares);
					for (const { key, value, from, to } of hangerOf(back).dimensions(back, piece)) {
						// A span is read level, though one ring may be lower.
						const line = Math.hypot(to.x - from.x, key.endsWith('Span') ? 0 : to.drop - from.drop);
						if (key === 'length') expect(line, name).lessThan(value);
						else expect(line, `${name}: ${key}`).closeTo(Math.abs(value), 1e-6);
					}
				}
			}),
			{ numRuns: 6 }
		);
	});

	it('starts at a believable reading, and may be less than nothing only where it is signed', () => {
		for (const [name, back] of backs())
			for (const { key, value, plausible, signed } of hangerOf(back).dimensions(back, piece)) {
				expect(value, `${name}: ${key}`).within(plausible.min, plausible.max);
				if (plausible.min < 0) expect(signed, `${name}: ${key}`).equal(true);
			}
	});

	it('is believed at most as far as its line can go on the piece', () => {
		for (const [name, back] of backs())
			for (const each of hangerOf(back).dimensions(back, piece)) {
				const { key, from, to, plausible, aside, chosen } = each;
				const across = from.drop === to.drop;
				if ((aside && !across) || key === 'length') continue;
				const offCentre = across && from.x === 0 && !chosen;
				const most = across ? piece.width / (offCentre ? 2 : 1) : piece.height;
				expect(plausible.max, `${name}: ${key}`).most(most);
				if (offCentre && key.endsWith('Offset'))
					expect(plausible.min, `${name}: ${key}`).equal(-piece.width / 2);
			}
	});

	it('is read in a photo between marks of its own back alone', () => {
		const marked = (back: Back): [string, unknown][] =>
			hangerOf(back)
				.dimensions(back, piece)
				.map(({ key, byPhoto }) => [key, byPhoto && 'to' in byPhoto ? byPhoto.to : null]);
		const rail = hangers.find(({ kind }) => kind === 'rail')!;
		const cords = rail.start(piece);
		expect(marked(cords)).deep.equal([
			['ringSpan', null],
			['ringDrop', ['left-ring', 'right-ring']]
		]);
		expect(marked(rail.choose(cords, 'count', '1'))).deep.equal([['ringDrop', ['ring']]]);
		const security = hangers.find(({ kind }) => kind === 'security')!.start(piece);
		expect(marked(security)).deep.equal([
			...[['clipSpan', null] as const, ['clipDrop', ['left-clip']] as const],
			...[['rightDrop', ['right-clip']] as const, ['lockUp', ['lock']] as const],
			['lockOffset', ['lock']]
		]);
	});

	it('stands on the piece, or on hardware at its edge', () => {
		for (const [name, back] of backs())
			for (const { key, from, to, aside, above } of hangerOf(back).dimensions(back, piece)) {
				if (aside || above) continue;
				for (const { x, drop } of [from, to]) {
					expect(Math.abs(x), `${name}: ${key}`).most(piece.width / 2 + 20);
					expect(drop, `${name}: ${key}`).within(-20, piece.height + 20);
				}
			}
	});

	it('stays read when another question is answered another way and back', () => {
		for (const hanger of hangers) {
			const start = hanger
				.dimensions(hanger.start(piece), piece)
				.reduce(
					(back, { key, value }) => hanger.measure(back, key, value + 1),
					hanger.start(piece)
				);
			for (const { key, answer, answers } of hanger.choices(start))
				for (const other of answers) {
					const there = hanger.choose(start, key, other.answer);
					expect(hanger.choices(there).find((each) => each.key === key)?.answer).equal(
						other.answer,
						`${hanger.kind}: ${key}`
					);
					const back = hanger.choose(there, key, answer);
					for (const { key: dimension, value } of hanger.dimensions(start, piece))
						expect(
							hanger.dimensions(back, piece).find((each) => each.key === dimension)?.value,
							`${hanger.kind}: ${key} ${other.answer}, ${dimension}`
						).closeTo(value, 1e-6);
				}
		}
	});
});
