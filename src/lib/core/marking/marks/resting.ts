import {
	HELD_OFFSET_MM,
	HOOK_OFFSET_MM,
	SHANK_OFFSET_MM,
	TAPE_READING_MM
} from '../../base/figures/readings.ts';
import { hookOf, type HookKind, type MeasuredHooks } from '../../catalogue/facts/index.ts';
import { estimate } from '../../readings/estimate.ts';
import { factKey, type Fact } from '../../readings/fact.ts';
import type { KeptReadings } from '../../readings/kept.ts';

/** How much higher than reckoned a load rests on hooks of a kind: one figure for all of them. */
export const sitsFact = (kind: HookKind): Fact => ({ of: 'hook', id: kind, key: 'sits' });
export const sitsKey = (kind: HookKind): string => factKey(sitsFact(kind));

/**
 * Standard deviation of where a load rests on hooks of a kind, from their mark, mm, before any wall taught it: little
 * where they are held by their lowest point, or carry on their shank; much where their maker decides it.
 */
export function usualDeviation(kind: HookKind, kit: MeasuredHooks): number {
	const { markedAt, role } = hookOf(kind);
	if (markedAt === 'bearing') return HELD_OFFSET_MM;
	if (kit[kind]?.dy != null) return TAPE_READING_MM;
	return role === 'hook' ? HOOK_OFFSET_MM : SHANK_OFFSET_MM;
}

/** The same as it is known now. */
export const sitsDeviation = (kind: HookKind, kit: MeasuredHooks, kept: KeptReadings): number =>
	estimate(kept[sitsKey(kind)] ?? [])?.sd ?? usualDeviation(kind, kit);
