import { care } from './said.ts';
import * as z from 'zod/mini';
import { outlineShape, type FeatureFace } from './types.ts';
import { block, stroke } from './parts.ts';
import { near } from './zones.ts';

export const chairRailSchema = z.object({ ...outlineShape, kind: z.literal('chair-rail') });

export const chairRail: FeatureFace<z.infer<typeof chairRailSchema>> = {
	kind: 'chair-rail',
	label: 'Chair rail',
	group: 'rails',
	schema: chairRailSchema,
	start: { width: 'whole wall', height: 65, at: { aboveFloor: 850 } },
	usual: {},
	before: true,
	hungOver: true,
	zones: (feature) => [
		near(feature, feature, (of) => care('over-moulding', { ...of, of: 'chair-rail' }), true)
	],
	draw: ({ width, height }) => [
		block('mould', [0, 0, width, height], 4),
		stroke('panel', 0, height / 2, width, 0)
	]
};
