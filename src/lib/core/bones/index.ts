export * from './curve.ts';
export * from './estimate.ts';
export * from './hint.ts';
export * from './next-probe.ts';
