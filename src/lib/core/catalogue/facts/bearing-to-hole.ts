import { hookOf, type HookKind } from './list.ts';

/** What a person measured on hooks of their own, mm; null where the typical figure stands. */
export type MeasuredHooks = {
	readonly [Kind in HookKind]?:
		{ dy: number | null; standOff: number | null; sits?: number | null } | undefined;
};

/** How far off the wall a hook carries its load, mm: the person's own if measured, else the typical one. */
export const standOffOf = (kit: MeasuredHooks, kind: HookKind): number =>
	kit[kind]?.standOff ?? hookOf(kind).standOff;

/** How much higher than reckoned a load rests on a hook, as walls have taught, mm. */
export const sitsOf = (kit: MeasuredHooks, kind: HookKind): number => kit[kind]?.sits ?? 0;

/** Offset from bearing to hole: the person's own hook if measured, else the typical one. */
export function bearingToHole(kit: MeasuredHooks, kind: HookKind): { dx: number; dy: number } {
	const typical = hookOf(kind).bearingToHole;
	return { dx: typical.dx, dy: kit[kind]?.dy ?? typical.dy };
}
