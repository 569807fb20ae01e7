/** What every answer is held to: it comes, in time and in little memory, and every figure in it is one. */
const SLOW_MS = 2_000;
const MOST_BYTES = 200 * 1024 * 1024;

export interface Fault {
	what: string;
	/** The seed that does it again. */
	seed: number;
	why: string;
}

/** Runs an act and says what was wrong with it; null for nothing. */
export async function held(act: () => unknown): Promise<string | null> {
	const before = process.memoryUsage().heapUsed;
	const start = process.cpuUsage();
	let answer: unknown;
	try {
		answer = await act();
	} catch (error) {
		return `throws: ${error instanceof Error ? (error.stack ?? error.message).split('\n').slice(0, 3).join(' | ') : String(error)}`;
	}
	// Of the processor: what else the machine does is not counted.
	const took = process.cpuUsage(start).user / 1000;
	if (took > SLOW_MS) return `takes ${Math.round(took)} ms`;
	const grew = process.memoryUsage().heapUsed - before;
	if (grew > MOST_BYTES) return `takes ${Math.round(grew / 1024 / 1024)} MB`;
	const odd = notANumber(answer, '', new Set());
	return odd === null ? null : `${odd} is no number`;
}

/** Path of the first figure that is NaN or infinite; null for none. A bound of no bound is `Infinity` by name. */
function notANumber(value: unknown, path: string, seen: Set<object>): string | null {
	if (typeof value === 'number') return Number.isFinite(value) ? null : path;
	if (typeof value === 'string') return /\b(?:NaN|Infinity|undefined)\b/.test(value) ? path : null;
	if (typeof value !== 'object' || value === null || seen.has(value)) return null;
	seen.add(value);
	const entries = value instanceof Map ? [...value] : Object.entries(value);
	for (const [key, below] of entries) {
		if (typeof below === 'function') continue;
		const odd = notANumber(below, `${path}.${String(key)}`, seen);
		if (odd !== null) return odd;
	}
	return null;
}
