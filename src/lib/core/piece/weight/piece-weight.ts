import { CANVAS_BAR_MM } from '../../base/figures/hardware.ts';
import type { Build } from './build.ts';
import { filled } from '../../base/schemas/outline.ts';
import type { Piece } from '../piece.ts';
import { estimateWeight, type WeightEstimate, type WeightInput } from './estimate.ts';
import {
	BACKING_SHEETS,
	BODY_MATERIALS,
	CONTENT_SHEETS,
	GLAZING_SHEETS,
	MOULDINGS,
	MOUNT_BOARD
} from './materials.ts';
import { NARROWS } from '../../../words/en/weight.ts';

type Weighed = Pick<
	Piece,
	'kind' | 'width' | 'height' | 'depth' | 'frame' | 'outline' | 'build' | 'weight'
>;

/** What is known of a piece's weight, kg. */
export interface PieceWeight {
	/** The figure to reckon with: the scale's, else the high end of the estimate. */
	kg: number;
	by: 'scale' | 'estimate';
}

/** The weight to reckon with, or null while nothing is known. The scale beats the estimate. */
export function weightToReckon(piece: Weighed): PieceWeight | null {
	if (piece.weight !== null) return { kg: piece.weight, by: 'scale' };
	const estimate = pieceEstimate(piece);
	return estimate && estimate.high > 0 ? { kg: estimate.high, by: 'estimate' } : null;
}

/** The estimate from what the piece is made of; null while that is not described. */
export function pieceEstimate(piece: Weighed): WeightEstimate | null {
	if (!piece.build) return null;
	return scaled(estimateWeight(inputOf(piece, piece.build)), filled(piece.outline));
}

/** What would narrow the range most, in a sentence. */
export function narrowing({ parts }: WeightEstimate): string {
	const widest = [...parts].sort((a, b) => b.plusMinus - a.plusMinus)[0];
	if (!widest || widest.plusMinus === 0) return NARROWS.scale();
	return NARROWS.part({ part: widest.name });
}

function inputOf({ kind, width, height, depth, frame }: Weighed, build: Build): WeightInput {
	const sheets = [
		bodyOf({ kind, height, depth }, build),
		build.glazing === 'none' ? null : GLAZING_SHEETS[build.glazing],
		build.content === 'none' ? null : CONTENT_SHEETS[build.content],
		build.backing === 'none' ? null : BACKING_SHEETS[build.backing]
	];
	const section = build.moulding === 'none' ? null : MOULDINGS[build.moulding];
	const widest = Math.min(width, height) / 2;
	const bars = kind === 'canvas';
	const usual = bars ? CANVAS_BAR_MM : Math.min(width, height) * 0.06;
	const m = Math.min(frame?.width ?? usual, widest);
	const rabbet = bars ? m : (frame?.rabbet ?? 6);
	const lost = section ? 2 * Math.max(m - rabbet, 0) : 0;
	return {
		width,
		height,
		...(section
			? {
					moulding: {
						width: m,
						depth,
						fill: build.profile,
						density: section.density,
						rabbet,
						spread: frame ? section.spread : section.spread + 0.2
					}
				}
			: {}),
		layers: sheets.filter((sheet) => sheet !== null),
		...(build.mount
			? {
					mat: {
						width: width - lost,
						height: height - lost,
						...build.mount,
						kgPerM2: MOUNT_BOARD
					}
				}
			: {}),
		hardware: build.hardware
	};
}

/** A solid body as a sheet; the board of a shelf lies flat, as deep as the shelf is. */
function bodyOf(
	{ kind, height, depth }: Pick<Weighed, 'kind' | 'height' | 'depth'>,
	{ body }: Build
): WeightInput['layers'][number] | null {
	if (!body) return null;
	const { name, density, spread } = BODY_MATERIALS[body.of];
	const flat = kind === 'shelf' ? Math.max(depth, height) / height : 1;
	return { name, kgPerM2: (density * body.thick * flat) / 1000, spread };
}

/** An oval or cut-out piece holds that much less of everything but its hardware. */
function scaled(estimate: WeightEstimate, share: number): WeightEstimate {
	if (share === 1) return estimate;
	const parts = estimate.parts.map((part) =>
		part.name === 'hardware'
			? part
			: { ...part, kg: part.kg * share, plusMinus: part.plusMinus * share }
	);
	const kg = parts.reduce((sum, part) => sum + part.kg, 0);
	const off = parts.reduce((sum, part) => sum + part.plusMinus, 0);
	return { kg, low: kg - off, high: kg + off, parts };
}
