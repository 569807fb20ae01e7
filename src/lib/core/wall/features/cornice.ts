import { care } from './said.ts';
import * as z from 'zod/mini';
import { outlineShape, type FeatureFace } from './types.ts';
import { block, stroke } from './parts.ts';
import { near } from './zones.ts';

export const corniceSchema = z.object({ ...outlineShape, kind: z.literal('cornice') });

export const cornice: FeatureFace<z.infer<typeof corniceSchema>> = {
	kind: 'cornice',
	label: 'Cornice',
	group: 'rails',
	schema: corniceSchema,
	start: { width: 'whole wall', height: 120, at: { belowCeiling: 0 } },
	usual: {},
	before: true,
	zones: (feature) => [
		near(feature, feature, (of) => care('over-moulding', { ...of, of: 'cornice' }), true)
	],
	draw: ({ width, height }) => [
		block('mould', [0, 0, width, height], 4),
		stroke('panel', 0, height * 0.35, width, 0)
	]
};
