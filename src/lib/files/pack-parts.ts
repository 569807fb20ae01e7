import { fail } from './said.ts';
import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import { ok, type HangPack, type Result } from '../core/index.ts';

/** Letters of one part: its code has 97 squares a side, which a camera tells apart at 290 pixels (simulated blur and noise). */
const PART = 600;
/** No pack unpacks to more letters: what claims to is refused. */
const MOST = 24 * 1024 * 1024;

/** A pack as parts that each fit into one code: `number.of.name.text`, the name the same for all parts of a pack. */
export function packParts(pack: HangPack): string[] {
	const text = toText(deflateSync(strToU8(JSON.stringify(pack)), { level: 9 }));
	const of = Math.ceil(text.length / PART);
	const name = nameOf(text);
	return Array.from(
		{ length: of },
		(_, index) => `${index + 1}.${of}.${name}.${text.slice(index * PART, (index + 1) * PART)}`
	);
}

export interface PackPart {
	number: number;
	of: number;
	name: string;
	text: string;
}

/** Reads one part; null where it is none. */
export function readPart(part: string): PackPart | null {
	const found = /^(\d{1,3})\.(\d{1,3})\.([a-z0-9]{1,12})\.([A-Za-z0-9_-]{1,600})$/.exec(part);
	if (!found) return null;
	const [number, of] = [Number(found[1]), Number(found[2])];
	return number >= 1 && number <= of ? { number, of, name: found[3]!, text: found[4]! } : null;
}

/** The pack, as parsed JSON, out of all its parts in any order. Errors: `part-missing`, `damaged`. */
export function joinParts(parts: readonly PackPart[]): Result<unknown> {
	const [first] = parts;
	const sorted = [...new Map(parts.map((part) => [part.number, part])).values()].sort(
		(a, b) => a.number - b.number
	);
	if (!first || sorted.length !== first.of) return fail('part-missing');
	const text = sorted.map((part) => part.text).join('');
	if (nameOf(text) !== first.name) return fail('damaged', { of: 'mixed' });
	try {
		const bytes = inflateSync(fromText(text), { out: new Uint8Array(sizeOf(text)) });
		return ok(JSON.parse(strFromU8(bytes)) as unknown);
	} catch {
		return fail('damaged', { of: 'unreadable' });
	}
}

/** A short sum over the text, to tell packs apart and to see that it is whole. */
function nameOf(text: string): string {
	let sum = 0x811c9dc5;
	for (let at = 0; at < text.length; at++)
		sum = Math.imul(sum ^ text.charCodeAt(at), 0x01000193) >>> 0;
	return sum.toString(36);
}

function toText(bytes: Uint8Array): string {
	let letters = '';
	for (const byte of bytes) letters += String.fromCharCode(byte);
	return btoa(letters).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
}

const fromText = (text: string): Uint8Array =>
	Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (letter) =>
		letter.charCodeAt(0)
	);

/** Room for what it may unpack to. */
const sizeOf = (text: string): number => Math.min(text.length * 60, MOST);
