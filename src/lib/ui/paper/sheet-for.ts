import { usualSheet, type Printing, type SheetName } from '$lib/core/index.ts';

/** The sheet for what is printed on sheets in any case. */
export const sheetFor = ({ on }: Printing, units: 'in' | 'mm'): SheetName =>
	on === null || on === 'roll' ? usualSheet(units) : on;
