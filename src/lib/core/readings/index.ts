/** What was read, by what and how well: readings, the estimate that follows, and spreads made of them. */

export * from './average.ts';
export * from './estimate.ts';
export * from './fact.ts';
export * from './kept.ts';
export * from './reading.ts';
export * from './spread.ts';
export * from './ways.ts';
