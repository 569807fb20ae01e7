/** Which fixing goes where: poses of a piece, what each fixing holds there, and the options ranked. */

export * from './hole-ground.ts';
export * from './choose.ts';
export { withinRule, type Use } from './holds.ts';
export type { ScoreTerm } from './rank.ts';
export type { WayPoint } from './weigh.ts';
