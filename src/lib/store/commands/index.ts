export * from './back.ts';
export * from './piece.ts';
export * from './project.ts';
export * from './wall.ts';
