import { note } from './said.ts';
import * as z from 'zod/mini';
import { kilograms } from '../../base/schemas/sizes.ts';
import { outlineShape, yesNo, type FeatureFace } from './types.ts';
import { disc } from './parts.ts';

export const oldFixingSchema = z.object({
	...outlineShape,
	kind: z.literal('old-fixing'),
	of: z.enum(['nail', 'screw', 'anchor', 'hole']).check(z.describe('what was left in the wall')),
	reusable: z.boolean().check(z.describe('sound enough to hang on again')),
	held: z.optional(
		z.nullable(kilograms).check(z.describe('kg it has carried safely; null when nobody knows'))
	)
});
type OldFixing = z.infer<typeof oldFixingSchema>;

const NAMES = { nail: 'nail', screw: 'screw', anchor: 'anchor', hole: 'hole' };

export const oldFixing: FeatureFace<OldFixing> = {
	kind: 'old-fixing',
	label: 'Old nail or anchor',
	group: 'left behind',
	schema: oldFixingSchema,
	start: { width: 8, height: 8, at: { aboveFloor: 1500 } },
	usual: { of: 'nail', reusable: false },
	before: true,
	zones: ({ x, y, width, height, of, reusable }) =>
		of === 'hole' || reusable
			? []
			: [
					{
						rect: { x, y, width, height },
						keepOut: false,
						caution: (letter) => note('over-old-fixing', { letter, name: NAMES[of] })
					}
				],
	choices: ({ of, reusable }) => [
		{
			key: 'of',
			label: 'What was left',
			answer: of,
			answers: (['nail', 'screw', 'anchor', 'hole'] as const).map((each) => ({
				answer: each,
				label: NAMES[each]
			}))
		},
		...(of === 'hole' ? [] : [yesNo('reusable', 'Sound enough to hang on again', reusable)])
	],
	sticksOut: ({ of }) => of !== 'hole',
	mass: {
		label: 'It has held',
		help: 'The weight that hung on it safely, if you know',
		of: ({ reusable, held }) => (reusable ? (held ?? null) : undefined),
		set: (feature, held) => ({ ...feature, held })
	},
	left: ({ id, x, y, width, height, of, reusable, held }) =>
		reusable && of !== 'hole'
			? { id, of, at: { x: x + width / 2, y: y + height / 2 }, held: held ?? null }
			: null,
	choose: (feature, key, answer) =>
		key === 'of'
			? {
					...feature,
					of: answer as OldFixing['of'],
					reusable: answer !== 'hole' && feature.reusable
				}
			: { ...feature, reusable: answer === 'yes' },
	draw: ({ width, height, of }) => [
		disc(of === 'hole' ? 'dark' : 'metal', width / 2, height / 2, Math.max(width, height) / 2, 3)
	]
};
