import * as z from 'zod/mini';
import type { FeatureFace } from './types.ts';
import { boxShape, fixedBox, handZones } from './fixed-box.ts';
import { block, stroke } from './parts.ts';

export const socketSchema = z.object({ ...boxShape, kind: z.literal('socket') });

export const socket: FeatureFace<z.infer<typeof socketSchema>> = {
	...fixedBox,
	kind: 'socket',
	label: 'Socket',
	schema: socketSchema,
	start: { width: 75, height: 115, at: { aboveFloor: 300 } },
	zones: (feature) => handZones(feature),
	draw: ({ width, height }) => [
		block('plate', [0, 0, width, height]),
		...[0.3, 0.62].flatMap((up) =>
			[0.35, 0.65].map((across) =>
				stroke('slot', width * across, height * (1 - up), 0, -height * 0.12)
			)
		)
	]
};
