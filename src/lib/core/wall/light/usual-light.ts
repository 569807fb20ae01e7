import type { Lit } from '../survey/schemas.ts';

/** Until somebody says otherwise a wall is lit so long. A choice, no source. */
export const usualLight: Lit = { hoursPerDay: 8, daysPerYear: 365, at: {} };
