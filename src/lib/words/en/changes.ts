import { counted } from '../counted.ts';

/** Up to so many letters are named; more are counted. */
const FEW = 6;

const pieces = (letters: readonly string[]): string =>
	letters.length <= FEW ? letters.join(', ') : counted(letters.length, 'piece');
const is = (letters: readonly string[]): string => (letters.length === 1 ? 'is' : 'are');

/** What differs between two states of a project, for its earlier versions. */
export const CHANGES = {
	renamed: ({ name }: { name: string }) => `Named ${name}.`,
	added: ({ letters }: { letters: readonly string[] }) => `Added: ${pieces(letters)}.`,
	removed: ({ letters }: { letters: readonly string[] }) => `Removed: ${pieces(letters)}.`,
	measured: ({ letters }: { letters: readonly string[] }) =>
		`Measured or changed: ${pieces(letters)}.`,
	wallAdded: ({ name }: { name: string }) => `New wall: ${name}.`,
	wallRemoved: ({ name }: { name: string }) => `Wall removed: ${name}.`,
	surveyed: ({ name }: { name: string }) => `${name}: surveyed.`,
	arranged: ({ name, letters }: { name: string; letters: readonly string[] }) =>
		letters.length === 0
			? `${name}: arranged.`
			: `${name}: ${pieces(letters)} ${is(letters)} placed otherwise.`,
	fixed: ({ name, letters }: { name: string; letters: readonly string[] }) =>
		`${name}: ways to fix chosen for ${pieces(letters)}.`,
	day: ({ events }: { events: number }) => `At the wall: ${counted(events, 'entry', 'entries')}.`,
	rules: () => 'House rules or own hooks changed.',
	other: () => 'Small things changed.',
	nothing: () => 'Nothing changed.'
};
