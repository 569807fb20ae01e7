import type { MarkName } from '../../../words/en/back-marks.ts';
import type { Dimension, PiecePoint } from './types.ts';

/** Read from the top edge straight down to a point, mm. */
export const down = (
	key: string,
	label: string,
	help: string,
	to: PiecePoint,
	most: number,
	mark?: MarkName
): Dimension => ({
	key,
	label,
	help,
	value: to.drop,
	from: { x: to.x, drop: 0 },
	to,
	plausible: { min: 0, max: most },
	...(mark && { byPhoto: { from: 'top', to: [mark] } })
});

/** Read from the centre line across to a point, mm; minus is left as it hangs. */
export const offCentre = (
	key: string,
	label: string,
	help: string,
	to: PiecePoint,
	width: number,
	mark: MarkName
): Dimension => ({
	key,
	label,
	help,
	value: to.x,
	from: { x: 0, drop: to.drop },
	to,
	plausible: { min: -width / 2, max: width / 2 },
	signed: true,
	byPhoto: { from: 'middle', to: [mark] }
});
