import { care } from './said.ts';
import * as z from 'zod/mini';
import { outlineShape, type FeatureFace } from './types.ts';
import { block } from './parts.ts';
import { near } from './zones.ts';

export const wainscotSchema = z.object({ ...outlineShape, kind: z.literal('wainscot') });

export const wainscot: FeatureFace<z.infer<typeof wainscotSchema>> = {
	kind: 'wainscot',
	label: 'Wainscot',
	group: 'rails',
	schema: wainscotSchema,
	start: { width: 'whole wall', height: 900, at: { aboveFloor: 0 } },
	usual: {},
	before: true,
	hungOver: true,
	zones: (feature) => [
		near(feature, feature, (of) => care('over-moulding', { ...of, of: 'wainscot' }), true)
	],
	draw: ({ width, height }) => [
		block('mould', [0, 0, width, height]),
		...Array.from({ length: Math.max(Math.floor(width / 500), 1) }, (_, index) => {
			const each = width / Math.max(Math.floor(width / 500), 1);
			return block('panel', [each * (index + 0.12), height * 0.16, each * 0.76, height * 0.66]);
		}),
		block('mould', [0, height - 45, width, 45], 4)
	]
};
