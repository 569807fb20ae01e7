import type { Point } from '../../base/geometry/line.ts';
import { hangerOf } from '../../piece/hangers/index.ts';
import { bumpers } from '../../piece/hangers/checks.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import type { Outline } from '../../base/schemas/outline.ts';
import type { Piece } from '../../piece/piece.ts';
import type { PlannedHook, PlannedPiece } from '../../model/planned.ts';
import type { MarkedAt } from '../marks/marked-point.ts';
import { chord } from './chord.ts';

/** The paper of a piece: what it carries to the wall. mm from the lower left corner of the piece, y up. */
export interface Template {
	letter: string;
	name: string;
	width: number;
	height: number;
	outline: Outline;
	points: {
		name: string;
		/** null where nothing goes into the wall there: it hangs by a cord. */
		hole: Point | null;
		bearing: Point;
		/** Which of the two its hook is held by: that one gets the cross. */
		markedAt: MarkedAt;
		/** What goes there. */
		says: string;
	}[];
	/** Where bumpers will touch the wall. */
	bumpers: Point[];
	/** It must not be hung as it is planned: whoever holds the paper has to know. */
	stop: boolean;
	/** What of its back was not read; empty for nothing to tell. */
	known?: string;
	/** Letters of alike pieces that it serves too. */
	also?: readonly string[];
}

/** From a bumper's middle to the sides, mm; and how far up one sits where the lower corners are rounded off, as a share of the height. A choice. */
const BUMPER = { in: 12, up: 0.15 };

/** The template of a piece as it is planned. */
export function templateOf(
	{ letter, name, rect, hooks }: Pick<PlannedPiece, 'letter' | 'name' | 'rect' | 'hooks'>,
	{ outline, back }: Pick<Piece, 'outline' | 'back'>,
	says: (hook: PlannedHook) => string,
	stop = false,
	known = ''
): Template {
	const { width, height } = rect;
	const here = ({ x, y }: Point): Point => ({ x: x - rect.x, y: y - rect.y });
	return {
		...{ letter, name, width, height, outline, stop, known },
		points: hooks.map((hook) => ({
			name: hook.name,
			hole: hookOf(hook.kind).puts === 'cord' ? null : here(hook.hole),
			bearing: here(hook.bearing),
			markedAt: hookOf(hook.kind).markedAt,
			says: says(hook)
		})),
		bumpers: hangerOf(back).checks.includes(bumpers) ? bumperPlaces(outline, rect) : []
	};
}

function bumperPlaces(outline: Outline, size: { width: number; height: number }): Point[] {
	const y = outline.by === 'rectangle' ? BUMPER.in : size.height * BUMPER.up;
	const across = chord(outline, size, y);
	return across && across.to - across.from > 2 * BUMPER.in
		? [
				{ x: across.from + BUMPER.in, y },
				{ x: across.to - BUMPER.in, y }
			]
		: [];
}
