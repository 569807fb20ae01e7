export * from './came-out.ts';
export * from './frozen.ts';
export * from './happen.ts';
export * from './prove.ts';
export * from './run-sheet.ts';
export * from './spoken.ts';
export * from './state.ts';
export * from './wrong.ts';
export { PHASES, type Ask, type DayFacts, type Phase, type Step } from './steps/face.ts';
