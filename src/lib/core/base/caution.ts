/** How much a caution matters: *stop* before going on, take *care*, or a *note*. */
export type Grade = 'stop' | 'care' | 'note';

/** What could happen, what to do about it, and where it applies. */
export interface Caution {
	grade: Grade;
	code: string;
	/** What could happen. */
	message: string;
	/** What to do. */
	remedy: string;
	/** The dimension or part it belongs to. */
	path?: string;
}

export const stop = (code: string, message: string, remedy: string, path?: string): Caution =>
	caution('stop', code, message, remedy, path);
export const care = (code: string, message: string, remedy: string, path?: string): Caution =>
	caution('care', code, message, remedy, path);
export const note = (code: string, message: string, remedy: string, path?: string): Caution =>
	caution('note', code, message, remedy, path);

function caution(
	grade: Grade,
	code: string,
	message: string,
	remedy: string,
	path?: string
): Caution {
	return path === undefined
		? { grade, code, message, remedy }
		: { grade, code, message, remedy, path };
}
