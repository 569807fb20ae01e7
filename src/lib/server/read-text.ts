import { fail } from './said.ts';
import { type Failure, ok, type Result } from '../core/index.ts';

/** Largest body the server reads, bytes. */
export const BODY_LIMIT = 2 * 1024 * 1024;

/** A body too large is read on this far and thrown away, so that the client hears why it was refused. */
const DRAIN_LIMIT = 8 * BODY_LIMIT;

/** The text of a body that says it is JSON. Errors: `not-json-type` (415), `too-large` (413). */
export async function readText(request: Request): Promise<Result<string>> {
	const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase();
	if (type !== 'application/json') return fail('not-json-type');
	const text = await textOf(request);
	return text === null ? fail('too-large', { of: 'body' }) : ok(text);
}

export const statusOf = ({ code }: Failure): number => (code === 'not-json-type' ? 415 : 413);

/** The body as text, or null once it grows past the limit. */
async function textOf(request: Request): Promise<string | null> {
	const reader = request.body?.getReader();
	if (!reader) return '';
	const chunks: Uint8Array[] = [];
	let size = 0;
	while (size <= DRAIN_LIMIT) {
		const { done, value } = await reader.read();
		if (done) return size > BODY_LIMIT ? null : new TextDecoder().decode(Buffer.concat(chunks));
		size += value.byteLength;
		if (size <= BODY_LIMIT) chunks.push(value);
	}
	await reader.cancel();
	return null;
}
