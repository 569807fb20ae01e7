/** Things side by side in lines no wider than `room`, in their order; one that is wider has a line of its own. */
export function linesOf<T>(
	things: readonly T[],
	wide: (thing: T) => number,
	gap: number,
	room: number
): T[][] {
	const lines: T[][] = [];
	let taken = 0;
	for (const thing of things) {
		const line = lines.at(-1);
		const next = taken + gap + wide(thing);
		if (line && next <= room) {
			line.push(thing);
			taken = next;
		} else {
			lines.push([thing]);
			taken = wide(thing);
		}
	}
	return lines;
}
