import { WALL_READING } from '../../words/en/wall-reading.ts';
import { centreX, centreY, type Rect } from '../base/geometry/rect.ts';
import type { Wall } from '../model/wall.ts';
import type { Piece } from '../piece/piece.ts';
import { floorAt } from '../wall/survey/outline.ts';
import type { WallPlan } from './plan-wall-fast.ts';

interface Item {
	id: string;
	/** What it is called beside others, and in full. */
	short: string;
	name: string;
	rect: Rect;
}

/** One thing on a wall, read out; its lengths are left open. */
export interface ReadItem {
	id: string;
	says: string;
}

/**
 * Everything on a wall in words, from left to right: its size, its centre in from the left corner and up from the floor
 * beneath, and what it stands between. A neighbour is the nearest to a side that shares some of its height.
 */
export function wallReading(wall: Wall, plan: WallPlan, pieces: readonly Piece[]): ReadItem[] {
	const named = new Map(pieces.map((piece) => [piece.id, piece.name]));
	const items: Item[] = [
		...plan.pieces.map(({ pieceId, letter, rect }) => {
			const name = named.get(pieceId) ?? '';
			return { id: pieceId, short: letter, name: WALL_READING.piece({ letter, name }), rect };
		}),
		...wall.features.map((feature) => ({
			...{ id: feature.id, short: `the ${feature.name.toLowerCase()}`, name: feature.name },
			rect: feature
		}))
	].toSorted((a, b) => centreX(a.rect) - centreX(b.rect));
	return items.map((item, at) => {
		const [x, y] = [centreX(item.rect), centreY(item.rect)];
		const { width, height } = item.rect;
		return {
			id: item.id,
			says: WALL_READING.item({
				...{ name: item.name, width, height, x, y: y - floorAt(wall, x) },
				left: beside(items, at, -1) ?? WALL_READING['left-corner'](),
				right: beside(items, at, 1) ?? WALL_READING['right-corner']()
			})
		};
	});
}

/** The nearest to one side of the item at a place among them, which stand from left to right; null for none. */
function beside(items: readonly Item[], at: number, side: -1 | 1): string | null {
	const { rect } = items[at]!;
	for (let next = at + side; next in items; next += side) {
		const other = items[next]!;
		const level = other.rect.y < rect.y + rect.height && rect.y < other.rect.y + other.rect.height;
		if (level && centreX(other.rect) !== centreX(rect)) return other.short;
	}
	return null;
}
