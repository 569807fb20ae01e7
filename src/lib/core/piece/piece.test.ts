import { expect } from 'chai';
import fc from 'fast-check';
import { freeLetters, nextLetter } from '../model/letters.ts';
import { startPiece } from '../model/start.ts';

describe('letters', () => {
	it('run from A to Z and on to AA, past those that are taken', () => {
		const next = freeLetters(['B', 'D']);
		expect([next(), next(), next()]).deep.equal(['A', 'C', 'E']);
		const alphabet = Array.from({ length: 26 }, (_, index) => String.fromCharCode(65 + index));
		expect(nextLetter(alphabet)).equal('AA');
		expect(nextLetter([...alphabet, 'AA', 'AC'])).equal('AB');
	});

	it('never come twice, and one at a time as in one go', () => {
		const labels = fc.array(fc.string({ unit: fc.constantFrom(...'ABCXYZ'), maxLength: 2 }), {
			maxLength: 40
		});
		fc.assert(
			fc.property(labels, fc.integer({ min: 1, max: 60 }), (used, count) => {
				const next = freeLetters(used);
				const given = Array.from({ length: count }, () => next());
				expect(new Set([...used, ...given]).size).equal(new Set(used).size + count);
				const single: string[] = [];
				for (let index = 0; index < count; index++) single.push(nextLetter([...used, ...single]));
				expect(given).deep.equal(single);
			})
		);
	});
});

describe('startPiece', () => {
	let made = 0;
	const newId = () => `id-${made++}`;

	it('starts what is usual for its kind, and nothing nobody said', () => {
		const plate = startPiece(newId, ['A'], { width: 250, height: 200, kind: 'plate' });
		expect(plate).include({ letter: 'B', name: 'Piece B', kind: 'plate', glazing: 'none' });
		expect(plate.outline).deep.equal({ by: 'oval' });
		expect(plate.back.kind).equal('plate-hanger');
		expect([plate.weight, plate.frame, plate.build, plate.massUp]).deep.equal([
			null,
			null,
			null,
			null
		]);
		const mirror = startPiece(newId, [], { width: 250, height: 200, kind: 'mirror' });
		expect(mirror).include({ glazing: 'glass', hook: 'picture-hook-2' });
	});

	it('hangs as it is told, with the hook for it', () => {
		const piece = startPiece(newId, [], { width: 250, height: 200, hanger: 'rail', weight: 2 });
		expect(piece).include({ hook: 'rail-hook', weight: 2, kind: 'framed' });
	});
});
