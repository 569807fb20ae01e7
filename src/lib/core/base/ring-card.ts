/** The printed card that photos are measured by: four rings whose middles make a rectangle; mm. A choice, no source. */
export const RING_CARD = { across: 150, down: 200, outer: 15, inner: 9 } as const;
