import * as z from 'zod/mini';
import type { FeatureFace } from './types.ts';
import { boxShape, fixedBox, handZones } from './fixed-box.ts';
import { block } from './parts.ts';

export const switchFaceSchema = z.object({ ...boxShape, kind: z.literal('switch') });

export const switchFace: FeatureFace<z.infer<typeof switchFaceSchema>> = {
	...fixedBox,
	kind: 'switch',
	label: 'Switch',
	schema: switchFaceSchema,
	start: { width: 75, height: 115, at: { aboveFloor: 1200 } },
	zones: (feature) => handZones(feature),
	draw: ({ width, height }) => [
		block('plate', [0, 0, width, height]),
		block('slot', [width * 0.35, height * 0.3, width * 0.3, height * 0.4])
	]
};
