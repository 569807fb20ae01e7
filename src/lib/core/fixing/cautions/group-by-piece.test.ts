import { expect } from 'chai';
import { stop as stopOfWall } from '../../wall/substrates/said.ts';
import { care } from '../said.ts';
import { groupByPiece } from './group-by-piece.ts';

const lift = (letter: string) => ({
	letter,
	caution: care('public-room', { letter, kept: 'open' })
});

describe('cautions of many pieces', () => {
	it('are told once where they differ in their piece alone', () => {
		const found = groupByPiece([lift('I'), lift('J'), lift('A+('), lift('J')]);
		expect(found.map(({ letters }) => letters)).deep.equal([['I', 'J', 'A+(']]);
		expect(found[0]!.caution.message).equal('Anyone can lift I off, or knock it off.');
	});

	it('stay apart where a figure differs, and only there, whatever the letter is', () => {
		const heavy = (letter: string, limit: number) => ({
			letter,
			caution: care('heavy-lift', { letter, tooHeavy: true, limit, width: 500 })
		});
		expect(groupByPiece([heavy('A', 12), heavy('B', 14), heavy('C', 12)])).lengthOf(2);
		const article = (letter: string) => ({ letter, caution: care('children', { letter }) });
		expect(groupByPiece([article('A'), article('B')]).map(({ letters }) => letters)).deep.equal([
			['A', 'B']
		]);
	});

	it('begin with the gravest, and name no piece for the wall', () => {
		const [first, second] = groupByPiece([
			lift('I'),
			{ letter: '', caution: stopOfWall('old-coatings') }
		]);
		expect([first!.caution.code, first!.letters]).deep.equal(['old-coatings', []]);
		expect(second!.caution.code).equal('public-room');
	});
});
