import type { Attachment } from 'svelte/attachments';

/**
 * Enter in a field of a form goes on to the next one. In the last it sends the form, or only goes to its button where that
 * starts something larger.
 */
export const enterGoesOn =
	(last: 'send' | 'button'): Attachment<HTMLFormElement> =>
	(form) => {
		const go = (event: KeyboardEvent) => {
			if (event.key !== 'Enter' || event.isComposing) return;
			const fields = [
				...form.querySelectorAll<HTMLInputElement>('input[type=text], input:not([type])')
			];
			const at = fields.findIndex((field) => field === event.target);
			if (at < 0) return;
			event.preventDefault();
			event.stopPropagation();
			const next = fields[at + 1];
			if (next) next.focus();
			else if (last === 'send') form.requestSubmit();
			else form.querySelector<HTMLButtonElement>('button[type=submit]')?.focus();
		};
		form.addEventListener('keydown', go, { capture: true });
		return () => form.removeEventListener('keydown', go, { capture: true });
	};
