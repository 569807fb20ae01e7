import { expect } from 'chai';
import { startBack } from '../../model/start.ts';
import { hangerOf, tapeStrip, type Back, type HangerKind } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(600, 800, { weight: 50 });

const back = (kind: HangerKind, more: Record<string, unknown>): Back =>
	({ ...startBack(kind, piece), ...more }) as Back;

const refusal = (kind: HangerKind, more: Record<string, unknown>) => {
	const result = hangerOf(startBack(kind, piece)).solve(back(kind, more), piece, {
		hookMargin: 10,
		heavy: 15
	});
	return result.ok ? 'ok' : `${result.error.code} at ${result.error.path}`;
};

/** Kind, what was read, what is said and where. A piece 600 by 800 mm, 20 deep. */
const REFUSED: [HangerKind, Record<string, unknown>, string][] = [
	['wire-one', { ringSpan: 600 }, 'rings-wider-than-frame at ringSpan'],
	['wire-one', { ringDrop: 800 }, 'rings-below-frame at ringDrop'],
	['wire-one', { ringDrop: 700, ringLower: 120 }, 'rings-below-frame at ringLower'],
	['wire-one', { wire: { by: 'length', length: 100 } }, 'wire-shorter-than-span at length'],
	['wire-two', { hookSpacing: 420 }, 'hooks-wider-than-rings at hookSpacing'],
	[
		'wire-two',
		{ wire: { by: 'pull', pulledDrop: 100, fingerSpacing: 500 } },
		'hooks-wider-than-rings at fingerSpacing'
	],
	['rings', { ringSpan: 0 }, 'points-together at ringSpan'],
	['rings', { ringSpan: 700 }, 'rings-wider-than-frame at ringSpan'],
	['rings', { ringDrop: 900 }, 'rings-below-frame at ringDrop'],
	['rings', { rightDrop: 900 }, 'rings-below-frame at rightDrop'],
	['ring-one', { loopDrop: 800 }, 'rings-below-frame at loopDrop'],
	['ring-one', { loopOffset: -300 }, 'rings-wider-than-frame at loopOffset'],
	['sawtooth', { barDrop: 801 }, 'rings-below-frame at barDrop'],
	['sawtooth', { barOffset: 299, tooth: 2 }, 'rings-wider-than-frame at barOffset'],
	['sawtooth-two', { barSpan: 0 }, 'points-together at barSpan'],
	['sawtooth-two', { barSpan: 560 }, 'rings-wider-than-frame at barSpan'],
	['sawtooth-two', { rightDrop: 900 }, 'rings-below-frame at rightDrop'],
	['keyholes', { slotSpan: 600 }, 'rings-wider-than-frame at slotSpan'],
	['keyholes', { slotDrop: 800 }, 'rings-below-frame at slotDrop'],
	['keyholes', { rightDrop: 800 }, 'rings-below-frame at rightDrop'],
	['drilled', { downFromTop: 800 }, 'rings-below-frame at downFromTop'],
	['drilled', { inFromSide: 300 }, 'holes-cross at inFromSide'],
	['drilled', { holeDepth: 20 }, 'drilled-through at holeDepth'],
	['stretcher', { barDepth: 800 }, 'rings-below-frame at barDepth'],
	['stretcher', { hookSpacing: 600 }, 'rings-wider-than-frame at hookSpacing'],
	['cleat', { railDrop: 800 }, 'rings-below-frame at railDrop'],
	['cleat', { railWidth: 601 }, 'rail-beyond-piece at railWidth'],
	['cleat', { railOffset: 100 }, 'rail-beyond-piece at railWidth'],
	['cleat', { screwSpan: 500, railWidth: 400 }, 'screws-beyond-rail at screwSpan'],
	['cleat', { spacerUp: 790 }, 'spacer-above-screws at spacerUp'],
	['mirror-plates', { leftDown: 800 }, 'plate-beyond-piece at leftDown'],
	['mirror-plates', { rightDown: 900 }, 'plate-beyond-piece at rightDown'],
	['mirror-plates', { where: 'ends', topOffset: 300 }, 'plate-beyond-piece at topOffset'],
	['security', { clipSpan: 600 }, 'rings-wider-than-frame at clipSpan'],
	['security', { clipDrop: 800 }, 'rings-below-frame at clipDrop'],
	['security', { lockUp: 770 }, 'lock-above-clips at lockUp'],
	['rail', { ringSpan: 600 }, 'rings-wider-than-frame at ringSpan'],
	['rail', { ringDrop: 800 }, 'rings-below-frame at ringDrop'],
	['plate-hanger', { archDrop: 800 }, 'rings-below-frame at archDrop'],
	['strips', { stripSpan: 590 }, 'strips-beyond-piece at stripSpan'],
	['strips', { stripDrop: 800 }, 'strips-beyond-piece at stripDrop'],
	['strips', { stripUp: 800 }, 'strips-beyond-piece at stripUp'],
	['pin', { pinDrop: 800 }, 'rings-below-frame at pinDrop'],
	['pin', { pinSpan: 600 }, 'rings-wider-than-frame at pinSpan'],
	['pin', { pinSpan: 0 }, 'points-together at pinSpan']
];

describe('an impossible back', () => {
	it('is refused at the dimension to blame, for every way to hang', () => {
		for (const [kind, more, said] of REFUSED)
			expect(refusal(kind, more), `${kind} ${JSON.stringify(more)}`).equal(said);
	});

	it('covers every way to hang', () => {
		const covered = new Set(REFUSED.map(([kind]) => kind));
		expect(covered.size).equal(16);
	});
});

/** Kind, what was read → places along the strip from its left (or upper) end, mm, and how far each lies off its line. */
const STRIPS: [HangerKind, Record<string, unknown>, [at: number, aside: number][] | null][] = [
	['wire-one', {}, null],
	[
		'wire-two',
		{ hookSpacing: 200 },
		[
			[200, 0],
			[400, 0]
		]
	],
	[
		'rings',
		{ ringSpan: 440, ringDrop: 100, rightDrop: 98 },
		[
			[80, 0],
			[520, -2]
		]
	],
	['ring-one', {}, null],
	[
		'sawtooth-two',
		{ barSpan: 300, barDrop: 12, rightDrop: 12, tooth: 1, toothPitch: 5 },
		[
			[155, 0],
			[455, 0]
		]
	],
	[
		'keyholes',
		{ slotSpan: 500, slotDrop: 30, rightDrop: 33 },
		[
			[50, 0],
			[550, 3]
		]
	],
	['keyholes', { count: 1 }, null],
	[
		'drilled',
		{ inFromSide: 50 },
		[
			[50, 0],
			[550, 0]
		]
	],
	[
		'stretcher',
		{ hookSpacing: 240 },
		[
			[180, 0],
			[420, 0]
		]
	],
	[
		'cleat',
		{ screws: 3, screwSpan: 400, railWidth: 450 },
		[
			[100, 0],
			[300, 0],
			[500, 0]
		]
	],
	[
		'security',
		{ clipSpan: 400, clipDrop: 30, rightDrop: 30, lockUp: 20 },
		[
			[100, 0],
			[500, 0],
			[300, 750]
		]
	],
	[
		'mirror-plates',
		{ where: 'ends', out: 10, topOffset: 0, bottomOffset: 4 },
		[
			[0, 0],
			[820, 4]
		]
	],
	[
		'mirror-plates',
		{ out: 10, leftDown: 400, rightDown: 401 },
		[
			[0, 0],
			[620, 1]
		]
	],
	[
		'rail',
		{ ringSpan: 320 },
		[
			[140, 0],
			[460, 0]
		]
	],
	[
		'pin',
		{ pinSpan: 500 },
		[
			[50, 0],
			[550, 0]
		]
	]
];

describe('the tape strip', () => {
	it('carries the marks of every piece with several points', () => {
		for (const [kind, more, expected] of STRIPS) {
			const of = back(kind, more);
			const hung = hangerOf(of).solve(of, piece, { hookMargin: 0, heavy: 15 });
			if (!hung.ok) throw new Error(`${kind}: ${hung.error.message}`);
			const strip = tapeStrip(hung.value.points, piece);
			const marks = strip?.marks.map(({ at, aside }) => [
				Math.round(at * 1e6) / 1e6,
				Math.round(aside * 1e6) / 1e6
			]);
			expect(marks ?? null, `${kind} ${JSON.stringify(more)}`).deep.equal(expected);
			if (strip) {
				expect(strip.rule).match(/\.$/);
				for (const { at } of strip.marks) expect(at).within(-1e-6, strip.length + 1e-6);
			}
		}
	});
});
