import { lengthToken } from '../tokens.ts';

/** Of a hole that may meet what runs in the wall. */
const overRun = ({
	letter,
	point,
	what,
	source
}: {
	letter: string;
	point: string | null;
	what: string;
	source: string;
}) => ({
	message: `${letter}’s ${point ?? 'hole'} may meet ${what} (${source}).`,
	remedy:
		'Move it, or trace the run with a detector and turn the power or water off before drilling. If in doubt ask a licensed electrician or plumber; local rules win.'
});

/** Where water is, from a wall. */
export const WET = {
	behind: 'behind this wall',
	above: 'above it',
	below: 'below it',
	here: 'in this room',
	outside: 'outdoors behind it'
};

/** Cautions: what could happen, and what to do. */
export const CAUTIONS = {
	'over-cable': overRun,
	'over-duct': overRun,
	'over-pipe': overRun,
	bright: ({ round, paper }: { round: number; paper: number }) => ({
		message: `${round} lux falls on this wall: works on paper bear at most ${paper} (CIE 157:2004).`,
		remedy: 'Hang oils and mirrors here, or lower the light.'
	}),
	'feature-outside': ({ name }: { name: string }) => ({
		message: `The ${name} reaches beyond the wall.`,
		remedy: 'Check its place and size, and the size of the wall.'
	}),
	'features-overlap': ({ name, other }: { name: string; other: string }) => ({
		message: `The ${name} and the ${other} overlap.`,
		remedy: 'Two things cannot be in one place: check where each begins and ends.'
	}),
	'height-disagrees': ({ line, height }: { line: number; height: number }) => ({
		message: `At the left end the line and the reading make ${lengthToken(line)}, the wall’s height is ${lengthToken(height)}.`,
		remedy: 'Measure the height again, or the reading up to the ceiling.'
	}),
	'line-disagrees': ({ line, down }: { line: number; down: number }) => ({
		message: `At the left end the line is ${lengthToken(line)} above the floor, but the reading there says ${lengthToken(down)}.`,
		remedy: 'They are the same measure: correct one of them.'
	}),
	'reading-outside': () => ({
		message: 'A level reading lies beyond the wall.',
		remedy: 'Check its place.'
	}),
	'stairs-outside': () => ({
		message: 'The stairs begin beyond the wall.',
		remedy: 'Measure from the wall’s left end to the face of the first riser.'
	}),
	'stud-depth': ({ deepest }: { deepest: number }) => ({
		message: 'Cables may run through the middle of a stud.',
		remedy: `Find out where they run before a screw goes deeper than ${lengthToken(deepest)}: in the middle of the stud they lie no nearer to its face as a rule (NEC 300.4(D)). Local rules win.`
	}),
	'very-bright': ({ round, paper, canvas }: { round: number; paper: number; canvas: number }) => ({
		message: `${round} lux falls on this wall: paper bears at most ${paper}, oils ${canvas} (CIE 157:2004).`,
		remedy: 'Shade it, film the window, or hang only what does not fade.'
	}),
	'wet-room': ({ sides }: { sides: readonly (keyof typeof WET)[] }) => ({
		message: `Pipes are likely in this wall: a kitchen, bath or heating is ${sides.map((side) => WET[side]).join(' and ')}.`,
		remedy:
			'Find them with a detector before drilling, know where the water is turned off, and hang nothing that damp would harm. Ask a licensed plumber if in doubt.'
	})
};

/** What is likely to run through a stretch of wall. */
export const RUNS = {
	'beside-corner': ({ within, side }: { within: number; side: 'left' | 'right' }) =>
		`a cable within ${lengthToken(within)} of the ${side} corner`,
	'beneath-ceiling': ({ within }: { within: number }) =>
		`a cable within ${lengthToken(within)} of the ceiling`,
	level: ({ of, name }: { of: string; name: string }) => `a ${of} level with the ${name}`,
	down: ({ of, name }: { of: string; name: string }) => `a ${of} down from the ${name}`,
	plumb: ({ of, name }: { of: string; name: string }) =>
		`a ${of} straight up or down from the ${name}`,
	'met-plumb': ({ of }: { of: string }) => `the ${of} that was met here, straight up or down`,
	'met-aside': ({ of }: { of: string }) => `the ${of} that was met here, should it turn aside`
};
