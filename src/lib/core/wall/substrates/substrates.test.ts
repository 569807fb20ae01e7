import { expect } from 'chai';
import {
	BOARDS,
	madeCautions,
	madeSchema,
	substrateOf,
	substrates,
	SURFACES,
	surfaces
} from './index.ts';

describe('what a wall is made of', () => {
	it('asks something of the work, tells how to know it, and cautions with a remedy', () => {
		for (const { of, name, tell, asks, cautions } of substrates) {
			expect(name, of).not.equal('');
			expect(tell, of).match(/\.$/);
			expect(asks, of).not.length(0);
			for (const { message, remedy } of cautions) {
				expect(message, of).match(/\.$/);
				expect(remedy, of).match(/\.$/);
			}
			const made = { of, board: null, surface: 'smooth', age: 'since-1990' } as const;
			expect(madeSchema.safeParse(made).success).equal(true);
			expect(substrateOf(made).of).equal(of);
		}
	});

	it('has studs behind board, lath and panels only', () => {
		const withStuds = substrates.filter(({ studs }) => studs !== null).map(({ of }) => of);
		expect(withStuds).deep.equal(['board-timber', 'board-steel', 'lath-plaster', 'panelling']);
	});

	it('is faced with something that has its own caution', () => {
		for (const surface of SURFACES) {
			const made = { of: 'brick', board: null, surface, age: 'since-1990' } as const;
			const codes = madeCautions(made).map(({ code }) => code);
			const { caution } = surfaces[surface];
			if (caution) expect(codes).include(caution.code);
			else expect(surface).equal('smooth');
		}
	});

	it('has boards in inches and mm, thinnest first', () => {
		const sizes = BOARDS.map(({ mm }) => mm);
		expect([...sizes].sort((a, b) => a - b)).deep.equal(sizes);
		// 3/8, 1/2 and 5/8 in.
		for (const inches of [0.375, 0.5, 0.625])
			expect(sizes.some((mm) => Math.abs(mm - inches * 25.4) < 1e-9)).equal(true);
		for (const mm of [10, 12.5, 15]) expect(sizes).include(mm);
	});
});
