import { care } from './said.ts';
import * as z from 'zod/mini';
import type { Rect } from '../../base/geometry/rect.ts';
import { outlineShape, type FeatureFace, type Zone } from './types.ts';
import { block, casingOf, disc } from './parts.ts';
import { near, uncovered } from './zones.ts';

export const doorSchema = z.object({
	...outlineShape,
	kind: z.literal('door'),
	opens: z
		.enum(['away', 'left', 'right'])
		.check(z.describe('out of the room, or into it with the hinges on its left or right'))
});
type Door = z.infer<typeof doorSchema>;

export const door: FeatureFace<Door> = {
	kind: 'door',
	label: 'Door',
	group: 'openings',
	schema: doorSchema,
	start: { width: 900, height: 2100, at: { aboveFloor: 0 } },
	usual: { opens: 'away' },
	edge: 'casing',
	breaksStuds: true,
	hungOver: true,
	zones: (feature) => [uncovered(feature), ...(feature.opens === 'away' ? [] : [swing(feature)])],
	choices: ({ opens }) => [
		{
			key: 'opens',
			label: 'It opens',
			answer: opens,
			answers: [
				{ answer: 'away', label: 'out of the room' },
				{ answer: 'left', label: 'in, hinges left' },
				{ answer: 'right', label: 'in, hinges right' }
			]
		}
	],
	choose: (feature, _, answer) => ({ ...feature, opens: answer as Door['opens'] }),
	draw: ({ width, height, opens }) => {
		const casing = casingOf(width);
		const [leaf, tall] = [width - 2 * casing, height - casing];
		const panel = (from: number) =>
			block('panel', [casing + leaf * 0.15, tall * from, leaf * 0.7, tall * 0.36]);
		return [
			block('casing', [0, 0, width, height]),
			block('leaf', [casing, 0, leaf, tall]),
			panel(0.54),
			panel(0.11),
			disc('brass', casing + leaf * (opens === 'right' ? 0.1 : 0.9), tall * 0.5, 25, 3)
		];
	}
};

/** Where the open leaf comes to lie against the wall, beyond the hinges. */
function swing(feature: Door): Zone {
	const leaf = feature.width - 2 * casingOf(feature.width);
	const rect: Rect = {
		x: feature.opens === 'left' ? feature.x - leaf : feature.x + feature.width,
		y: feature.y,
		width: leaf,
		height: feature.height
	};
	return near(feature, rect, (of) => care('door-swing', of));
}
