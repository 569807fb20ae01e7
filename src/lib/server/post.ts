import { refused, type Answer, type Said } from './answers.ts';
import { readText, statusOf } from './read-text.ts';
import { workedOut } from './threads.ts';

/** Answers a posted body by what the server works out. */
export const posted =
	(answer: Answer) =>
	async ({ request }: { request: Request }): Promise<Response> => {
		const text = await readText(request);
		return responseOf(
			text.ok ? await workedOut(answer, text.value) : refused(statusOf(text.error), text.error)
		);
	};

/** Seconds after which a busy server is asked again. */
const AGAIN = '5';

const responseOf = ({ status, body }: Said): Response =>
	new Response(body, {
		status,
		headers: {
			'content-type': 'application/json',
			...(status === 503 ? { 'retry-after': AGAIN } : {})
		}
	});
