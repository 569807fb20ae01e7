import { expect } from 'chai';
import { applyEvent } from './apply-event.ts';
import { hall, hang, planned, setHooks, told } from './row.kit.test.ts';

describe('a group over a floor that falls, all marks made first', () => {
	it('keeps its height while its pieces go up one after the other', () => {
		const before = planned(hall(), 'C');
		// The floor under the middle of the group, 1800 along, lies 6 mm low.
		expect(before.rect.y).closeTo(1450 - 6 - 150, 1e-9);
		let project = setHooks(hall(), 'C');
		for (const letter of ['A', 'B']) project = hang(project, letter);
		const after = planned(project, 'C');
		expect(after.rect).deep.equal(before.rect);
		expect(after.hooks.every(({ set }) => set !== undefined)).equal(true);
	});

	it('has the height of the rest also where one came out otherwise', () => {
		let project = hang(hall(), 'A');
		project = applyEvent(project, {
			...{ ...told(project), what: 'came-out', pieceId: 'A', higher: 4 }
		});
		expect(planned(project, 'A').rect.y).closeTo(1450 - 6 - 150 + 4, 1e-9);
		expect(planned(project, 'C').rect.y).closeTo(1450 - 6 - 150, 1e-9);
	});
});
