import type { Lean } from '../wall/studs/lean.ts';
import { SURE } from '../wall/studs/layouts.ts';
import type { Bones } from './studs.ts';

/** How they lean; null where they are plumb, or not known. */
export function knownLean(bones: Bones | null): Lean | null {
	const estimate = bones?.estimate;
	return estimate?.ok && estimate.value.known ? estimate.value.lean : null;
}

/** Middles of the studs that are as good as known, mm: proven ones at once, others once the layout is, and none that was missed. */
export function knownStuds(bones: Bones | null): number[] {
	const estimate = bones?.estimate;
	if (!estimate?.ok) return [];
	const { known, studs } = estimate.value;
	return studs.flatMap(({ x, chance, missed, proven }) =>
		!missed && (proven || (known && chance >= SURE)) ? [x] : []
	);
}
