import type { Wall } from '../../core/index.ts';

export type CeilingShape = 'level' | 'sloping' | 'gable' | 'corners';

/** What the corners of a ceiling make it. */
export function shapeOf({ ceiling, width }: Pick<Wall, 'ceiling' | 'width'>): CeilingShape {
	if (ceiling.length === 0) return 'level';
	if (ceiling.at(-1)!.x !== width) return 'corners';
	if (ceiling.length === 1) return 'sloping';
	return ceiling.length === 2 ? 'gable' : 'corners';
}

/** Corners to start a shape from, keeping what is known of the right end. */
export function cornersFor(shape: CeilingShape, wall: Wall): Wall['ceiling'] {
	const { width, height } = wall;
	const end = wall.ceiling.find(({ x }) => x === width) ?? { x: width, y: height };
	if (shape === 'level') return [];
	if (shape === 'sloping') return [end];
	const ridge = { x: width / 2, y: height + width / 8 };
	if (shape === 'gable') return [ridge, end];
	return [{ x: width / 3, y: height }, { x: (2 * width) / 3, y: height }, end];
}
