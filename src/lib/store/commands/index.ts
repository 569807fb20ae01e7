/** Every change to a project as a named command; a file for what it changes. */

export * from './arrangement.ts';
export * from './back.ts';
export * from './day.ts';
export * from './fix.ts';
export * from './piece.ts';
export * from './project.ts';
export * from './readings.ts';
export * from './survey.ts';
export * from './wall.ts';
