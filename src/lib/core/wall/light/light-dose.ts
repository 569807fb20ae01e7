import { mustBeBetween } from '../../base/check.ts';

/** How readily light harms a thing, as CIE 157:2004 groups materials. */
export const FADES = ['high', 'medium', 'low', 'none'] as const;
export type Fades = (typeof FADES)[number];

/** What each group means, in a few words. */
export const FADES_WORDS: Record<Fades, string> = {
	high: 'fast: silk, photographs, new inks',
	medium: 'readily: works on paper',
	low: 'slowly: oils, wood',
	none: 'not at all: metal, glass, stone'
};

/** Most light, lux, and most of it in a year, lux hours. Source: CIE 157:2004. */
export const LIGHT_LIMITS: Record<Exclude<Fades, 'none'>, { lux: number; luxHours: number }> = {
	high: { lux: 50, luxHours: 15_000 },
	medium: { lux: 50, luxHours: 150_000 },
	low: { lux: 200, luxHours: 600_000 }
};

export interface LightDose {
	/** In a year, lux hours. */
	luxHours: number;
	/** Of what it may have in a year. */
	share: number;
	withinLux: boolean;
	withinDose: boolean;
}

/**
 * Light a thing gets in a year: lux · hours a day · days a year, and its share of what it may have. Limits are inclusive.
 *
 * @param lux on it, 0 or more; hours a day 0 to 24; days a year 0 to 366.
 * Throws RangeError beyond those. Source: CIE 157:2004.
 */
export function lightDose({
	lux,
	hoursPerDay,
	daysPerYear,
	sensitivity
}: {
	lux: number;
	hoursPerDay: number;
	daysPerYear: number;
	sensitivity: Exclude<Fades, 'none'>;
}): LightDose {
	mustBeBetween({ lux }, 0, Number.MAX_VALUE);
	mustBeBetween({ hoursPerDay }, 0, 24);
	mustBeBetween({ daysPerYear }, 0, 366);
	const limit = LIGHT_LIMITS[sensitivity];
	const luxHours = lux * hoursPerDay * daysPerYear;
	return {
		luxHours,
		share: luxHours / limit.luxHours,
		withinLux: lux <= limit.lux,
		withinDose: luxHours <= limit.luxHours
	};
}

/** More than it bears at once, or in a year. */
export const isTooMuch = ({
	withinLux,
	withinDose
}: Pick<LightDose, 'withinLux' | 'withinDose'>): boolean => !withinLux || !withinDose;

/** A dose in a few words. */
export const lightOfYear = ({ share }: Pick<LightDose, 'share'>): string =>
	`${Math.round(share * 100)} % of a year’s light`;
