import { care } from './said.ts';
import { RADIATOR_HEAT_MM } from '../../base/figures/surroundings.ts';
import * as z from 'zod/mini';
import { grown } from '../../base/geometry/rect.ts';
import { outlineShape, type FeatureFace } from './types.ts';
import { block } from './parts.ts';
import { near, uncovered } from './zones.ts';

export const radiatorSchema = z.object({ ...outlineShape, kind: z.literal('radiator') });

export const radiator: FeatureFace<z.infer<typeof radiatorSchema>> = {
	kind: 'radiator',
	label: 'Radiator',
	group: 'fittings',
	schema: radiatorSchema,
	start: { width: 1000, height: 600, at: { aboveFloor: 120 } },
	usual: {},
	service: 'pipe',
	fixed: true,
	centres: true,
	zones: (feature) => [
		uncovered(feature),
		near(feature, grown(feature, { above: RADIATOR_HEAT_MM }), (of) => care('over-heat', of))
	],
	draw: ({ width, height }) => [
		block('metal', [0, 0, width, height]),
		...Array.from({ length: Math.max(Math.round(width / 60) - 1, 1) }, (_, index) =>
			block('panel', [
				(width * (index + 1)) / Math.max(Math.round(width / 60), 2) - 6,
				height * 0.06,
				12,
				height * 0.88
			])
		)
	]
};
