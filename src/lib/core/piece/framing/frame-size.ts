import { WINDOW_OVERLAP_MM } from '../../base/figures/framing.ts';
import { WOOD_BEFORE_SCREW_MM } from '../../base/figures/hardware.ts';
import { mustBeFinite } from '../../base/check.ts';
import type { Margins } from './mount.ts';

export interface FrameSums {
	/** Window of the mount, or the whole work where it floats or has no mount, mm. */
	window: { width: number; height: number };
	/** What goes into the rabbet: glass, mount and backing are cut to it, less play, mm. */
	sight: { width: number; height: number };
	/** Outside of the frame, mm. */
	outer: { width: number; height: number };
}

/**
 * Sizes of a frame around a work, mm.
 *
 * Window = work − 2 × 3 mm for a window mount, the work itself floating or without a mount. Sheets = window or work +
 * margins. Outer = sheets + 2 × play + 2 × (moulding − rabbet). Throws RangeError on sizes below 0.
 * Source: common practice.
 */
export function frameAround({
	work,
	mount,
	margins,
	moulding,
	rabbet,
	play = 1.5
}: {
	work: { width: number; height: number };
	mount: 'none' | 'window' | 'float';
	margins: Margins;
	moulding: number;
	rabbet: number;
	/** Room between the sheets and the rabbet on each side. */
	play?: number;
}): FrameSums {
	mustBeFinite({ ...work, ...margins, moulding, rabbet, play });
	if (Math.min(work.width, work.height) <= 2 * WINDOW_OVERLAP_MM)
		throw new RangeError('the work must be larger than the mount covers of it');
	if (Math.min(moulding, rabbet, play, margins.side, margins.top, margins.bottom) < 0)
		throw new RangeError('moulding, rabbet, play and margins must be at least 0');
	if (rabbet > moulding) throw new RangeError('the rabbet cannot be wider than the moulding');
	const covered = mount === 'window' ? 2 * WINDOW_OVERLAP_MM : 0;
	const opening = { width: work.width - covered, height: work.height - covered };
	const around = mount === 'none' ? { side: 0, top: 0, bottom: 0 } : margins;
	const sight = {
		width: opening.width + 2 * around.side,
		height: opening.height + around.top + around.bottom
	};
	const rim = 2 * play + 2 * (moulding - rabbet);
	return {
		window: opening,
		sight,
		outer: { width: sight.width + rim, height: sight.height + rim }
	};
}

/**
 * Longest screw in mm for a frame: depth + hardware thickness − 3 mm, below its head.
 * Throws RangeError on sizes below 0. Source: common practice, "shorter than the frame is thick there".
 */
export function longestScrew(frameDepth: number, hardwareThickness: number): number {
	mustBeFinite({ frameDepth, hardwareThickness });
	if (frameDepth < 0 || hardwareThickness < 0) throw new RangeError('sizes must be at least 0');
	return Math.max(frameDepth + hardwareThickness - WOOD_BEFORE_SCREW_MM, 0);
}
