import { care } from './said.ts';
import { WARM_LAMP_MM } from '../../base/figures/surroundings.ts';
import * as z from 'zod/mini';
import { grown } from '../../base/geometry/rect.ts';
import { outlineShape, type FeatureFace } from './types.ts';
import { block } from './parts.ts';
import { near, uncovered } from './zones.ts';

export const lightSchema = z.object({ ...outlineShape, kind: z.literal('light') });

export const light: FeatureFace<z.infer<typeof lightSchema>> = {
	kind: 'light',
	label: 'Wall light',
	group: 'fittings',
	schema: lightSchema,
	start: { width: 130, height: 300, at: { aboveFloor: 1650 } },
	usual: {},
	service: 'cable',
	zones: (feature) => [
		uncovered(feature),
		near(feature, grown(feature, WARM_LAMP_MM), (of) => care('near-light', of))
	],
	draw: ({ width, height }) => [
		block('brass', [width * 0.38, 0, width * 0.24, height * 0.55]),
		block('shade', [0, height * 0.45, width, height * 0.55])
	]
};
