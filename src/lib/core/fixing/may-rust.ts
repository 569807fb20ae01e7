import type { SurveyedWall } from '../wall/survey/surveyed-wall.ts';

/** Whether steam or weather reaches what is screwed into a wall. Common practice. */
export const mayRust = ({ wet }: Pick<SurveyedWall, 'wet'>): boolean =>
	wet.includes('here') || wet.includes('outside');
