export const SCORE_PARTS = [
	'balance',
	'gaps',
	'outline',
	'shape',
	'strong',
	'spread',
	'colours',
	'orientation',
	'height',
	'alignment',
	'studs'
] as const;
export type ScorePart = (typeof SCORE_PARTS)[number];

/** What each part asks, for the person who reads it. */
export const SCORE_WORDS: Record<ScorePart, { label: string; asks: string }> = {
	balance: {
		label: 'balance',
		asks: 'the pieces weigh the same to the eye on both sides of the axis; dark weighs more'
	},
	gaps: { label: 'gaps', asks: 'gaps between neighbours are the gap you chose' },
	outline: { label: 'outline', asks: 'the outline is filled and not ragged' },
	shape: {
		label: 'shape',
		asks: 'the whole is as wide for its height as suits the wall, or what is below it'
	},
	strong: {
		label: 'large works',
		asks: 'the largest are near the middle, at the height of the eyes'
	},
	spread: { label: 'large and small', asks: 'large and small are mixed' },
	colours: {
		label: 'colours',
		asks: 'light and dark, warm and cool are mixed'
	},
	orientation: {
		label: 'upright and wide',
		asks: 'upright and wide pieces are mixed'
	},
	height: { label: 'height', asks: 'the middle of the group is at the height you chose' },
	alignment: { label: 'clean lines', asks: 'no edges are almost in line but not quite' },
	studs: { label: 'studs', asks: 'the hooks of heavy pieces meet studs' }
};
