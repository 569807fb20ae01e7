import { expect } from 'chai';
import { startBack } from '../model/start.ts';
import { hookOf } from '../catalogue/facts/index.ts';
import { padThickness } from './even-depth.ts';
import { leanPull } from './statics/lean.ts';

const size = { width: 600, height: 500 };

describe('pads for a piece that hangs at even depth', () => {
	it('are as thick as its hook and its ring stand off, by the hook measured where one was', () => {
		const piece = { back: startBack('rings', size), hook: 'picture-hook-2' as const };
		expect(padThickness(piece, {})).equal(3 + hookOf('picture-hook-2').standOff);
		expect(padThickness(piece, { 'picture-hook-2': { dy: null, standOff: 10 } })).equal(13);
		expect(padThickness({ ...piece, back: startBack('keyholes', size) }, {})).equal(null);
	});

	it('leave no lean: a back as much thicker as the pads pulls as one whose ring is at the hook', () => {
		const hang = {
			weight: 50,
			height: 500,
			depth: 20,
			ringDrop: 120,
			rise: 0,
			massAboveBottom: 250
		};
		const bare = leanPull({ ...hang, ringStandOff: 3, hookStandOff: 6 });
		// The pads take the place of the hook’s own distance: the ring hangs straight below its hook.
		const padded = leanPull({ ...hang, ringStandOff: 0, hookStandOff: 0 });
		expect(Math.abs(padded.lean)).below(Math.abs(bare.lean));
		expect(padded.lean).closeTo(0, 1e-6);
	});
});
