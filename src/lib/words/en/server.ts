import { either } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	aborted: () => 'The body did not arrive whole.',
	busy: () => 'Too many requests are being worked out. Try again in a few seconds.',
	failed: () => 'The server failed to work this out.',
	'not-json': () => 'The body is not JSON.',
	'not-json-type': () => 'Send the project as application/json.',
	'not-valid': ({ path, fault }: { path: string; fault: string }) =>
		`What was sent is wrong at ${path || 'its top'}: ${fault}.`,
	'too-large': either({
		body: () => 'The body is larger than 2 MB.',
		memory: () => 'This takes more memory than a request may. Send less.'
	}),
	'too-long': ({ patience }: { patience: number }) =>
		`This takes longer than ${patience} s to work out, and was stopped. Send less at a time.`
};
