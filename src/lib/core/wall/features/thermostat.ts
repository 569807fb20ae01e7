import { note } from './said.ts';
import { THERMOSTAT_AIR_MM } from '../../base/figures/surroundings.ts';
import * as z from 'zod/mini';
import { grown } from '../../base/geometry/rect.ts';
import { outlineShape, type FeatureFace } from './types.ts';
import { block, disc } from './parts.ts';
import { near, uncovered } from './zones.ts';

export const thermostatSchema = z.object({ ...outlineShape, kind: z.literal('thermostat') });

export const thermostat: FeatureFace<z.infer<typeof thermostatSchema>> = {
	kind: 'thermostat',
	label: 'Thermostat',
	group: 'fittings',
	schema: thermostatSchema,
	start: { width: 90, height: 90, at: { aboveFloor: 1450 } },
	usual: {},
	service: 'cable',
	zones: (feature) => [
		uncovered(feature),
		near(feature, grown(feature, THERMOSTAT_AIR_MM), (of) =>
			note('near-fitting', { ...of, of: 'air' })
		)
	],
	draw: ({ width, height }) => [
		block('plate', [0, 0, width, height]),
		disc('slot', width / 2, height / 2, Math.min(width, height) * 0.3)
	]
};
