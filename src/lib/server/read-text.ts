import { fail } from './said.ts';
import { type Failure, ok, type Result } from '../core/index.ts';

/** Largest body the server reads, bytes. */
export const BODY_LIMIT = 2 * 1024 * 1024;

/** The text of a body that says it is JSON. Errors: `not-json-type` (415), `too-large` (413), `aborted` (400). */
export async function readText(request: Request): Promise<Result<string>> {
	const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase();
	if (type !== 'application/json') return fail('not-json-type');
	try {
		const text = await textOf(request);
		return text === null ? fail('too-large', { of: 'body' }) : ok(text);
	} catch {
		return fail('aborted');
	}
}

const STATUS: Partial<Record<string, number>> = { 'not-json-type': 415, 'too-large': 413 };
export const statusOf = ({ code }: Failure): number => STATUS[code] ?? 400;

/**
 * The body as text, or null where it grows past the limit. One that does is read to its end and thrown away, so that
 * the client hears why it was refused; how long that may take is the server’s to say.
 */
async function textOf(request: Request): Promise<string | null> {
	const reader = request.body?.getReader();
	if (!reader) return '';
	const chunks: Uint8Array[] = [];
	let size = 0;
	for (;;) {
		const { done, value } = await reader.read();
		if (done) return size > BODY_LIMIT ? null : new TextDecoder().decode(Buffer.concat(chunks));
		size += value.byteLength;
		if (size <= BODY_LIMIT) chunks.push(value);
		else chunks.length = 0;
	}
}
