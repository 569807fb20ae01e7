import { expect } from 'chai';
import { oncePerAlike } from './alike.ts';
import { drawTemplate } from './draw-template.ts';
import type { Template } from './template.ts';
import { usualHouseRules } from '../../model/house-rules.ts';
import { stylesOf } from '../marks/styles.ts';

const template = (letter: string, more: Partial<Template> = {}): Template => ({
	...{ letter, name: `Piece ${letter}`, width: 300, height: 400, outline: { by: 'rectangle' } },
	points: [
		{
			...{ name: 'hook', hole: { x: 150, y: 380 }, bearing: { x: 150, y: 360 } },
			...{ markedAt: 'bearing', says: 'one-nail picture hook' }
		}
	],
	...{ bumpers: [], stop: false, ...more }
});

describe('templates of alike pieces', () => {
	it('are one, which says whom it serves', () => {
		const six = ['A', 'B', 'C', 'D', 'E', 'F'].map((letter) => template(letter));
		const [one, ...others] = oncePerAlike(six);
		expect(others).deep.equal([]);
		expect(one).include({ letter: 'A' });
		expect(one!.also).deep.equal(['B', 'C', 'D', 'E', 'F']);
		const said = drawTemplate(one!, stylesOf(usualHouseRules)).ink.map((ink) =>
			ink.shape === 'text' ? ink.text : ''
		);
		expect(said).include('print it once: it serves B, C, D, E, F too');
	});

	it('are not one where a hole, a size, an outline or a stop differs', () => {
		const others = [
			template('B', { width: 301 }),
			template('C', { stop: true }),
			template('D', { outline: { by: 'oval' } }),
			template('E', { points: [] }),
			template('F', { known: 'Not measured: rings down' })
		];
		expect(oncePerAlike([template('A'), ...others])).lengthOf(6);
	});
});
