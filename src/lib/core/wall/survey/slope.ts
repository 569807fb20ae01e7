import { mustBeFinite } from '../../base/check.ts';

/** Slope of the floor from the left end to x, degrees, rising to the right positive: atan((line - down)/x); 0 at the end itself. */
export function slopeTo({ line, down, x }: { line: number; down: number; x: number }): number {
	mustBeFinite({ line, down, x });
	return x === 0 ? 0 : (Math.atan((line - down) / x) * 180) / Math.PI;
}

/** Distance from the level line down to the floor at x, mm, where a level shows this slope: line - x·tan(slope). */
export function downAt({ line, degrees, x }: { line: number; degrees: number; x: number }): number {
	mustBeFinite({ line, degrees, x });
	return line - x * Math.tan((degrees * Math.PI) / 180);
}
