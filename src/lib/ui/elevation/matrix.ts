import type { Homography } from '../../core/index.ts';

/** A projective map of the plane as a CSS transform, about the upper left corner. */
export const matrix3d = ({ a, b, c, d, e, f, g, h }: Homography): string =>
	`matrix3d(${[a, d, 0, g, b, e, 0, h, 0, 0, 1, 0, c, f, 0, 1].join(',')})`;
