import { HALF_STUD_MM, SPAN_HINTS, type HintKind, type KeptHint } from '../../core/index.ts';

/** A press and a release nearer to each other than this are one tap, mm. */
const TAP = 6;

/** The hint a tool leaves: a tap gives a place, a drag between two places a stretch; mm. */
export function hintAt(
	id: string,
	kind: HintKind,
	pressed: number,
	released: number,
	y: number
): KeptHint {
	if (!isSpan(kind)) return { id, kind, x: released, y };
	const [left, right] = [Math.min(pressed, released), Math.max(pressed, released)];
	return right - left > TAP
		? { id, kind, left, right, y }
		: { id, kind, left: released - HALF_STUD_MM, right: released + HALF_STUD_MM, y };
}

/** Whether a tool’s hint is a stretch. */
export const isSpan = (kind: HintKind): kind is (typeof SPAN_HINTS)[number] =>
	(SPAN_HINTS as readonly string[]).includes(kind);
