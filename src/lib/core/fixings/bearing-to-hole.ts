import type { Project } from '../model/project.ts';
import { hookOf, type HookKind } from './index.ts';

/** How far off the wall a hook carries its load, mm: the person's own if measured, else the typical one. */
export const standOffOf = (kit: Project['kit'], kind: HookKind): number =>
	kit[kind]?.standOff ?? hookOf(kind).standOff;

/** Offset from bearing to hole: the person's own hook if measured, else the typical one. */
export function bearingToHole(kit: Project['kit'], kind: HookKind): { dx: number; dy: number } {
	const typical = hookOf(kind).bearingToHole;
	return { dx: typical.dx, dy: kit[kind]?.dy ?? typical.dy };
}
