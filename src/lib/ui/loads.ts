import { formatForce, massUnitOf, type Styles } from '$lib/core/index.ts';

/** A load in both unit systems, the leading one first. */
export function bothLoads(newtons: number, { lead, other }: Styles): string {
	const told = [lead, other].map((style) => formatForce(newtons, massUnitOf(style)));
	return told.join(' · ');
}
