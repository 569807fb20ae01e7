export * from './hole-ground.ts';
export * from './choose.ts';
export { withinRule, type Use } from './holds.ts';
export type { ScoreTerm, WayPoint } from './weigh.ts';
