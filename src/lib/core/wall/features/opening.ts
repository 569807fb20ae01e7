import * as z from 'zod/mini';
import { outlineShape, type FeatureFace } from './types.ts';
import { block } from './parts.ts';
import { uncovered } from './zones.ts';

export const openingSchema = z.object({ ...outlineShape, kind: z.literal('opening') });

export const opening: FeatureFace<z.infer<typeof openingSchema>> = {
	kind: 'opening',
	label: 'Opening',
	group: 'openings',
	schema: openingSchema,
	start: { width: 1000, height: 2100, at: { aboveFloor: 0 } },
	usual: {},
	breaksStuds: true,
	zones: (feature) => [uncovered(feature)],
	draw: ({ width, height }) => [block('void', [0, 0, width, height])]
};
