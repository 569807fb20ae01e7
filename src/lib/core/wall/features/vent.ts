import { care } from './said.ts';
import { DRAUGHT_MM } from '../../base/figures/surroundings.ts';
import * as z from 'zod/mini';
import { grown } from '../../base/geometry/rect.ts';
import { outlineShape, type FeatureFace } from './types.ts';
import { block, stroke } from './parts.ts';
import { near, uncovered } from './zones.ts';

export const ventSchema = z.object({ ...outlineShape, kind: z.literal('vent') });

export const vent: FeatureFace<z.infer<typeof ventSchema>> = {
	kind: 'vent',
	label: 'Vent',
	group: 'fittings',
	schema: ventSchema,
	start: { width: 300, height: 150, at: { belowCeiling: 150 } },
	usual: {},
	service: 'duct',
	zones: (feature) => [
		uncovered(feature),
		near(feature, grown(feature, DRAUGHT_MM), (of) => care('in-draught', of))
	],
	draw: ({ width, height }) => [
		block('plate', [0, 0, width, height]),
		...[0.25, 0.5, 0.75].map((up) => stroke('slot', width * 0.08, height * up, width * 0.84, 0))
	]
};
