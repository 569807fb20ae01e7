import { counted } from '../counted.ts';

/** What is told aloud of an act whose outcome is only seen. */
export const ANNOUNCED = {
	undone: ({ label }: { label: string }) => `Undone: ${label}.`,
	redone: ({ label }: { label: string }) => `Done again: ${label}.`,
	found: ({ count }: { count: number }) => `${counted(count, 'arrangement')} to choose from.`
};
