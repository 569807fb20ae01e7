import { HAND_REACH_MM } from '../../base/figures/people.ts';
import { faceOf } from '../../wall/features/index.ts';
import {
	bitIn,
	fixingOf,
	MASONRY,
	TOOLS,
	type Ground,
	type Tool
} from '../../catalogue/details/index.ts';
import type { Use } from '../choose/holds.ts';
import { hookOf, type HookKind } from '../../catalogue/facts/index.ts';
import { hangerOf, strandsOf, type WireBack } from '../../piece/hangers/index.ts';
import { bumpers } from '../../piece/hangers/checks.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Project } from '../../model/project.ts';
import type { Result } from '../../base/result.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { hungPiece, unmeasuredOn } from '../../piece/hung-piece.ts';
import type { OldHole } from '../choose/old-holes.ts';
import { cutLength } from '../../piece/hangers/wire-workshop.ts';
import { weightToReckon } from '../../piece/weight/piece-weight.ts';
import { weightOf } from '../../base/units/constants.ts';
import { BAG } from '../../../words/en/bag.ts';

export const BAG_GROUPS = {
	wall: 'For the wall',
	back: 'For the backs',
	drill: 'Bits',
	tools: 'Tools',
	mark: 'To mark and to mend'
} as const;
export type BagGroup = keyof typeof BAG_GROUPS;

/** One thing to buy or to carry. */
export interface BagItem {
	/** The same for the same thing. */
	key: string;
	group: BagGroup;
	/** Lengths in it are left open until the reader’s units are known. */
	name: string;
	/** What it is rated for at least, N; null where it has no rating. */
	rated: number | null;
	/** How many are used, and how many more to carry; null where it is not counted. */
	count: number | null;
	spare: number;
	/** At hand already, as counted in the kit; null when not counted. */
	stock: number | null;
	/** Letters of the pieces it is for; none for what every job needs. */
	letters: string[];
}

/** A piece on a wall with what is planned for it. */
export interface Packed {
	piece: Piece;
	planned: PlannedPiece;
	/** How far each of its hooks is used, in their order. */
	fix: { currentUses: readonly Result<Use>[] } | undefined;
	/** Its wall is damp: what it hangs on must not rust. */
	mayRust: boolean;
}

/** One spare for every five. From memory. */
const sparesOf = (count: number): number => Math.ceil(count / 5);
/** Grounds whose dust is not to be breathed. */
const DUSTY: readonly Ground[] = ['plaster', ...MASONRY];

/**
 * What to buy and carry for pieces: fixings with spares, wire, hardware, bits, tools, and what marks and mends.
 *
 * @param holes what earlier hangings left where the pieces go.
 */
export function bagOf(
	packed: readonly Packed[],
	{ kit, houseRules }: Project,
	holes: readonly OldHole[] = []
): BagItem[] {
	const items = new Map<string, BagItem>();
	const add = (
		item: Pick<BagItem, 'key' | 'group' | 'name'> & Partial<BagItem>,
		letter: string | null,
		more = 0
	) => {
		const known = items.get(item.key) ?? {
			...{ rated: null, count: null, spare: 0, stock: null, letters: [] },
			...item
		};
		items.set(item.key, {
			...known,
			count: more > 0 ? (known.count ?? 0) + more : known.count,
			letters:
				letter && !known.letters.includes(letter) ? [...known.letters, letter] : known.letters
		});
	};
	for (const { piece, planned, fix, mayRust } of packed) {
		for (const [index, hook] of planned.hooks.entries()) {
			if (fixingOf(hook.kind).left) continue;
			const use = fix?.currentUses[index];
			const known = use?.ok ? use.value : null;
			add(
				fixingItem(hook.kind, known, { stock: kit[hook.kind]?.stock ?? null, mayRust }),
				piece.letter,
				1
			);
			for (const tool of fixingOf(hook.kind).tools) add(toolItem(tool), null);
			if (known) for (const item of drillingFor(hook.kind, known.ground)) add(item, null);
			if (hook.hole.y > HAND_REACH_MM) add(toolItem('stepladder'), null);
		}
		for (const item of forTheBack(piece, planned, houseRules)) add(item, piece.letter, item.each);
	}
	for (const item of toMend(holes)) add(item, null, item.each);
	if (items.size > 0) for (const item of ALWAYS) add(item, null);
	return [...items.values()]
		.map((item) => (COUNTED.has(item.group) ? { ...item, spare: sparesOf(item.count ?? 0) } : item))
		.toSorted(
			(a, b) => ORDER.indexOf(a.group) - ORDER.indexOf(b.group) || Number(b.count) - Number(a.count)
		);
}

const ORDER = Object.keys(BAG_GROUPS);
const COUNTED = new Set<BagGroup>(['wall']);

function fixingItem(
	kind: HookKind,
	use: Use | null,
	{ stock, mayRust }: { stock: number | null; mayRust: boolean }
) {
	const length = use?.screw ?? null;
	return {
		key: `${kind}${length === null ? '' : ` ${Math.round(length)}`}${mayRust ? ' stainless' : ''}`,
		group: 'wall' as const,
		name: BAG.fixing({ name: hookOf(kind).name, length, stainless: mayRust }),
		stock
	};
}

const toolItem = (tool: Tool) => ({
	key: tool,
	group: 'tools' as const,
	name: BAG.tool({ name: TOOLS[tool] })
});

function drillingFor(kind: HookKind, ground: Ground) {
	const bit = bitIn(fixingOf(kind), ground);
	if (bit === undefined) return [];
	const masonry = MASONRY.includes(ground);
	return [
		{
			key: `bit ${bit} ${masonry}`,
			group: 'drill' as const,
			name: BAG.bit({ masonry, bit })
		},
		{ key: 'goggles', group: 'tools' as const, name: BAG.goggles() },
		...(DUSTY.includes(ground)
			? [
					{
						key: 'mask',
						group: 'tools' as const,
						name: BAG.mask()
					}
				]
			: [])
	];
}

function forTheBack(
	piece: Piece,
	{ hung }: PlannedPiece,
	{ wireFactor, units }: Project['houseRules']
) {
	const hanger = hangerOf(piece.back);
	const weight = weightToReckon(piece);
	const wire = hung?.wire;
	const strands = strandsOf(piece.back as WireBack);
	const rated = wire
		? Math.max(wire.tension?.value ?? 0, weight ? weightOf(weight.kg) * wireFactor : 0) / strands
		: 0;
	return [
		...(wire
			? [
					{
						key: `wire ${piece.id}`,
						group: 'back' as const,
						name: BAG.wire({ length: cutLength(wire.length, units, strands) }),
						rated: rated > 0 ? rated : null,
						each: 1
					}
				]
			: []),
		...(isBare(piece) ? (hanger.parts?.(piece.back) ?? []) : []).map(({ name, each }) => ({
			...{ key: `part ${name}`, group: 'back' as const, name, each }
		})),
		...(hanger.checks.includes(bumpers)
			? [{ key: 'bumpers', group: 'back' as const, name: BAG.bumpers(), each: 2 }]
			: [])
	];
}

/** Old holes that stay in sight are filled, and what sticks out of them drawn first. */
function toMend(holes: readonly OldHole[]) {
	const toFill = holes.filter(({ carries, behind }) => !carries && !behind);
	const toDraw = holes.filter(
		({ carries, feature }) => !carries && faceOf(feature).sticksOut?.(feature)
	);
	return [
		...(toFill.length > 0
			? [
					{
						key: 'old-holes',
						group: 'mark' as const,
						name: BAG['old-holes'](),
						each: toFill.length
					}
				]
			: []),
		...(toDraw.length > 0
			? [
					{
						key: 'pincers',
						group: 'tools' as const,
						name: BAG.pincers(),
						each: toDraw.length
					}
				]
			: [])
	];
}

/** Nothing on its back was measured yet, so its hardware may still have to be bought. */
const isBare = (piece: Piece): boolean =>
	unmeasuredOn(piece).length ===
	hangerOf(piece.back).dimensions(piece.back, hungPiece(piece)).length;

/** What every job needs. Common practice. */
const ALWAYS = [
	{ key: 'tape', group: 'mark' as const, name: BAG.tape() },
	{ key: 'level', group: 'tools' as const, name: BAG.level() },
	{ key: 'painters-tape', group: 'mark' as const, name: BAG['painters-tape']() },
	{ key: 'thin-nail', group: 'mark' as const, name: BAG['thin-nail']() },
	{ key: 'filler', group: 'mark' as const, name: BAG.filler() },
	{ key: 'bag', group: 'mark' as const, name: BAG.bag() }
];
