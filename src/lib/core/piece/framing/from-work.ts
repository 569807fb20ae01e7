import { fail } from './said.ts';
import { WINDOW_OVERLAP_MM, MOUNT_FOOT_MM, MOUNT_FOOT_RATIO } from '../../base/figures/framing.ts';
import { ok, type Result } from '../../base/result.ts';
import { frameAround, type FrameSums } from './frame-size.ts';
import { mountMargins, mountMarginsByRatio, type Margins } from './mount.ts';

/** How much deeper the bottom margin of a mount is. Common practice; the ratio is an older school. */
export const MOUNT_SCHOOLS = [
	{ value: 'extra', name: '5 mm deeper' },
	{ value: 'ratio', name: '1.2 to 1' },
	{ value: 'equal', name: 'equal' }
] as const;
export type MountSchool = (typeof MOUNT_SCHOOLS)[number]['value'];

/**
 * Margins and sizes in mm from a work outwards, with one margin at the top and sides and the bottom by a school.
 * Errors: `sizes-do-not-fit`. Source: common practice.
 */
export function frameFromWork({
	work,
	mount,
	margin,
	school,
	moulding,
	rabbet
}: {
	work: { width: number; height: number };
	mount: 'none' | 'window' | 'float';
	margin: number;
	school: MountSchool;
	moulding: number;
	rabbet: number;
}): Result<{ margins: Margins; frame: FrameSums }> {
	const covered = mount === 'window' ? 2 * WINDOW_OVERLAP_MM : 0;
	const windowWidth = work.width - covered;
	const windowHeight = work.height - covered;
	const bottom = { extra: margin + MOUNT_FOOT_MM, ratio: margin * MOUNT_FOOT_RATIO, equal: margin }[
		school
	];
	const outside = {
		outerWidth: windowWidth + 2 * margin,
		outerHeight: windowHeight + margin + bottom,
		windowWidth,
		windowHeight
	};
	try {
		const margins =
			school === 'ratio'
				? mountMarginsByRatio({ ...outside, weight: MOUNT_FOOT_RATIO })
				: mountMargins({ ...outside, extra: bottom - margin });
		return ok({ margins, frame: frameAround({ work, mount, margins, moulding, rabbet }) });
	} catch (error) {
		if (!(error instanceof RangeError)) throw error;
		return fail('sizes-do-not-fit');
	}
}
