import type { Template } from './template.ts';

/** Alike templates once: the first of them, which tells the letters of the others that it serves. */
export function oncePerAlike(templates: readonly Template[]): Template[] {
	const found = new Map<string, Template>();
	for (const template of templates) {
		const key = JSON.stringify({ ...template, letter: '', name: '' });
		const first = found.get(key);
		found.set(key, first ? { ...first, also: [...(first.also ?? []), template.letter] } : template);
	}
	return [...found.values()];
}
