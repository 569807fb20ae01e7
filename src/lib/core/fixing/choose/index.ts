export * from './bed.ts';
export * from './choose.ts';
export { withinRule, type Use } from './holds.ts';
export type { Consideration, WayPoint } from './weigh.ts';
