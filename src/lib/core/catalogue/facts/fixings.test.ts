import { expect } from 'chai';
import { hangers } from '../../piece/hangers/index.ts';
import { HOOK_KINDS, hookOf, hooks } from './index.ts';

describe('every hook', () => {
	it('has a name, a way to set it, and an offset a tape could read', () => {
		for (const { kind, name, setting, bearingToHole, standOff } of hooks) {
			expect(name, kind).not.equal('');
			expect(setting, kind).match(/\.$/);
			expect(bearingToHole.dx, kind).equal(0);
			expect(bearingToHole.dy, kind).within(-5, 40);
			expect(bearingToHole.angle, kind).within(0, 60);
			expect(standOff, kind).within(0, 20);
		}
		expect(new Set(hooks.map(({ name }) => name)).size).equal(HOOK_KINDS.length);
	});

	it('is there for each way to hang', () => {
		for (const { kind, hooks } of hangers)
			for (const hook of hooks) expect(HOOK_KINDS, kind).include(hook);
	});

	it('bears below its hole where a nail goes in above, and above it on a shank', () => {
		// Common practice: a picture hook's nail goes in above the point that carries the wire.
		for (const kind of ['picture-hook-1', 'picture-hook-2', 'picture-hook-3'] as const)
			expect(hookOf(kind).bearingToHole.dy).greaterThan(10);
		// A screw's bearing is its shank: half of 4.2 mm (ASME B18.6.1, 8 gauge) above the hole's centre.
		expect(hookOf('screw').bearingToHole.dy).equal(-2.1);
		expect(hookOf('plate-screw').bearingToHole.dy).equal(0);
	});

	it('makes no hole where it sticks, hangs from the rail or is there already', () => {
		expect(hookOf('adhesive-strip').puts).equal('place');
		for (const kind of ['rail-hook', 'track-hook'] as const)
			expect(hookOf(kind).puts).equal('cord');
		const holes = hooks.filter(({ puts }) => puts === 'hole').map(({ kind }) => kind);
		for (const kind of ['old-nail', 'old-screw', 'old-anchor'] as const)
			expect(hookOf(kind).puts).equal('kept');
		expect(holes).lengthOf(HOOK_KINDS.length - 6);
	});
});
