/** Whether keys go into a field. */
export const isTyping = (target: EventTarget | null): boolean =>
	target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable]');
