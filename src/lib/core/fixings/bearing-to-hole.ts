import type { Project } from '../model/project.ts';
import { hookOf, type HookKind } from './index.ts';

/** Offset from bearing to hole: the person's own hook if measured, else the typical one. */
export function bearingToHole(kit: Project['kit'], kind: HookKind): { dx: number; dy: number } {
	const typical = hookOf(kind).bearingToHole;
	return { dx: typical.dx, dy: kit[kind]?.dy ?? typical.dy };
}
