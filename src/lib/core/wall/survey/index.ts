export * from './cautions.ts';
export * from './fall.ts';
export * from './outline.ts';
export * from './proofs.ts';
export * from './runs.ts';
export * from './slope.ts';
export * from './stairs.ts';
