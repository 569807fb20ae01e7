import { expect } from 'chai';
import { existsSync, readFileSync } from 'node:fs';
import { FORMULAS, formulasWith } from '../../words/en/formulas.ts';
import { GLOSSARY, termsWith } from '../../words/en/glossary.ts';

describe('the glossary', () => {
	it('has each word once, in order', () => {
		const terms = GLOSSARY.map(({ term }) => term.toLowerCase());
		expect(terms).deep.equal([...new Set(terms)].sort());
	});

	it('has every word that the app uses for one thing', () => {
		const named = [
			...['station', 'piece', 'back', 'hook', 'bearing', 'hole', 'mark', 'centre line'],
			...['height up from the floor', 'stud', 'reading', 'assumed', 'chosen', 'way to fix', 'use']
		];
		const terms = GLOSSARY.map(({ term }) => term.toLowerCase());
		expect(named.filter((word) => !terms.includes(word))).deep.equal([]);
	});

	it('is found by either English, and by what a word means', () => {
		expect(termsWith('skirting').map(({ term }) => term)).include('Baseboard');
		expect(termsWith(' Plaster  BOARD ').map(({ term }) => term)).include('Drywall');
		expect(termsWith('wire ring').map(({ term }) => term)).include('D-ring');
		expect(termsWith('zzz')).deep.equal([]);
		expect(termsWith('')).deep.equal(GLOSSARY);
	});

	it('is the same in the docs', () => {
		const written = readFileSync('docs/glossary.md', 'utf8');
		for (const { term, means } of GLOSSARY)
			expect(written).contain(`**${term}**`).and.contain(means);
	});
});

describe('the formulas', () => {
	it('stand once, each beside code that is there, and in the docs', () => {
		const written = readFileSync('docs/formulas.md', 'utf8');
		expect(new Set(FORMULAS.map(({ figure }) => figure)).size).equal(FORMULAS.length);
		for (const { figure, code } of FORMULAS) {
			expect(existsSync(`src/lib/core/${code}`), `${figure}: ${code}`).equal(true);
			expect(written).contain(`| ${figure}`);
		}
	});

	it('are found by what they give, and by their source', () => {
		expect(formulasWith('hook height').map(({ figure }) => figure)).include('hook height');
		expect(formulasWith('NIOSH')).length(1);
		expect(formulasWith('zzz')).empty;
	});
});
