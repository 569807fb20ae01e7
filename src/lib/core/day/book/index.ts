/** What hangs and hung: records, holes and their lives, and the timeline. */

export * from './holes.ts';
export * from './hung-before.ts';
export * from './records.ts';
export * from './timeline.ts';
