/** A stretch of the skyline: the free top of what is packed. */
interface Step {
	x: number;
	y: number;
	width: number;
}

export interface Strip {
	x: Float64Array;
	y: Float64Array;
	height: number;
}

/**
 * Packs rectangles into a strip from the bottom: always into the lowest stretch of the skyline, the piece that fills
 * its width best; a stretch that none fits is raised to its lower neighbour.
 * Source: Burke, Kendall and Whitwell’s best fit, 2004 (from memory).
 */
export function packStrip(
	width: number,
	widths: readonly number[],
	heights: readonly number[]
): Strip | null {
	if (widths.some((each) => each > width + 1e-9)) return null;
	const x = new Float64Array(widths.length);
	const y = new Float64Array(widths.length);
	const left = new Set(widths.keys());
	let skyline: Step[] = [{ x: 0, y: 0, width }];
	let height = 0;
	while (left.size > 0) {
		const at = skyline.reduce((low, step, index) => (step.y < skyline[low]!.y ? index : low), 0);
		const step = skyline[at]!;
		let best = -1;
		for (const item of left) {
			if (widths[item]! > step.width + 1e-9) continue;
			if (best < 0 || fitsBetter(item, best, widths, heights)) best = item;
		}
		if (best < 0) {
			skyline = raised(skyline, at);
			continue;
		}
		left.delete(best);
		x[best] = step.x;
		y[best] = step.y;
		height = Math.max(height, step.y + heights[best]!);
		skyline = filled(skyline, at, widths[best]!, heights[best]!);
	}
	return { x, y, height };
}

const fitsBetter = (
	a: number,
	b: number,
	widths: readonly number[],
	heights: readonly number[]
): boolean => widths[a]! > widths[b]! || (widths[a]! === widths[b]! && heights[a]! > heights[b]!);

function filled(skyline: Step[], at: number, width: number, height: number): Step[] {
	const step = skyline[at]!;
	const rest = { x: step.x + width, y: step.y, width: step.width - width };
	return merged([
		...skyline.slice(0, at),
		{ x: step.x, y: step.y + height, width },
		...(rest.width > 1e-9 ? [rest] : []),
		...skyline.slice(at + 1)
	]);
}

function raised(skyline: Step[], at: number): Step[] {
	const beside = [skyline[at - 1], skyline[at + 1]].flatMap((step) => (step ? [step.y] : []));
	return merged(skyline.with(at, { ...skyline[at]!, y: Math.min(...beside) }));
}

/** Neighbours of one height are one stretch. */
function merged(skyline: Step[]): Step[] {
	const joined: Step[] = [];
	for (const step of skyline) {
		const last = joined.at(-1);
		if (last && Math.abs(last.y - step.y) < 1e-9) last.width += step.width;
		else joined.push({ ...step });
	}
	return joined;
}
