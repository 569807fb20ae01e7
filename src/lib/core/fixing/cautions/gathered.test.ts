import { expect } from 'chai';
import { care, stop } from '../../base/caution.ts';
import { gathered } from './gathered.ts';

const lift = (letter: string) => ({
	letter,
	caution: care('lifts-off', `Anyone can lift ${letter} off.`, 'Use a lock.')
});

describe('cautions of many pieces', () => {
	it('are told once where they differ in their piece alone', () => {
		const found = gathered([lift('I'), lift('J'), lift('A+('), lift('J')]);
		expect(found.map(({ letters }) => letters)).deep.equal([['I', 'J', 'A+(']]);
		expect(found[0]!.caution.message).equal('Anyone can lift I off.');
	});

	it('stay apart where a figure differs, and where the letter is a word of the sentence', () => {
		const heavy = (letter: string, kg: number) => ({
			letter,
			caution: care('heavy-lift', `${letter}’s weight is ${kg} kg.`, 'Two people lift it.')
		});
		expect(gathered([heavy('A', 12), heavy('B', 14), heavy('C', 12)])).lengthOf(2);
		const article = (letter: string) => ({
			letter,
			caution: care('wide', `A wide piece: ${letter}.`, 'Mind the door.')
		});
		expect(gathered([article('A'), article('B')]).flatMap(({ letters }) => letters)).have.members([
			'A',
			'B'
		]);
	});

	it('begin with the gravest, and name no piece for the wall', () => {
		const wall = { letter: '', caution: stop('lead', 'Old paint can hold lead.', 'Test it.') };
		const [first, second] = gathered([lift('I'), wall]);
		expect([first!.caution.code, first!.letters]).deep.equal(['lead', []]);
		expect(second!.caution.code).equal('lifts-off');
	});
});
