import { expect } from 'chai';
import { framed } from './choosing.kit.test.ts';
import { changesBy } from './changes.ts';
import type { FixingOption } from './choose.ts';

const piece = framed(10, 'rings');
const way = (more: Partial<FixingOption> = {}) =>
	({
		...{ back: piece.back, prepStep: null, nudge: 0, top: null, points: [{}, {}] },
		...more
	}) as FixingOption;
const changes = (more: Partial<FixingOption> = {}) =>
	changesBy(way(more), piece, { top: 1900, hooks: 2 });

describe('what a way to fix a piece changes', () => {
	it('is nothing where it goes up as it is', () => {
		expect(changes()).deep.equal([]);
		expect(changes({ back: { ...piece.back } })).deep.equal([]);
	});

	it('is each thing that differs, in one sentence', () => {
		expect(changes({ back: framed(10, 'ring-one').back })).deep.equal([
			'It hangs another way: one ring or cord loop.'
		]);
		expect(changes({ prepStep: 'Take the wire off.' })).deep.equal(['Take the wire off.']);
		expect(changes({ points: way().points.slice(1) })).deep.equal(['2 hooks become 1.']);
		expect(changes({ nudge: 12 })).deep.equal(['It moves {12 mm} to the right.']);
		expect(changes({ nudge: -12 })).deep.equal(['It moves {12 mm} to the left.']);
		expect(changes({ top: 1910 })).deep.equal(['It moves {10 mm} up.']);
		expect(changes({ top: 1895 })).deep.equal(['It moves {5 mm} down.']);
	});
});
