import {
	markStrips,
	SHEETS,
	sheetFrames,
	stripPages,
	unmeasuredOn,
	usualSheet
} from '$lib/core/index.ts';
import { PdfMaker } from '../paper/pdf-maker.svelte.ts';
import type { OnePicture } from './one-picture.svelte.ts';

/** Saves a strip at true size that carries both marks to the wall; why not, where that cannot be. */
export function saveStrip(one: OnePicture): string | null {
	const { planned, styles, facts } = one;
	const strips = planned ? markStrips([planned]) : [];
	const unread = unmeasuredOn(facts.piece).map(({ label }) => label.toLowerCase());
	const known = new Map(
		unread.length > 0 ? [[facts.piece.id, `Not measured: ${unread.join(', ')}`]] : []
	);
	const sheet = usualSheet(facts.units);
	const title = facts.piece.name;
	const pages = stripPages(
		strips,
		sheetFrames(sheet, one.project.paper.printing.margins),
		styles,
		title,
		new Set(),
		known
	);
	if (!pages.ok) return pages.error.message;
	new PdfMaker().save(`${SHEETS[sheet].name.toLowerCase()}-strip.pdf`, {
		...{ pages: pages.value, title }
	});
	return null;
}
