/** Studs: hints to likelihoods to an estimate, where to probe next, and hidden walls to practise on. */

export * from './curve.ts';
export * from './estimate.ts';
export { FOOLED_BY_LATH } from './evidence.ts';
export * from './hidden-wall.ts';
export * from './hint.ts';
export * from './lean.ts';
export * from './next-probe.ts';
export * from './practice.ts';
