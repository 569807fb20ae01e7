/** A sentence for what went wrong with the browser's storage. */
export function storageTrouble(error: unknown): string {
	const name = error instanceof Error ? `${error.name} ${error.message}` : String(error);
	if (/quota/i.test(name))
		return 'This browser’s storage is full. Nothing more is kept: export the project now, then free some space.';
	if (!/Security|InvalidState|NotAllowed|MissingAPI|DatabaseClosed|OpenFailed/.test(name))
		return `The browser’s storage failed (${name}). Export the project before you close the page.`;
	return 'This browser does not let us keep projects (a private window, or storage is blocked). Export the project before you close the page.';
}
