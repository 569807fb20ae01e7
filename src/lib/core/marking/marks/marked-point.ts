import { hookOf, type Hook } from '../../catalogue/facts/index.ts';
import type { Point } from '../../base/geometry/line.ts';
import type { PlannedHook } from '../../model/planned.ts';

/** Which of a hook's two points goes on the wall as its mark. */
export type MarkedAt = Hook['markedAt'];

/** The point of a hook that is marked: what it is held by. */
export const markedPoint = (hook: Pick<PlannedHook, 'kind' | 'bearing' | 'hole'>): Point =>
	hook[hookOf(hook.kind).markedAt];

/** Its other point, drawn as a small tick beside the mark. */
export const besideMark = (hook: Pick<PlannedHook, 'kind' | 'bearing' | 'hole'>): Point =>
	hook[hookOf(hook.kind).markedAt === 'bearing' ? 'hole' : 'bearing'];
