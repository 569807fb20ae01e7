import type { SurveyedWall } from './surveyed-wall.ts';

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
}: SurveyedWall): unknown[] => [levels, ceiling, stairs, made, wet, lux, width, height];
