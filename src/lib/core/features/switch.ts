import * as z from 'zod/mini';
import { outlineShape, yesNo, type FeatureFace } from './face.ts';
import { block } from './parts.ts';
import { grown, near, uncovered } from './zones.ts';

export const switchFaceSchema = z.object({
	...outlineShape,
	kind: z.literal('switch'),
	later: z.boolean().check(z.describe('added after the wall was built: no sign of a stud'))
});

/** Room for a hand and a plug, mm. From memory. */
const HAND = 50;

export const switchFace: FeatureFace<z.infer<typeof switchFaceSchema>> = {
	kind: 'switch',
	label: 'Switch',
	group: 'fittings',
	schema: switchFaceSchema,
	start: { width: 75, height: 115, at: { aboveFloor: 1200 } },
	usual: { later: false },
	box: ({ later }) => !later,
	service: 'cable',
	zones: (feature) => [
		uncovered(feature, 'Keep switches in reach.'),
		near(feature, grown(feature, { left: HAND, right: HAND, above: HAND, below: HAND }), {
			grade: 'note',
			code: 'near-fitting',
			message: 'comes within a hand of the %.',
			remedy: 'Leave room to reach it.'
		})
	],
	choices: ({ later }) => [yesNo('later', 'Added after the wall was built', later)],
	choose: (feature, _, answer) => ({ ...feature, later: answer === 'yes' }),
	draw: ({ width, height }) => [
		block('plate', [0, 0, width, height]),
		block('slot', [width * 0.35, height * 0.3, width * 0.3, height * 0.4])
	]
};
