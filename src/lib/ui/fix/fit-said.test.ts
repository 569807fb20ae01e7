import { expect } from 'chai';
import { usualHouseRules, type FitGaps, type FixingOption, type StudFit } from '$lib/core/index.ts';
import { fitSaid } from './fit-said.ts';

const fit = (more: Partial<StudFit> = {}): StudFit => ({
	...{ moves: [], met: [], of: 7, before: 2, proven: true, left: 0 },
	...more
});
const met = Array.from({ length: 2 }, (_, index) => ({
	pieceId: `${index}`,
	way: {} as FixingOption
}));
const said = (more: Partial<StudFit>, gaps: FitGaps = 'kept') =>
	fitSaid(fit({ met, ...more }), usualHouseRules, gaps);

describe('what fitting to the studs came to, in words', () => {
	it('tells what the moves bring, and whether that is proven', () => {
		const moves = [{ pieceId: 'a', by: 8, brings: 'all' as const }];
		expect(said({ moves })[0]).equal(
			'2 of 7 can go into studs where they hang; 2 can after 1 move of at most 1".'
		);
		expect(said({})[0]).match(/no move of at most 1" brings more/);
		expect(said({})[1]).match(/^Proven/);
		expect(said({ proven: false, left: 2 })[1]).match(/at most 2 pieces more/);
		expect(said({ proven: false })[1]).match(/not ruled out/);
		expect(said({ of: 0 })).length(1);
	});

	it('tells what would help where none can', () => {
		const none = { met: [], before: 0 };
		expect(said(none).join(' ')).contain('0 of 7').and.contain('let each piece move by itself');
		expect(said(none, 'free').join(' ')).contain('house rules').and.not.contain('by itself');
	});
});
