/** Hands a text, or the bytes of a file, to the browser to be saved under a name. */
export function download(name: string, content: string | Blob, type: string): void {
	const url = URL.createObjectURL(new Blob([content], { type }));
	const link = document.createElement('a');
	link.href = url;
	link.download = name;
	link.click();
	setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
