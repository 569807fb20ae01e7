import { expect } from 'chai';
import { type HangerKind, hangers, type HungPiece } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const light = framedPiece(600, 700, { weight: 2 });
const KINDS = [
	...['framed', 'canvas', 'panel', 'mirror', 'textile', 'plate', 'shelf', 'object']
] as HungPiece['kind'][];

/** What each way is not for, however light. Common practice: what it is screwed to must be there. */
const NOT_FOR: Record<HangerKind, readonly string[]> = {
	'wire-one': ['plate', 'shelf'],
	'wire-two': ['plate', 'shelf'],
	rings: ['plate', 'textile'],
	'ring-one': [],
	sawtooth: ['mirror', 'shelf'],
	'sawtooth-two': ['mirror', 'shelf'],
	keyholes: ['plate', 'textile'],
	drilled: ['canvas', 'framed', 'mirror', 'plate', 'textile'],
	stretcher: ['framed', 'mirror', 'object', 'panel', 'plate', 'shelf', 'textile'],
	cleat: ['plate'],
	'mirror-plates': ['plate', 'textile'],
	security: ['object', 'plate', 'textile'],
	rail: ['plate', 'shelf'],
	'plate-hanger': ['canvas', 'framed', 'mirror', 'object', 'panel', 'shelf', 'textile'],
	strips: ['mirror', 'plate', 'shelf'],
	pin: ['framed', 'mirror']
};

const told = (kind: HangerKind, on: Partial<HungPiece>) =>
	hangers
		.find((each) => each.kind === kind)!
		.unsuitable.filter(({ when }) => when({ ...light, ...on }, { heavy: 15 }))
		.map(({ grade, code }) => `${grade} ${code}`);

describe('every kind of piece', () => {
	for (const { kind } of hangers)
		it(`is hung by ${kind}, but for: ${NOT_FOR[kind].join(', ') || 'none'}`, () => {
			const refused = KINDS.filter((each) => told(kind, { kind: each }).length > 0);
			expect(refused.toSorted()).deep.equal(NOT_FOR[kind]);
		});

	it('glazed is not hung by strips, and a canvas not by its bar', () => {
		const glass = hangers.filter(
			({ kind }) =>
				told(kind, { kind: 'canvas' }).length < told(kind, { kind: 'canvas', glazed: true }).length
		);
		expect(glass.map(({ kind }) => kind)).have.members(['stretcher', 'strips']);
	});
});
