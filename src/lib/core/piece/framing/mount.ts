import { mustBeFinite } from '../../base/check.ts';

/** Margins of a mount around its window, mm. */
export interface Margins {
	side: number;
	top: number;
	bottom: number;
}

/**
 * Margins in mm of a window centred across, its bottom margin deeper by `extra`: bottom = top + extra.
 *
 * side = (W − w)/2; top = (H − h − extra)/2. Throws RangeError where the window does not fit.
 * Source: common practice, about 5 mm moved from top to bottom.
 */
export function mountMargins({
	outerWidth,
	outerHeight,
	windowWidth,
	windowHeight,
	extra
}: {
	outerWidth: number;
	outerHeight: number;
	windowWidth: number;
	windowHeight: number;
	extra: number;
}): Margins {
	mustBeFinite({ outerWidth, outerHeight, windowWidth, windowHeight, extra });
	const side = (outerWidth - windowWidth) / 2;
	const top = (outerHeight - windowHeight - extra) / 2;
	if (windowWidth <= 0 || windowHeight <= 0) throw new RangeError('the window must be more than 0');
	if (side < 0 || top < 0 || top + extra < 0)
		throw new RangeError('the window does not fit into the mount');
	return { side, top, bottom: top + extra };
}

/**
 * The same by ratio: bottom = weight × top. Throws RangeError where the window does not fit.
 * Source: an older school of framers, weights of 1.1 to 1.25; common practice.
 */
export function mountMarginsByRatio({
	weight,
	...input
}: Omit<Parameters<typeof mountMargins>[0], 'extra'> & { weight: number }): Margins {
	mustBeFinite({ weight });
	if (weight <= 0) throw new RangeError('weight must be more than 0');
	const both = input.outerHeight - input.windowHeight;
	const top = both / (1 + weight);
	return mountMargins({ ...input, extra: top * (weight - 1) });
}
