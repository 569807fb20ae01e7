import { RING_STAND_OFF_MM } from '../../base/figures/hardware.ts';
import * as z from 'zod/mini';
import { size } from '../../base/schemas/sizes.ts';
import { lengthToken } from '../../base/units/message.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, screws, bumpers } from './checks.ts';
import type { Hanger, HungPiece } from './types.ts';
import { twoRings } from './ring-points.ts';
import { WIRE_HOOKS, WIRE_OFF, WIRE_UNSUITABLE } from './wire-limits.ts';
import { twoHooksAt, wireReach } from './wire-meet.ts';
import { chooseWire, drawWire, measureWire, wireChoices, wireDimensions } from './wire-back.ts';
import { solveWire } from './wire.ts';
import {
	hooksMiddle,
	pulledDrop,
	pullOf,
	usualWire,
	wireBackShape,
	wireLength
} from './wire-reading.ts';
import { levelOnWire } from './wire-level.ts';

export const wireTwoSchema = z.object({
	kind: z.literal('wire-two'),
	...wireBackShape,
	hookSpacing: size.check(z.describe('mm between the two hooks'))
});
export type WireTwoBack = z.infer<typeof wireTwoSchema>;

/** A wire between two rings, over two hooks at one height. */
export const wireTwo: Hanger<WireTwoBack> = {
	kind: 'wire-two',
	name: 'Wire on two hooks',
	unsuitable: WIRE_UNSUITABLE,
	checks: [hardware, screws, bumpers],
	schema: wireTwoSchema,
	hooks: WIRE_HOOKS,
	start: (piece, before) => {
		const wire = usualWire(piece, before);
		return mergePreviousBack(
			wireTwoSchema,
			{
				kind: 'wire-two',
				...wire,
				hookSpacing: wire.ringSpan / 2,
				assumed: [...wire.assumed, 'hookSpacing']
			},
			before
		);
	},
	dimensions: (back, piece) => [
		...wireDimensions(back, piece),
		{
			key: 'hookSpacing',
			label: 'Between hooks',
			help: 'How far apart the two hooks will be on the wall',
			value: back.hookSpacing,
			from: { x: middleOf(back, piece) - back.hookSpacing / 2, drop: hookDrop(back) },
			to: { x: middleOf(back, piece) + back.hookSpacing / 2, drop: hookDrop(back) },
			plausible: { min: back.ringSpan * 0.1, max: back.ringSpan },
			chosen: true
		}
	],
	span: { key: 'ringSpan', name: 'ring' },
	holdsOff: RING_STAND_OFF_MM,
	measure: measureWire,
	solve: (back, piece, rules) => solveWire(back, back.hookSpacing, piece, rules),
	draw: (back, piece) => drawWire(back, back.hookSpacing, middleOf(back, piece)),
	choices: wireChoices,
	choose: (back, key, answer) => {
		const chosen = chooseWire(back, key, answer);
		const { wire } = chosen;
		if (key !== 'reading' || wire.by !== 'pull' || wire.fingerSpacing === 0) return chosen;
		return readAsHung(chosen);
	},
	pull: pullOf,
	prompt: ({ wire, hookSpacing }) =>
		wire.by === 'pull'
			? `Two fingers, ${lengthToken(hookSpacing)} apart, where the hooks will be: pull the wire up hard and read the drop.`
			: null,
	levelStep: levelOnWire,
	parts: twoRings,
	others: [
		{ kind: 'wire-one', change: null },
		{ kind: 'rings', change: WIRE_OFF }
	],
	meet: {
		counts: [2],
		reach: wireReach,
		solve: (back, piece, rules, [left, right]) => twoHooksAt(back, piece, rules, [left!, right!])
	}
};

const middleOf = ({ ringSpan, hookSpacing }: WireTwoBack, { massOffset }: HungPiece): number =>
	hooksMiddle(ringSpan, hookSpacing, massOffset);

/** Two fingers belong where the two hooks will be; what they would read is computed. */
function readAsHung(back: WireTwoBack): WireTwoBack {
	const length = wireLength(back);
	if (!length.ok) return back;
	const fingerSpacing = back.hookSpacing;
	const drop = pulledDrop(back, length.value, fingerSpacing);
	return { ...back, wire: { by: 'pull', fingerSpacing, pulledDrop: drop } };
}

function hookDrop(back: WireTwoBack): number {
	const length = wireLength(back);
	return length.ok ? pulledDrop(back, length.value, back.hookSpacing) : back.ringDrop;
}
