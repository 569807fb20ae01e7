/** Sheets cut from a roll whose least length is known, against two general-purpose rectangle packers in the same run. */
import * as maxrects from 'maxrects-packer';
import * as guillotine from 'guillotine-packer';
import { cutPlan, seeded, type CutSheet } from '../src/lib/core/index.ts';

const { MaxRectsPacker } =
	'MaxRectsPacker' in maxrects
		? maxrects
		: (maxrects as { default: typeof import('maxrects-packer') }).default;
const ROLL = 900;

/** One strip cut right across again and again: nothing is wasted, so its length is the least there is. */
function cutUp(count: number, length: number, seed: number): CutSheet[] {
	const draw = seeded(seed);
	const parts = [{ width: ROLL, height: length }];
	while (parts.length < count) {
		parts.sort((a, b) => b.width * b.height - a.width * a.height);
		const part = parts.shift()!;
		const share = 0.3 + 0.4 * draw();
		const [along, across] = part.width > part.height ? ['width', 'height'] : ['height', 'width'];
		const cut = Math.round(part[along as 'width'] * share);
		for (const size of [cut, part[along as 'width'] - cut])
			parts.push({ [along!]: size, [across!]: part[across as 'width'] } as typeof part);
	}
	return parts.map((part, index) => ({ id: String(index), ...part }));
}

function packed(sheets: readonly CutSheet[]): number {
	const packer = new MaxRectsPacker(ROLL, 1e6, 0, {
		...{ smart: false, pot: false, square: false, allowRotation: true }
	});
	packer.addArray(sheets.map(({ width, height }) => ({ width, height })) as never[]);
	return Math.max(...packer.bins[0]!.rects.map(({ y, height }) => y + height));
}

/** The shortest roll, in steps of 1 %, that the best of all its strategies gets everything on. */
function guillotined(sheets: readonly CutSheet[], least: number): number {
	const items = sheets.map(({ id, width, height }) => ({ name: id, width, height }));
	for (let binHeight = least; ; binHeight += least / 100) {
		const bins = guillotine.packer({ binWidth: ROLL, binHeight, items }, { allowRotation: true });
		if (bins?.length === 1) return Math.max(...bins[0]!.map(({ y, height }) => y + height));
	}
}

const cases = [10, 20, 30, 40, 50].flatMap((count) =>
	[1, 2].map((seed) => ({ count, length: 1000 + count * 90, seed }))
);
const ours: number[] = [];
const theirs: number[] = [];
const others: number[] = [];
let longest = 0;
for (const { count, length, seed } of cases) {
	const sheets = cutUp(count, length, seed);
	const start = performance.now();
	const plan = cutPlan({ sheets, rollWidth: ROLL, trim: 0, rotate: true });
	longest = Math.max(longest, performance.now() - start);
	if (!plan.ok) throw new Error(plan.error.message);
	ours.push(plan.value.length / length);
	theirs.push(packed(sheets) / length);
	others.push(guillotined(sheets, length) / length);
}
const mean = (values: number[]) => values.reduce((a, b) => a + b) / values.length;
console.log(
	`cutting ${cases.length} rolls of known least length: mean ${mean(ours).toFixed(4)} of it (at most 1.05), longest search ${longest.toFixed(0)} ms (under 1000); ` +
		`two general-purpose packers ${mean(theirs).toFixed(4)} and ${mean(others).toFixed(4)}, never longer than either: ` +
		`${ours.every((each, index) => each <= Math.min(theirs[index]!, others[index]!) + 1e-9)}`
);
