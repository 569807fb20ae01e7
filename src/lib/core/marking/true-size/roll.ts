import type { CutPlacement } from '../cutting/cut-plan.ts';
import type { Rect } from '../../base/geometry/rect.ts';
import { line, shifted, type Drawing, type Drawn } from './ink.ts';

/** All drawings on one length of roll, where they are cut from it; each in the middle of its sheet, with its trim round it. */
export function rollDrawing(
	drawings: ReadonlyMap<string, Drawing>,
	placements: readonly CutPlacement[],
	{ rollWidth, length }: { rollWidth: number; length: number }
): Drawing {
	return {
		box: { x: 0, y: 0, width: rollWidth, height: length },
		ink: placements.flatMap((sheet) => {
			const drawing = drawings.get(sheet.id);
			return drawing ? [cutLine(sheet), ...onSheet(drawing, sheet)] : [];
		})
	};
}

function onSheet({ box, ink }: Drawing, sheet: CutPlacement): Drawn[] {
	const middle = { x: sheet.x + sheet.width / 2, y: sheet.y + sheet.height / 2 };
	const [across, up] = [box.x + box.width / 2, box.y + box.height / 2];
	const by = sheet.rotated
		? { x: middle.x + up, y: middle.y - across }
		: { x: middle.x - across, y: middle.y - up };
	return ink.map((each) => shifted(each, by, sheet.rotated));
}

const cutLine = ({ x, y, width, height }: Rect): Drawn => ({
	...line('join', [x, y], [x + width, y], [x + width, y + height], [x, y + height]),
	closed: true
});
