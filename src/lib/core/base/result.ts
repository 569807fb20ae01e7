/** What went wrong: a stable code, a sentence for the person, and the field it belongs to. */
export interface Failure {
	code: string;
	message: string;
	path?: string;
}

/** Outcome of a fallible core function. Exceptions are kept for bugs. */
export type Result<T> = { ok: true; value: T } | { ok: false; error: Failure };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

export function fail(code: string, message: string, path?: string): { ok: false; error: Failure } {
	return { ok: false, error: path === undefined ? { code, message } : { code, message, path } };
}
