/** The wall as it was measured: outline, fall, stairs, proofs, faults, and where cables are likely. */

export * from './cautions.ts';
export * from './fall.ts';
export * from './outline.ts';
export * from './proofs.ts';
export * from './runs.ts';
export * from './slope.ts';
export * from './stairs.ts';
