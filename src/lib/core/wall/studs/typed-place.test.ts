import { expect } from 'chai';
import type { Hint } from './hint.ts';
import { typedPlace } from './typed-place.ts';

describe('a place that is typed', () => {
	const hints: Hint[] = [
		{ id: 'a', kind: 'magnet', x: 500 },
		{ id: 'b', kind: 'edges', left: 900, right: 940 }
	];
	const at = (...[from, mm]: [Parameters<typeof typedPlace>[1], number]) =>
		typedPlace(mm, from, { width: 3000, hints });

	it('is read from either corner, or from the middle of a hint to either side', () => {
		expect(at({ of: 'left-corner' }, 400)).equal(400);
		expect(at({ of: 'right-corner' }, 400)).equal(2600);
		// 16 in on from a magnet.
		expect(at({ of: 'hint', id: 'a', to: 'right' }, 406.4)).closeTo(906.4, 1e-9);
		expect(at({ of: 'hint', id: 'b', to: 'left' }, 406.4)).closeTo(513.6, 1e-9);
		expect(at({ of: 'hint', id: 'gone', to: 'left' }, 1)).equal(null);
	});
});
