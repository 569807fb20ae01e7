import { parseLength, type LengthUnit } from '../../base/units/parse-length.ts';
import { parseMass } from '../../base/units/mass.ts';
import { ok, type Result } from '../../base/result.ts';
import type { HangerKind } from '../../piece/hangers/index.ts';
import { kinds, type PieceKind } from '../../piece/kinds/index.ts';
import { fail } from '../said.ts';
import type { Figures } from './figures.ts';
import { HANGER_WORDS } from './figures-of.ts';

/** What a line says of a piece, lengths in mm. */
export interface LineRead {
	/** Alike pieces that it stands for. */
	count: number;
	width: number;
	height: number;
	depth: number | null;
	/** kg. */
	weight: number | null;
	kind: PieceKind | null;
	glazing: 'glass' | 'acrylic' | 'none' | null;
	hanger: HangerKind | null;
	/** By the word that told them. */
	figures: Figures;
	name: string | null;
	/** Words that mean nothing here. */
	unknown: string[];
}

const PLAIN = String.raw`(?:\d+(?:[.,]\d+)?(?:[ -]\d+\/\d+)?|\d*[¼½¾⅛⅜⅝⅞]|\d+\/\d+)`;
const UNIT = String.raw`(?:\s?(?:mm|cm|inch(?:es)?|in|ft|feet|m|["”″]|['’′]))?(?![a-z])`;
const LENGTH = String.raw`(?:${PLAIN}\s?(?:ft|['’′])\s?)?${PLAIN}${UNIT}`;
const TIMES = String.raw`\s*(?:x|×|by)\s*`;
const MASS = String.raw`\d+(?:[.,]\d+)?(?:[ -]\d+\/\d+)?\s?(?:kilos?|kg|pounds?|lbs?|grams?|g|ounces?|oz)\b(?:\s\d+(?:[.,]\d+)?\s?(?:ounces?|oz)\b)?`;

const named = (words: string) => new RegExp(String.raw`\b(?:${words})\s+(${LENGTH})`, 'i');
const NAME = /(?:^|[\s,;])[“"]([^"”]*\p{L}[^"”]*)[”"]/u;
const SIZE = new RegExp(String.raw`(${LENGTH})${TIMES}(${LENGTH})(?:${TIMES}(${LENGTH}))?`, 'i');
const COUNT = /^\s*(\d{1,3})\s+(?:of|alike)\b|\b(\d{1,3})\s+alike\b/i;
const KIND_WORDS: readonly [RegExp, PieceKind][] = [
	[/\bplates?\b|\bdish(?:es)?\b/i, 'plate'],
	...kinds
		.filter(({ kind }) => kind !== 'plate' && kind !== 'held')
		.map(({ kind }): [RegExp, PieceKind] => [new RegExp(String.raw`\b${kind}\b`, 'i'), kind])
];
const GLAZINGS: readonly [RegExp, NonNullable<LineRead['glazing']>][] = [
	[/\bno glass\b|\bunglazed\b/i, 'none'],
	[/\bacrylic\b/i, 'acrylic'],
	[/\bglass\b|\bglazed\b/i, 'glass']
];
/** Whose distances are told. */
const HARDWARE = /\b(?:d-?)?rings?\b/i;
/** Words that join others and say nothing. */
const FILLERS = /\b(?:of|and|with|a|an|the|on|at|is|hangs?|by|alike|framed|work|picture|frame)\b/gi;
const MOST_ALIKE = 100;

/**
 * A piece as one line says it, in any order: `24 x 30 wire 4 3/4, rings 16 apart 8 down, 20 lb "Harbour"`.
 *
 * @param assume unit of a bare length; of a bare weight none, it has to say its own.
 * Errors: `no-size`, `too-many-alike`, and what a length or a weight that cannot be read gives.
 */
export function readLine(text: string, assume: LengthUnit): Result<LineRead> {
	let rest = ` ${text} `;
	/** Takes what a pattern finds out of the line. */
	const take = (pattern: RegExp): RegExpExecArray | null => {
		const found = pattern.exec(rest);
		if (found)
			rest = `${rest.slice(0, found.index)} , ${rest.slice(found.index + found[0].length)}`;
		return found;
	};
	const takeWord = <T>(words: readonly [RegExp, T][]): T | null =>
		words.find(([pattern]) => take(pattern))?.[1] ?? null;

	const name = take(NAME)?.[1]?.trim() ?? null;
	const counted = take(COUNT);
	const weighed = take(new RegExp(MASS, 'i'))?.[0];
	const size = take(SIZE);
	if (!size) return fail('no-size', {}, 'line');
	const lengths: Record<string, string | undefined> = {
		hooks: take(named('hooks'))?.[1],
		wire: take(named('wire|pulled'))?.[1],
		apart:
			take(new RegExp(String.raw`(${LENGTH})\s*apart\b`, 'i'))?.[1] ?? take(named('apart'))?.[1],
		down: take(new RegExp(String.raw`(${LENGTH})\s*down\b`, 'i'))?.[1] ?? take(named('down'))?.[1],
		deep: take(new RegExp(String.raw`(${LENGTH})\s*deep\b`, 'i'))?.[1] ?? size[3],
		width: size[1],
		height: size[2]
	};
	const told = takeWord(HANGER_WORDS);
	const hasWire =
		lengths['wire'] !== undefined ||
		take(/\bwire\b/i) !== null ||
		told === 'wire-one' ||
		told === 'wire-two';
	// What the distances are of says how it hangs only where nothing else does.
	if (told && (lengths['apart'] ?? lengths['down'])) take(HARDWARE);
	const mm: Record<string, number | null> = {};
	for (const [key, written] of Object.entries(lengths)) {
		const read = written === undefined ? ok(null) : parseLength(written, assume);
		if (!read.ok) return read;
		mm[key] = read.value;
	}
	const weight = weighed === undefined ? ok(null) : parseMass(weighed, 'kg');
	if (!weight.ok) return weight;
	const count = Number(counted?.[1] ?? counted?.[2] ?? 1);
	if (count < 1 || count > MOST_ALIKE) return fail('too-many-alike', { most: MOST_ALIKE }, 'line');
	const glazing = takeWord(GLAZINGS);
	const kind = takeWord(KIND_WORDS);
	const left = rest
		.replaceAll(FILLERS, ' ')
		.split(/[,;]/)
		.map((words) => words.replaceAll(/\s+/g, ' ').trim())
		.filter((words) => /[\p{L}\d]/u.test(words));
	const [own, ...others] = name === null ? left.toSorted((a, b) => b.length - a.length) : [];
	const isName = own !== undefined && /\p{L}/u.test(own) && !/\d/.test(own);
	return ok({
		...{ count, weight: weight.value, kind, glazing },
		...{ width: mm['width']!, height: mm['height']!, depth: mm['deep']! },
		hanger: hangerBy(told, hasWire, mm['hooks'] !== null),
		figures: { apart: mm['apart']!, down: mm['down']!, wire: mm['wire']!, hooks: mm['hooks']! },
		name: name ?? (isName ? own : null),
		unknown: isName ? others : left
	});
}

/** A wire has its rings on the back: it decides, unless two hooks are told. */
function hangerBy(told: HangerKind | null, hasWire: boolean, hooks: boolean): HangerKind | null {
	if (!hasWire) return told;
	return told === 'wire-two' || hooks ? 'wire-two' : 'wire-one';
}
