export * from './holes.ts';
export * from './records.ts';
export * from './timeline.ts';
