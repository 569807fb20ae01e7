import { HELD_OFFSET_MM, HOOK_OFFSET_MM, SHANK_OFFSET_MM } from '../../base/figures/readings.ts';
import { hookOf, type HookKind, type MeasuredHooks } from '../../catalogue/facts/index.ts';
import { estimate } from '../../readings/estimate.ts';
import { factKey, type Fact } from '../../readings/fact.ts';
import { estimateOf, type KeptReadings } from '../../readings/kept.ts';

/** How much higher than reckoned a load rests on hooks of a kind: one figure for all of them. */
export const sitsFact = (kind: HookKind): Fact => ({ of: 'hook', id: kind, key: 'sits' });
export const sitsKey = (kind: HookKind): string => factKey(sitsFact(kind));

/** How far the hole of a person's own hooks of a kind lies above their bearing. */
export const offsetFact = (kind: HookKind): Fact => ({ of: 'hook', id: kind, key: 'dy' });

/**
 * Standard deviation of where a load rests on hooks of a kind, from their mark, mm, before any wall taught it: little
 * where they are held by their lowest point, or carry on their shank; much where their maker decides it.
 */
export function usualDeviation(kind: HookKind, kit: MeasuredHooks, kept: KeptReadings): number {
	const { markedAt, role } = hookOf(kind);
	if (markedAt === 'bearing') return HELD_OFFSET_MM;
	const own = kit[kind]?.dy;
	if (own != null) return estimateOf(kept, offsetFact(kind), own, 'tape').sd;
	return role === 'hook' ? HOOK_OFFSET_MM : SHANK_OFFSET_MM;
}

/** The same as it is known now. */
export const sitsDeviation = (kind: HookKind, kit: MeasuredHooks, kept: KeptReadings): number =>
	estimate(kept[sitsKey(kind)] ?? [])?.sd ?? usualDeviation(kind, kit, kept);
