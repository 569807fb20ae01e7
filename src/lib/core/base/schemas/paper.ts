import * as z from 'zod/mini';
import { distance, size } from './sizes.ts';

/** Sheets a home printer takes, mm upright. ISO 216; ANSI/ASME Y14.1 (Letter is 8 1/2 by 11 in). */
export const SHEETS = {
	a4: { name: 'A4', width: 210, height: 297 },
	letter: { name: 'Letter', width: 215.9, height: 279.4 },
	a3: { name: 'A3', width: 297, height: 420 }
} as const;
export type SheetName = keyof typeof SHEETS;
export const SHEET_NAMES = Object.keys(SHEETS) as [SheetName, ...SheetName[]];

/** The rim a printer leaves white, mm, on the sheet as it goes in. */
export const marginsSchema = z.object({
	left: distance,
	right: distance,
	top: distance,
	bottom: distance
});
export type PrinterMargins = z.infer<typeof marginsSchema>;

/** How templates are printed. */
export const printingSchema = z.object({
	on: z
		.nullable(z.enum([...SHEET_NAMES, 'roll']))
		.check(z.describe('sheets, or the whole roll for a wide printer; null for the usual sheet')),
	margins: marginsSchema.check(z.describe('mm the printer leaves white')),
	whole: z.boolean().check(z.describe('pages that carry nothing to cut or mark are printed too')),
	each: z
		._default(z.boolean(), false)
		.check(z.describe('each of alike pieces has a template of its own'))
});
export type Printing = z.infer<typeof printingSchema>;

/** Most home printers leave 6 mm white; from memory. */
export const usualPrinting: Printing = {
	on: null,
	margins: { left: 6, right: 6, top: 6, bottom: 6 },
	whole: false,
	each: false
};

/** The paper that templates are cut from. */
export const paperSchema = z.object({
	rollWidth: size.check(z.describe('mm')),
	trim: distance.check(z.describe('mm added to each dimension, to cut off')),
	turn: z.boolean().check(z.describe('sheets may lie across the roll')),
	double: z.boolean().check(z.describe('folded double, to cut two alike at once')),
	printing: z._default(printingSchema, usualPrinting)
});
export type Paper = z.infer<typeof paperSchema>;

/** Brown paper of 36 in; common practice. A trim of 3/8 in; a choice. */
export const usualPaper: Paper = {
	...{ rollWidth: 914.4, trim: 9.525, turn: true, double: false },
	printing: usualPrinting
};

/** Where inches are read, Letter is at hand; elsewhere A4. Common practice. */
export const usualSheet = (units: 'in' | 'mm'): SheetName => (units === 'in' ? 'letter' : 'a4');
