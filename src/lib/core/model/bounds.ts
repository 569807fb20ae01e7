import { fail } from './said.ts';
import type { Result } from '../base/result.ts';

/** What no project file comes near: it is refused before anything else walks it. */
const MOST = {
	/** Entries of one list, or of one record. */
	entries: 50_000,
	/** Letters of one text. */
	letters: 100_000,
	/** Values in all. */
	values: 2_000_000,
	/** Records and lists in one another. */
	depth: 40
};

interface Node {
	value: object;
	path: string;
	depth: number;
}

/** Refuses parsed JSON that is larger than any project, with the path of what is. Error: `too-large`. */
export function withinBounds(file: unknown): Result<null> {
	if (typeof file !== 'object' || file === null) return ok;
	const open: Node[] = [{ value: file, path: '', depth: 0 }];
	let values = 0;
	for (let node = open.pop(); node; node = open.pop()) {
		const { path, depth } = node;
		const entries: [string | number, unknown][] = Array.isArray(node.value)
			? node.value.length > MOST.entries
				? []
				: [...node.value.entries()]
			: Object.entries(node.value);
		const count = Array.isArray(node.value) ? node.value.length : entries.length;
		if (count > MOST.entries) return tooLarge(path, `holds ${count} entries`);
		if (depth > MOST.depth) return tooLarge(path, 'is nested too deep');
		values += count;
		if (values > MOST.values) return tooLarge(path, 'makes it larger than any project is');
		for (const [key, value] of entries) {
			const at = path === '' ? `${key}` : `${path}.${key}`;
			if (typeof value === 'string' && value.length > MOST.letters)
				return tooLarge(at, `is a text of ${value.length} letters`);
			if (typeof value === 'object' && value !== null)
				open.push({ value, path: at, depth: depth + 1 });
		}
	}
	return ok;
}

const ok = { ok: true, value: null } as const;

const tooLarge = (path: string, what: string) =>
	fail('too-large', { path: path || 'its top', what }, path);
