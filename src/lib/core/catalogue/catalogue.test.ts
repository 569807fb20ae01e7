import { expect } from 'chai';
import { HOOK_KINDS, hookOf } from '../fixings/index.ts';
import { hangers } from '../hangers/index.ts';
import { KG_PER_POUND } from '../units/constants.ts';
import { fixingOf, fixings, holdingIn } from './index.ts';

describe('the catalogue', () => {
	it('has every hook once, with what a person at the wall needs to know', () => {
		expect(fixings.map(({ kind }) => kind).toSorted()).deep.equal([...HOOK_KINDS].toSorted());
		for (const { kind, holds, steps, mistakes, never, damage, serves, behind, holes } of fixings) {
			expect(holds.length, kind).above(0);
			expect(steps.length, kind).above(0);
			for (const line of [...steps, ...mistakes, ...never, damage.mend])
				expect(line, kind).match(/^[A-Z“].*[.]$/);
			expect(serves.length, kind).above(0);
			expect(behind, kind).within(0, 80);
			expect(holes > 0, kind).equal(hookOf(kind).puts === 'hole');
		}
	});

	it('serves some way to hang with every fixing, and every way with some', () => {
		const roles = (hooks: readonly (typeof HOOK_KINDS)[number][]) =>
			hooks.map((kind) => hookOf(kind).role);
		for (const { kind, serves } of fixings)
			expect(
				hangers.some((hanger) => roles(hanger.hooks).some((role) => serves.includes(role))),
				kind
			).equal(true);
		for (const { kind, hooks } of hangers)
			expect(
				fixings.some(({ serves }) => roles(hooks).some((role) => serves.includes(role))),
				kind
			).equal(true);
	});

	it('rates fixings as packets usually do', () => {
		// Common practice: 30, 50 and 75 to 100 lb for one, two and three nails; about 10 lb for a ribbed plug in board;
		// 265 lb is printed for a strap toggle of 1/4 in, often a failure load (from memory).
		const rated = (kind: (typeof HOOK_KINDS)[number]) => {
			const holding = holdingIn(fixingOf(kind), 'board');
			return holding?.by === 'packet'
				? [Math.round(holding.kg / KG_PER_POUND), holding.meaning]
				: [];
		};
		expect(rated('picture-hook-1')).deep.equal([30, 'working']);
		expect(rated('picture-hook-2')).deep.equal([50, 'working']);
		expect(rated('picture-hook-3')).deep.equal([75, 'working']);
		expect(rated('ribbed-plug')).deep.equal([10, 'working']);
		expect(rated('strap-toggle')).deep.equal([265, 'failure']);
	});

	it('knows where each is of no use', () => {
		expect(holdingIn(fixingOf('picture-hook-1'), 'concrete')).equal(undefined);
		expect(holdingIn(fixingOf('masonry-plug'), 'board')).equal(undefined);
		expect(holdingIn(fixingOf('deck-screw'), 'board')).equal(undefined);
		expect(holdingIn(fixingOf('deck-screw'), 'timber')?.by).equal('wood');
	});
});
