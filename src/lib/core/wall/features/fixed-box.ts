import { note } from './said.ts';
import { HAND_ROOM_MM } from '../../base/figures/surroundings.ts';
import * as z from 'zod/mini';
import { grown } from '../../base/geometry/rect.ts';
import { outlineShape, yesNo, type AnyFeature, type FeatureFace, type Zone } from './types.ts';
import { near, uncovered } from './zones.ts';

/** What a box in the wall is measured by, besides its kind. */
export const boxShape = {
	...outlineShape,
	later: z.boolean().check(z.describe('added after the wall was built: no sign of a stud'))
};
export interface Box extends AnyFeature {
	kind: 'socket' | 'switch';
	later: boolean;
}

/** What sockets and switches have in common: a box fixed to the side of a stud, with a cable, in reach of a hand. */
export const fixedBox = {
	group: 'fittings',
	usual: { later: false },
	service: 'cable',
	box: ({ later }: Box): boolean => !later,
	choices: ({ later }: Box) => [yesNo('later', 'Added after the wall was built', later)],
	choose: <B extends Box>(feature: B, _: string, answer: string): B => ({
		...feature,
		later: answer === 'yes'
	})
} as const satisfies Partial<FeatureFace<Box>>;

/** A box stays uncovered, and a hand’s breadth round it free. */
export const handZones = (feature: Box): Zone[] => [
	uncovered(feature),
	near(feature, grown(feature, HAND_ROOM_MM), (of) => note('near-fitting', { ...of, of: 'hand' }))
];
