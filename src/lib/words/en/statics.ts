import { either } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'hooks-one-side': () =>
		'Both hooks lie on one side of the middle: the wire lifts off the far one. Put one on each side.',
	'hooks-wider-than-rings': either({
		hooks: () =>
			'The hooks are as far apart as the rings or further; the wire cannot reach over them. Bring the hooks closer.',
		fingers: () =>
			'The fingers are as far apart as the rings or further; pull the wire between the rings.',
		'at-ring': () => 'A hook lies at a ring or beyond it; the wire cannot reach over it.',
		'one-hook': () => 'The hook lies at a ring or beyond it.'
	}),
	'no-screws': () => 'A cleat needs screws.',
	'one-screw-off-mass': () =>
		'One screw cannot hold a piece whose centre of mass is not under it: the cleat would turn.',
	'wire-shorter-than-span': either({
		rings: () =>
			'The wire is no longer than the distance between the rings, so it cannot rise to a hook. Measure both again.',
		pull: () =>
			'The pulled wire is not above the rings, so it has no slack. Read the drop again, from the top edge.',
		uneven: () => 'The wire is too short to rise above the higher ring.',
		short: () => 'The wire is no longer than the distance between the rings.'
	})
};
