import { expect } from 'chai';
import { pointId, pointNamed } from './point-id.ts';

describe('the id of a point', () => {
	it('is read as it was written, whatever the piece is called', () => {
		for (const of of ['piece-a', 'a:b', 'x:1', '__proto__', 'é\n'])
			for (const index of [0, 7, 12])
				expect(pointNamed(pointId({ of, index }))).deep.equal({ of, index });
	});

	it('is none where it names no point', () => {
		for (const id of ['', 'hole', 'hole:', 'hole:x', 'hole:-1']) expect(pointNamed(id)).equal(null);
	});
});
