import { expect } from 'chai';
import { startFeature, startWall } from '../../model/index.ts';
import { featureFaces } from '../../wall/features/index.ts';
import { roundFigure } from './round-figure.ts';

describe('a figure to begin with', () => {
	it('is round in the person’s own units', () => {
		expect([900, 99, 100, 8].map((mm) => roundFigure(mm, 'mm'))).deep.equal([900, 99, 100, 8]);
		expect([900, 150, 99, 8].map((mm) => Math.round(roundFigure(mm, 'in') * 1000))).deep.equal([
			...[35 * 25_400, 6 * 25_400, 4 * 25_400, 6350]
		]);
	});

	it('is what every feature starts with', () => {
		const newId = () => 'n';
		const wall = startWall(newId, { name: 'W', width: 144 * 25.4, height: 96 * 25.4 }, 'in');
		for (const { kind } of featureFaces) {
			const { x, y, width, height } = startFeature(newId, kind, wall, 'in');
			for (const mm of [x, y, width, height])
				expect(mm / 6.35, `${kind} ${mm}`).closeTo(Math.round(mm / 6.35), 1e-9);
		}
	});
});
