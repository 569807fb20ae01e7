import { lengthToken } from '../tokens.ts';

/** A step of the run sheet: its title, and how it is done. */
type Told = [title: string, says: string[]];

/** Steps of the day, in their order. */
export const RUN_SHEET = {
	mark: ({ letter, name }: { letter: string; name: string }) => `${letter} · ${name}`,
	set: ({ letter, name, hook }: { letter: string; name: string; hook: string }) =>
		`${letter} · ${name}: ${hook.toLowerCase()}`,
	holdWhatHangs: () =>
		'Hammering shakes the wall: lift down what hangs beside it, or have it held.',
	room: (): Told => [
		'Clear the room',
		[
			'Cover the floor, move what stands before the wall, and see that doors that open onto it stay shut.',
			'Lay a blanket where the pieces wait: face to face, never leaning on glass.'
		]
	],
	cannotBeHung: ({ letter }: { letter: string }) => `${letter} cannot be hung yet`,
	putItRight: () =>
		'Put it right on its back in the Rack. Until then nothing of it is marked, set or hung.',
	notMeasured: ({ letter }: { letter: string }) =>
		`${letter}: its back was not measured; do that first, its marks rest on guesses.`,
	backs: ({ jobs }: { jobs: readonly string[] }): Told => [
		'Look over the backs',
		[
			...(jobs.length > 0 ? jobs : ['No repair is waiting.']),
			'Pull on every ring and wire, and put bumpers on the lower corners.'
		]
	],
	tools: () => 'Lay out tools and fixings',
	levelLine: () => 'Draw the level line',
	tape: (): Told => [
		'Lay painter’s tape where the marks go',
		[
			'Marks go on tape, not on the paint; press it down and do not stretch it.',
			'Paper templates go up now, if you cut them: their tops level, each by its letter.',
			'Hook the tape where the marks say, and leave it there until all of them are on.'
		]
	],
	hang: ({ letter, name }: { letter: string; name: string }) => `Hang ${letter}, ${name}`,
	level: ({ letter }: { letter: string }) => `Level ${letter}`,
	howToLevel: ({ byEye }: { byEye: boolean }) =>
		byEye
			? 'A rim has no straight edge: turn it until what it shows stands upright, beside a plumb line through its middle.'
			: 'Lay the level on its top edge and read which end is high.',
	steady: ({ letter }: { letter: string }) => `Steady ${letter}`,
	fill: () => 'Fill the holes that stay in sight',
	hole: ({ name, x, y }: { name: string; x: number; y: number }) =>
		`${name}, ${lengthToken(x)} from the left corner, ${lengthToken(y)} up from the floor’s left end.`,
	cleanUp: (): Told => [
		'Clean up',
		[
			'Take the tape off slowly, back on itself; wipe pencil and dust from the wall.',
			'Wipe glass with a cloth, not with a spray. Count the tools.'
		]
	],
	photo: (): Told => [
		'Step back and take a photo',
		[
			'From where people stand: look for what is level but looks crooked beside a ceiling or a door.',
			'A photo of the whole wall belongs to the record.'
		]
	],
	tell: () => 'Tell those who live with it'
};
