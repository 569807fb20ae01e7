import { hookOf, type HookKind, type Role } from '../../catalogue/facts/index.ts';

const LOOSE: readonly Role[] = ['hook', 'shank', 'cord', 'batten'];

/** Whether a piece is lifted off it without a tool. */
export const liftsOff = ({ kind }: { kind: HookKind }): boolean =>
	LOOSE.includes(hookOf(kind).role);
