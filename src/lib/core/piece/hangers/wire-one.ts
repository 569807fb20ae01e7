import { RING_STAND_OFF_MM } from '../../base/figures/hardware.ts';
import * as z from 'zod/mini';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, screws, bumpers } from './checks.ts';
import type { Hanger } from './types.ts';
import { twoRings } from './ring-points.ts';
import { WIRE_HOOKS, WIRE_OFF, WIRE_UNSUITABLE } from './wire-limits.ts';
import { oneHookAt, wireReach } from './wire-meet.ts';
import { chooseWire, drawWire, measureWire, wireChoices, wireDimensions } from './wire-back.ts';
import { solveWire } from './wire.ts';
import { pullOf, usualWire, wireBackShape } from './wire-reading.ts';
import { levelOnWire } from './wire-level.ts';

export const wireOneSchema = z.object({ kind: z.literal('wire-one'), ...wireBackShape });
export type WireOneBack = z.infer<typeof wireOneSchema>;

/** A wire between two rings, over one hook. */
export const wireOne: Hanger<WireOneBack> = {
	kind: 'wire-one',
	name: 'Wire on one hook',
	unsuitable: WIRE_UNSUITABLE,
	checks: [hardware, screws, bumpers],
	schema: wireOneSchema,
	hooks: WIRE_HOOKS,
	start: (piece, before) =>
		mergePreviousBack(wireOneSchema, { kind: 'wire-one', ...usualWire(piece, before) }, before),
	dimensions: wireDimensions,
	span: { key: 'ringSpan', name: 'ring' },
	holdsOff: RING_STAND_OFF_MM,
	measure: measureWire,
	solve: (back, piece, rules) => solveWire(back, 0, piece, rules),
	draw: (back, { massOffset }) => drawWire(back, 0, massOffset),
	choices: wireChoices,
	choose: chooseWire,
	pull: pullOf,
	prompt: ({ wire }) =>
		wire.by === 'pull'
			? 'Pull the wire up hard with one finger at its middle, and read the drop; or drag the finger.'
			: null,
	levelStep: levelOnWire,
	parts: twoRings,
	others: [
		{ kind: 'wire-two', change: null },
		{ kind: 'rings', change: WIRE_OFF }
	],
	meet: {
		counts: [1],
		reach: wireReach,
		solve: (back, piece, rules, [x]) => oneHookAt(back, piece, rules, x!)
	}
};
