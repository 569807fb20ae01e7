import type { HandleClientError } from '@sveltejs/kit';
import * as z from 'zod/mini';

/** The content policy forbids generated code, so Zod need not try it. */
z.config({ jitless: true });

/** The cause stays in the console; the page says what a person can do. */
export const handleError: HandleClientError = ({ error, message }) => {
	console.error(error);
	return { message };
};
