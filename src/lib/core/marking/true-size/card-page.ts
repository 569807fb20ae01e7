import { ok, type Result } from '../../base/result.ts';
import { RING_CARD } from '../../base/ring-card.ts';
import { CARD_NOTES } from '../../../words/en/photo-readings.ts';
import { footInk } from './foot.ts';
import { oval, words } from './ink.ts';
import type { PaperPage } from './page.ts';
import { usable, type PageFrame } from './page-frame.ts';

/** The card with four rings that photos are measured by, upright on a sheet. Errors: those of `usable`. */
export function cardPage(frames: readonly PageFrame[]): Result<PaperPage[]> {
	const fit = usable(frames);
	if (!fit.ok) return fit;
	const frame = fit.value.find(({ width, height }) => height > width) ?? fit.value[0]!;
	const { room, width, height } = frame;
	const { across, down, outer, inner } = RING_CARD;
	const left = room.x + (room.width - across) / 2;
	const low = room.y + (room.height - down) / 2;
	const rings = [left, left + across].flatMap((x) =>
		[low, low + down].map((y) => oval('ring', { x, y }, (outer + inner) / 2))
	);
	const middle = left + across / 2;
	return ok([
		{
			...{ name: 'card', width, height, window: room },
			drawn: [
				...rings,
				...CARD_NOTES.how().map((text, index) =>
					words(text, middle, low + down / 2 - 7 * index, 5, { anchor: 'middle' })
				)
			],
			own: footInk(frame, { caption: CARD_NOTES.caption(), title: '', notes: CARD_NOTES.print() })
		}
	]);
}
