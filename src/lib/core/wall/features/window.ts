import { note } from './said.ts';
import { BESIDE_WINDOW_MM } from '../../base/figures/surroundings.ts';
import * as z from 'zod/mini';
import { grown } from '../../base/geometry/rect.ts';
import { outlineShape, type FeatureFace } from './types.ts';
import { block, casingOf, stroke } from './parts.ts';
import { near, uncovered } from './zones.ts';

export const windowSchema = z.object({ ...outlineShape, kind: z.literal('window') });

export const windowFace: FeatureFace<z.infer<typeof windowSchema>> = {
	kind: 'window',
	label: 'Window',
	group: 'openings',
	schema: windowSchema,
	start: { width: 1000, height: 1200, at: { aboveFloor: 900 } },
	usual: {},
	edge: 'casing',
	breaksStuds: true,
	hungOver: true,
	zones: (feature) => [
		uncovered(feature),
		near(feature, grown(feature, BESIDE_WINDOW_MM), (of) => note('near-window', of))
	],
	draw: ({ width, height }) => {
		const casing = casingOf(width);
		return [
			block('casing', [0, 0, width, height]),
			block('pane', [casing, casing, width - 2 * casing, height - 2 * casing]),
			stroke('bar', width / 2, casing, 0, height - 2 * casing),
			stroke('bar', casing, height / 2, width - 2 * casing, 0)
		];
	}
};
