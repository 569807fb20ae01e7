import * as z from 'zod/mini';
import { outlineShape, yesNo, type FeatureFace } from './face.ts';
import { block, stroke } from './parts.ts';
import { grown, near, uncovered } from './zones.ts';

export const socketSchema = z.object({
	...outlineShape,
	kind: z.literal('socket'),
	later: z.boolean().check(z.describe('added after the wall was built: no sign of a stud'))
});

/** Room for a hand and a plug, mm. From memory. */
const HAND = 50;

export const socket: FeatureFace<z.infer<typeof socketSchema>> = {
	kind: 'socket',
	label: 'Socket',
	group: 'fittings',
	schema: socketSchema,
	start: { width: 75, height: 115, at: { aboveFloor: 300 } },
	usual: { later: false },
	box: ({ later }) => !later,
	service: 'cable',
	zones: (feature) => [
		uncovered(feature, 'Keep sockets in reach; a plug left behind a picture gets warm.'),
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
		...[0.3, 0.62].flatMap((up) =>
			[0.35, 0.65].map((across) =>
				stroke('slot', width * across, height * (1 - up), 0, -height * 0.12)
			)
		)
	]
};
