import { formatISO } from 'date-fns';

/** The day of a moment where the reader is, such as `2026-05-02`; empty for none. */
export const dayOf = (moment: string | null): string =>
	moment === null ? '' : formatISO(moment, { representation: 'date' });
