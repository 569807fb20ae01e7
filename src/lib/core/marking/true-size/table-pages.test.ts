import { expect } from 'chai';
import { brokenLines, tablePages } from './table-pages.ts';
import { textWidth, type DrawnText } from './ink.ts';
import { usualPrinting } from '../../base/schemas/paper.ts';

const rows = Array.from({ length: 60 }, (_, index) => [
	`P${index}`,
	'A long line of what it hangs on, which has to be broken at its spaces to stay in its column'
]);
const pages = tablePages(
	{
		...{ title: 'Inventory', intro: 'What hangs now.', rows },
		columns: [
			{ head: 'piece', share: 1 },
			{ head: 'hangs on', share: 3 }
		]
	},
	'a4',
	usualPrinting.margins
);
const textsOf = (index: number) =>
	pages[index]!.own.filter((each): each is DrawnText => each.shape === 'text');

describe('a printed table', () => {
	it('holds every row once, in its order, over as many pages as it takes', () => {
		expect(pages.length).above(1);
		const told = pages.flatMap((_, index) =>
			textsOf(index).flatMap(({ text }) => (/^P\d+$/.test(text) ? [text] : []))
		);
		expect(told).deep.equal(rows.map(([letter]) => letter));
	});

	it('keeps its words on the page, and says its title, its heads and its number on each', () => {
		for (const [index, { width, height }] of pages.entries()) {
			const texts = textsOf(index);
			for (const { at, text, size, anchor } of texts) {
				const end = anchor === 'end' ? at.x : at.x + textWidth(text, size);
				expect(end).within(0, width - 6);
				expect(at.y).within(6, height - 6);
			}
			const said = texts.map(({ text }) => text);
			expect(said).include.members(['Inventory', 'piece', 'hangs on']);
			expect(said).include(`page ${index + 1} of ${pages.length}`);
		}
	});

	it('breaks lines at spaces, and leaves a long word whole', () => {
		expect(brokenLines('one two three', textWidth('one two', 3.2))).deep.equal([
			'one two',
			'three'
		]);
		expect(brokenLines('incomprehensibilities', 5)).deep.equal(['incomprehensibilities']);
		expect(brokenLines('', 5)).deep.equal(['']);
	});
});
