type Draw = () => number;

const one = <T>(list: readonly T[], draw: Draw): T => list[Math.floor(draw() * list.length)]!;

/** What a stranger’s file may hold in the place of anything. */
const ODD: readonly unknown[] = [
	...[null, true, false, 0, -0, 1, -1, 1e9, -1e9, 1e308, -1e308, 5e-324, 0.1],
	...['', ' ', '0', 'nan', '__proto__', 'constructor', 'toString', '=1+1', '<b>', '\u0000', '🖼'],
	...['x'.repeat(5000), [], {}, [null], [[]], { __proto__: null }, { length: 3 }]
];
const KEYS = ['__proto__', 'constructor', 'id', 'kind', 'x', 'length', 'toJSON', ''];

/** One of them, of its own: what is put into one file is not in the next. */
const odd = (draw: Draw): unknown => structuredClone(one(ODD, draw));

/** A copy of a parsed file with a few things in it put out of order. */
export function mutated(file: unknown, draw: Draw): unknown {
	const copy = structuredClone(file);
	const turns = 1 + Math.floor(draw() * 4);
	for (let turn = 0; turn < turns; turn++) mutateIn(copy, draw);
	return copy;
}

function mutateIn(root: unknown, draw: Draw): void {
	let at = root;
	for (let depth = Math.floor(draw() * 8); depth > 0; depth--) {
		const below = childrenOf(at).filter((each) => typeof each === 'object' && each !== null);
		if (below.length === 0) break;
		at = one(below, draw);
	}
	if (typeof at !== 'object' || at === null) return;
	if (Array.isArray(at)) mutateList(at, draw);
	else mutateRecord(at as Record<string, unknown>, draw);
}

function mutateList(list: unknown[], draw: Draw): void {
	const at = Math.floor(draw() * (list.length + 1));
	const act = draw();
	if (act < 0.3) list.splice(at, 1);
	else if (act < 0.6) list.splice(at, 0, structuredClone(list[at]) ?? odd(draw));
	else if (act < 0.9) list[at] = odd(draw);
	else list.reverse();
}

function mutateRecord(record: Record<string, unknown>, draw: Draw): void {
	const keys = Object.keys(record);
	const key = draw() < 0.9 && keys.length > 0 ? one(keys, draw) : one(KEYS, draw);
	const act = draw();
	const was = record[key];
	if (act < 0.2) Reflect.deleteProperty(record, key);
	else if (act < 0.5 && typeof was === 'number')
		record[key] = was * one([-1, 0, 1e-6, 0.5, 2, 1e6], draw);
	else if (act < 0.6 && keys.length > 1) record[key] = structuredClone(record[one(keys, draw)]);
	else
		Object.defineProperty(record, key, {
			...{ value: odd(draw), enumerable: true, configurable: true, writable: true }
		});
}

const childrenOf = (value: unknown): unknown[] =>
	typeof value === 'object' && value !== null ? Object.values(value) : [];

/** Bytes with a few of them changed, lost or doubled. */
export function mutatedBytes(bytes: Uint8Array, draw: Draw): Uint8Array {
	const list = [...bytes];
	const turns = 1 + Math.floor(draw() * 12);
	for (let turn = 0; turn < turns; turn++) {
		const at = Math.floor(draw() * list.length);
		const act = draw();
		if (act < 0.6) list[at] = Math.floor(draw() * 256);
		else if (act < 0.75) list.splice(at, 1 + Math.floor(draw() * 40));
		else if (act < 0.9) list.splice(at, 0, ...list.slice(at, at + 20));
		else list.length = at;
	}
	return Uint8Array.from(list);
}

const CHARACTERS = [
	'"',
	';',
	',',
	'\t',
	'\n',
	'\r\n',
	'\u0000',
	'=',
	'-',
	'1',
	'/',
	' ',
	'\u00bd',
	'\ufeff',
	'x'
];

/** A text with a few letters changed, lost or doubled. */
export function mutatedText(text: string, draw: Draw): string {
	let now = text;
	const turns = 1 + Math.floor(draw() * 8);
	for (let turn = 0; turn < turns; turn++) {
		const at = Math.floor(draw() * (now.length + 1));
		const act = draw();
		const [before, after] = [now.slice(0, at), now.slice(at)];
		if (act < 0.5) now = before + one(CHARACTERS, draw) + after;
		else if (act < 0.7) now = before + after.slice(1 + Math.floor(draw() * 10));
		else if (act < 0.85) now = before + after.slice(0, 30) + after;
		else now = before + one(CHARACTERS, draw).repeat(Math.floor(draw() * 400)) + after;
	}
	return now;
}
