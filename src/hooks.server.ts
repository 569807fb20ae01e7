import type { HandleServerError } from '@sveltejs/kit';

/** The cause stays in the server’s log; what is answered says nothing of how the server is made. */
export const handleError: HandleServerError = ({ error, status, message, event }) => {
	if (status === 404) console.error(`404 ${event.request.method} ${event.url.pathname}`);
	else console.error(error);
	return { message };
};
