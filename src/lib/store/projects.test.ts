import { expect } from 'chai';
import { planWallFast } from '../core/index.ts';
import { hungDemo } from '../../../e2e/hung-demo.ts';
import { copyOf, duplicateOf } from './projects.ts';

describe('a project made from another', () => {
	const hung = hungDemo();

	it('keeps its Book where it takes the place of the first', () => {
		const { id, name, ...rest } = copyOf(hung);
		expect(rest).deep.equal((({ id: _id, name: _name, ...kept }) => kept)(hung));
		expect([id, name]).not.include(hung.id).and.not.include(hung.name);
	});

	it('begins with nothing hung where both go on, its plan as it was', () => {
		const twin = duplicateOf(hung);
		expect(hung.hangings).not.empty;
		expect(twin).include({ name: `${hung.name} (copy)` });
		expect([twin.hangings, twin.day, twin.packed]).deep.equal([[], [], []]);
		const plan = planWallFast(twin, twin.walls[0]!.id);
		expect(plan.ok && plan.value.pieces.map(({ letter }) => letter)).deep.equal([
			...['A', 'B', 'C', 'D', 'E', 'F', 'G']
		]);
	});
});
