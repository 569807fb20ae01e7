import { cardPage, SHEETS, sheetFrames, usualSheet, type Project } from '$lib/core/index.ts';
import { CARD_NOTES } from '$lib/words/en/photo-readings.ts';
import { PdfMaker } from '../paper/pdf-maker.svelte.ts';
import { notices } from '../toast.svelte.ts';

/** Saves the card with four rings for the paper of this project. */
export function saveCard({ houseRules, paper }: Pick<Project, 'houseRules' | 'paper'>): void {
	const sheet = usualSheet(houseRules.units);
	const pages = cardPage(sheetFrames(sheet, paper.printing.margins));
	if (!pages.ok) {
		notices.error(pages.error.message);
		return;
	}
	new PdfMaker().save(`${SHEETS[sheet].name.toLowerCase()}-photo-card.pdf`, {
		...{ pages: pages.value, title: CARD_NOTES.caption() }
	});
}
