import type { Wall } from '../model/wall.ts';

/** Everything a person surveyed of a wall besides hints and features; what hangs on it is no part of it. */
export const surveyParts = ({
	levels,
	ceiling,
	stairs,
	made,
	wet,
	lux,
	width,
	height
}: Wall): unknown[] => [levels, ceiling, stairs, made, wet, lux, width, height];
