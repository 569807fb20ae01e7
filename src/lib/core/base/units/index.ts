/** Lengths and masses: read as people type them, written as a tape shows them. */

export * from './constants.ts';
export * from './format-length.ts';
export * from './mass.ts';
export * from './other-unit.ts';
export * from './parse-length.ts';
export * from './read-length.ts';
export * from './message.ts';
