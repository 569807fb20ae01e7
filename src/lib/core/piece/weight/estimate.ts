import { mustBeFinite } from '../../base/check.ts';

export interface WeightInput {
	/** Outside of the frame, mm. */
	width: number;
	height: number;
	/** Section in mm, `fill` the share of width times depth that is material, density in kg/m³. */
	moulding?: {
		width: number;
		depth: number;
		fill: number;
		density: number;
		rabbet: number;
		spread?: number;
	};
	/** Sheets that fill the frame's rabbet; `spread` is how far the figure may be off, as a share. */
	layers: { name: string; kgPerM2: number; spread?: number }[];
	mat?: {
		width: number;
		height: number;
		windowWidth: number;
		windowHeight: number;
		kgPerM2: number;
	};
	/** kg. */
	hardware: number;
}

export interface WeightPart {
	name: string;
	kg: number;
	/** kg by which it may be off. */
	plusMinus: number;
}

export interface WeightEstimate {
	kg: number;
	low: number;
	high: number;
	parts: WeightPart[];
}

/** How far each part's figure may be off, as a share. From memory. */
const SPREAD = { moulding: 0.2, layer: 0.1, mat: 0.2, hardware: 0.5 };

/**
 * Weight in kg of a framed piece from its materials, with a range.
 *
 * Moulding: ring between the outside and its inner edge × depth × fill × density. Sheets and mat lie in the rabbet:
 * (W − 2(m − rabbet)) × (H − 2(m − rabbet)) × kg/m²; a mat less its window. Low and high take every part off its
 * figure the same way. Throws RangeError on sizes that are not finite or are negative, or a moulding wider than half.
 * Source: densities, glass 2500 kg/m³ by EN 572-1; others typical. The scale beats the estimate.
 */
export function estimateWeight({
	width,
	height,
	moulding,
	layers,
	mat,
	hardware
}: WeightInput): WeightEstimate {
	mustBeFinite({ width, height, hardware });
	if (width <= 0 || height <= 0 || hardware < 0)
		throw new RangeError('sizes must be more than 0, and hardware at least 0');
	const parts: WeightPart[] = [];
	const add = (name: string, kg: number, spread: number) =>
		parts.push({ name, kg, plusMinus: kg * spread });
	if (moulding) {
		const { width: m, depth, fill, density, spread } = moulding;
		mustBeFinite({ m, depth, fill, density });
		if (m < 0 || 2 * m > Math.min(width, height) || depth < 0 || fill < 0 || density < 0)
			throw new RangeError('the moulding must fit the piece, and its figures be at least 0');
		const ring = width * height - (width - 2 * m) * (height - 2 * m);
		add('moulding', (ring * depth * fill * density) / 1e9, spread ?? SPREAD.moulding);
	}
	const lost = moulding ? 2 * Math.max(moulding.width - moulding.rabbet, 0) : 0;
	const sheet = Math.max(width - lost, 0) * Math.max(height - lost, 0);
	for (const { name, kgPerM2, spread } of layers) {
		mustBeFinite({ kgPerM2 });
		add(name, (sheet * kgPerM2) / 1e6, spread ?? SPREAD.layer);
	}
	if (mat) {
		const area = Math.max(mat.width * mat.height - mat.windowWidth * mat.windowHeight, 0);
		add('mount', (area * mat.kgPerM2) / 1e6, SPREAD.mat);
	}
	add('hardware', hardware, SPREAD.hardware);
	const kg = parts.reduce((sum, part) => sum + part.kg, 0);
	const off = parts.reduce((sum, part) => sum + part.plusMinus, 0);
	return { kg, low: kg - off, high: kg + off, parts };
}
