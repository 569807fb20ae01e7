/** Hooks by kind: where a hole lies from its bearing, and what wood holds. What every page of a wall needs. */

export { bearingToHole, sitsOf, standOffOf, type MeasuredHooks } from './bearing-to-hole.ts';
export type { Hook, Role } from './types.ts';
export { HOOK_KINDS, hookOf, hooks, type HookKind } from './list.ts';
