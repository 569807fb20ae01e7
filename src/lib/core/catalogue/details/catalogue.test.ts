import { expect } from 'chai';
import { HOOK_KINDS, hookOf } from '../facts/index.ts';
import { hangers } from '../../piece/hangers/index.ts';
import { KG_PER_POUND } from '../../base/units/constants.ts';
import { backHardware } from '../../piece/hangers/back-hardware.ts';
import { fixingOf, fixings, holdingIn, SUITS } from './index.ts';

describe('the catalogue', () => {
	it('has every hook once, with what a person at the wall needs to know', () => {
		for (const kind of HOOK_KINDS) expect(fixingOf(kind).kind).equal(kind);
		for (const {
			kind,
			holds,
			steps,
			mistakes,
			never,
			damage,
			serves,
			clearanceDepth: behind,
			holes
		} of fixings) {
			expect(holds.length, kind).above(0);
			expect(steps.length, kind).above(0);
			for (const line of [SUITS[kind], ...steps, ...mistakes, ...never, damage.mend])
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

	it('has wood screws by gauge and nails by length', () => {
		// Diameters: ASME B18.6.1 for screws, 0.060 + 0.013 in a gauge; ASTM F1667 for common nails of 6d and 8d.
		const shank = (kind: (typeof HOOK_KINDS)[number]) => {
			const holding = holdingIn(fixingOf(kind), 'timber')!;
			if (holding.by !== 'wood') throw new Error(kind);
			return holding.shank;
		};
		for (const [kind, gauge] of [
			['screw-6', 6],
			['screw', 8],
			['deck-screw', 10],
			['screw-12', 12],
			['bugle-screw', 14]
		] as const)
			expect(shank(kind).nominal / 25.4).closeTo(0.06 + 0.013 * gauge, 5e-4);
		expect(shank('nail-6d').nominal / 25.4).closeTo(0.113, 1e-9);
		expect(shank('nail-8d').nominal / 25.4).closeTo(0.131, 1e-9);
		expect(shank('nail-8d').lengths).deep.equal([63.5]);
	});

	it('has what goes on a back, by class where it carries', () => {
		expect(backHardware.map(({ key }) => key)).include.members([
			...['wire', 'strap-ring', 'bumper', 'washer', 'spacer']
		]);
		for (const { name, suits, classes, mistakes, never } of backHardware) {
			for (const line of [suits, ...mistakes, never]) expect(line, name).match(/^[A-Z].*[.]$/);
			const loads = classes.map(({ newtons }) => newtons);
			expect(loads, name).deep.equal(loads.toSorted((a, b) => a - b));
		}
	});

	it('has what was left in a wall hold only as what is known of it', () => {
		for (const { left, holds, holes } of fixings.filter((fixing) => fixing.left)) {
			expect(holes, left).equal(0);
			expect(
				holds.every((holding) => holding.by === 'packet' && holding.meaning === 'unknown')
			).equal(true);
		}
	});

	it('knows where each is of no use', () => {
		expect(holdingIn(fixingOf('picture-hook-1'), 'concrete')).equal(undefined);
		expect(holdingIn(fixingOf('masonry-plug'), 'board')).equal(undefined);
		expect(holdingIn(fixingOf('deck-screw'), 'board')).equal(undefined);
		expect(holdingIn(fixingOf('deck-screw'), 'timber')?.by).equal('wood');
	});
});
