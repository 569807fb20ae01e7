import type { Hook } from './types.ts';
import { HEAD_OUT, standing } from './standing.ts';

const SCREW_IN = `Set the anchor at the hole and drive its screw. ${HEAD_OUT}`;
const BOLT = `Set the anchor at the hole, its bolt with a washer behind the head. ${HEAD_OUT}`;

/** Takes a screw of 8 gauge, 4.2 mm (ASME B18.6.1). */
const withScrew = standing(4.2);

export const ribbedPlug = {
	...withScrew,
	kind: 'ribbed-plug' as const,
	name: 'Ribbed plug and screw',
	setting: SCREW_IN
} satisfies Hook;

export const foldingAnchor = {
	...withScrew,
	kind: 'folding-anchor' as const,
	name: 'Folding plastic anchor',
	setting: SCREW_IN
} satisfies Hook;

export const drillPlastic = {
	...withScrew,
	kind: 'drill-plastic' as const,
	name: 'Self-drilling anchor, plastic',
	setting: SCREW_IN
} satisfies Hook;

export const drillMetal = {
	...withScrew,
	kind: 'drill-metal' as const,
	name: 'Self-drilling anchor, metal',
	setting: SCREW_IN
} satisfies Hook;

/** Machine screw of 4 mm, from memory. */
export const hollowWallAnchor = {
	...standing(4),
	kind: 'hollow-wall-anchor' as const,
	name: 'Hollow-wall anchor',
	setting: SCREW_IN
} satisfies Hook;

/** Bolt of 3/16 in. */
export const springToggle = {
	...standing(4.7625),
	kind: 'spring-toggle' as const,
	name: 'Spring toggle',
	setting: BOLT
} satisfies Hook;

/** Bolt of 1/4 in. */
export const strapToggle = {
	...standing(6.35),
	kind: 'strap-toggle' as const,
	name: 'Strap toggle',
	setting: BOLT
} satisfies Hook;

/** Takes a screw of 10 gauge, 4.8 mm (ASME B18.6.1). */
export const masonryPlug = {
	...standing(4.8),
	kind: 'masonry-plug' as const,
	name: 'Masonry plug and screw',
	setting: SCREW_IN
} satisfies Hook;
