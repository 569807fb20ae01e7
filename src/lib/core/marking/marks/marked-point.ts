import { hookOf, type Hook } from '../../catalogue/facts/index.ts';
import type { Point } from '../../base/geometry/line.ts';
import type { PlannedHook } from '../../model/planned.ts';

/** Which of a hook's two points goes on the wall as its mark. */
export type MarkedAt = Hook['markedAt'];

type HookOnWall = Pick<PlannedHook, 'kind' | 'bearing' | 'hole' | 'sits'>;

/** Where one of a hook's points is marked: its bearing as much lower as loads rest higher on such hooks. */
export const pointAt = ({ bearing, hole, sits = 0 }: HookOnWall, of: MarkedAt): Point =>
	of === 'hole' ? hole : { x: bearing.x, y: bearing.y - sits };

/** The point of a hook that is marked: what it is held by. */
export const markedPoint = (hook: HookOnWall): Point => pointAt(hook, hookOf(hook.kind).markedAt);

/** Its other point, drawn as a small tick beside the mark. */
export const besideMark = (hook: HookOnWall): Point =>
	pointAt(hook, hookOf(hook.kind).markedAt === 'bearing' ? 'hole' : 'bearing');
