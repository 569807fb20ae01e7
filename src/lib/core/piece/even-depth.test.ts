import { expect } from 'chai';
import { startBack } from '../model/start.ts';
import { hookOf } from '../catalogue/facts/index.ts';
import { padThickness } from './even-depth.ts';

const size = { width: 600, height: 500 };

describe('pads for a piece that hangs at even depth', () => {
	it('are as thick as its hook and its ring stand off, by the hook measured where one was', () => {
		const piece = { back: startBack('rings', size), hook: 'picture-hook-2' as const };
		expect(padThickness(piece, {})).equal(3 + hookOf('picture-hook-2').standOff);
		expect(padThickness(piece, { 'picture-hook-2': { dy: null, standOff: 10 } })).equal(13);
		expect(padThickness({ ...piece, back: startBack('keyholes', size) }, {})).equal(null);
	});
});
