import type { SurveyedWall } from '../survey/surveyed-wall.ts';

/** Light on a piece where it hangs: read at it, else on its wall; null where nobody read it. */
export const luxOn = (wall: Pick<SurveyedWall, 'lux' | 'lit'>, pieceId: string): number | null =>
	(Object.hasOwn(wall.lit.at, pieceId) ? wall.lit.at[pieceId] : undefined) ?? wall.lux;
