/** The project file: its schema, opening and migrating it, starting values, and what a planned piece is. */

export * from './arrangement.ts';
export * from '../piece/weight/build.ts';
export * from './day.ts';
export * from './fix.ts';
export * from './format.ts';
export * from './hanging.ts';
export * from '../wall/studs/kept-hint.ts';
export * from './house-rules.ts';
export * from './letters.ts';
export * from './open.ts';
export * from '../base/schemas/outline.ts';
export * from '../piece/piece.ts';
export * from './place.ts';
export * from './project.ts';
export * from './start.ts';
export * from '../wall/survey/schemas.ts';
export * from '../wall/survey/wall-photo.ts';
export * from './wall.ts';
