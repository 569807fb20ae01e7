import { expect } from 'chai';
import { startPiece, usualHouseRules } from '../../core/index.ts';
import { factsFrom } from './kept-facts.ts';
import type { OneFacts } from './one-picture.svelte.ts';

const facts: OneFacts = {
	...{ units: 'mm', mode: 'bottom', centre: usualHouseRules.centreHeight, top: 1651 },
	...{ furniture: 812.8, above: 177.8, made: 'brick', typed: ['width'] },
	piece: { ...startPiece(() => 'p', [], { name: 'A “name” & #', width: 610, height: 762 }) },
	fix: { at: 0, points: [{ hook: 'masonry-plug', x: null }] }
};
const hashOf = (value: unknown) => `#${encodeURIComponent(JSON.stringify(value))}`;

describe('one picture in the address', () => {
	it('reads back as it was', () => expect(factsFrom(hashOf(facts))).deep.equal(facts));

	it('is nothing where it cannot be read', () => {
		for (const hash of ['', '#', '#%', '#{', hashOf(1), hashOf({ ...facts, made: 'cheese' })])
			expect(factsFrom(hash), hash).equal(null);
		expect(factsFrom(hashOf({ ...facts, piece: { ...facts.piece, width: -1 } }))).equal(null);
	});
});
