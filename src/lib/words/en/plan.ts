import { lengthToken } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'failed-here': ({ within }: { within: number }) =>
		`A hole failed here, or within ${lengthToken(within)} of it.`,
	'no-such-wall': () => 'This project has no such wall.',
	'not-checked': () => 'What it carries does not follow from the back as entered.'
};

/** Cautions: what could happen, and what to do. */
export const CAUTIONS = {
	'above-rail': () => ({
		message: 'It would hang above the picture rail.',
		remedy: 'Place it lower, or hang it another way.'
	}),
	'fix-outdated': ({ letter }: { letter: string }) => ({
		message: `${letter} was moved, or its back changed, since its fixing was chosen.`,
		remedy: 'Choose it again in Fix. Until then it is marked for the hook of its back.'
	}),
	'hangs-elsewhere': ({ letter, there }: { letter: string; there: string }) => ({
		message: `${letter} hangs on ${there}, and is planned here too.`,
		remedy: `Take it down from ${there} first.`
	}),
	'hole-shows': ({ letter, name, above }: { letter: string; name: string; above: number }) => ({
		message: `${letter}’s ${name} would show: its hole lies ${lengthToken(above)} above the top edge.`,
		remedy: 'Take a hook whose nail is nearer to its bottom, slacken the wire, or lower the rings.'
	}),
	'no-rail': () => ({
		message: 'This wall has no picture rail yet, so the length of the cords is not known.',
		remedy: 'Enter the height of the rail’s top in Survey, or hang it another way.'
	}),
	'off-wall': ({ letter }: { letter: string }) => ({
		message: `${letter} reaches beyond the wall.`,
		remedy: 'Move it back onto the wall.'
	}),
	'pieces-overlap': ({ letter, other }: { letter: string; other: string }) => ({
		message: `${letter} and ${other} overlap.`,
		remedy: 'Move one of them apart.'
	})
};
