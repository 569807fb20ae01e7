import type { Slot } from './journal.ts';

/** Each window has a slot of its own for each project. */
const keyOf = (projectId: string, windowId: string): string => `journal/${projectId}/${windowId}`;

/** A slot in this browser; where it keeps nothing, every write says so. */
export function slotFor(projectId: string, windowId: string): Slot {
	const key = keyOf(projectId, windowId);
	return {
		read: () => preview(() => localStorage.getItem(key)),
		write: (text) => preview(() => (localStorage.setItem(key, text), true)) ?? false,
		clear: () => void preview(() => (localStorage.removeItem(key), null))
	};
}

/** Slots of every window that left something of a project. */
export function slotsOf(projectId: string): Slot[] {
	const start = keyOf(projectId, '');
	const keys = preview(() => Object.keys(localStorage)) ?? [];
	return keys
		.filter((key) => key.startsWith(start))
		.map((key) => slotFor(projectId, key.slice(start.length)));
}

/** Null where the browser does not let us. */
function preview<T>(act: () => T): T | null {
	try {
		return act();
	} catch {
		return null;
	}
}
