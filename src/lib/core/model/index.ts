export * from './build.ts';
export * from './house-rules.ts';
export * from './open.ts';
export * from './outline.ts';
export * from './piece.ts';
export * from './project.ts';
export * from './start.ts';
export * from './wall.ts';
