import { fail } from './said.ts';
import { HALF_STUD_MM, normalDraw, ok, type HiddenWall, type Result } from '../core/index.ts';
import type { Instrument } from './instrument.ts';
import { battery, LOW } from './simulated.ts';

/** Spread of an edge as a sensor through the board shows it, mm. From memory. */
const EDGE = 5;

/** Edges of a stud as a sensor shows them, swept along the wall, mm. */
export interface SensedEdges {
	left: number;
	right: number;
}

/** A stud sensor swept from one place to another over a hidden wall; it stops at the first stud. */
export function studSensor(
	{ studs }: HiddenWall,
	[from, to]: readonly [number, number],
	draw: () => number
): Instrument<SensedEdges> {
	const lasts = battery(draw);
	return {
		name: 'stud sensor',
		simulated: true,
		read: (): Result<SensedEdges> => {
			if (!lasts()) return LOW;
			const stud = studs.find((x) => x - HALF_STUD_MM >= from && x + HALF_STUD_MM <= to);
			if (stud === undefined) return fail('out-of-range', { of: 'sweep' });
			const left = stud - HALF_STUD_MM + normalDraw(draw, EDGE);
			return ok({ left, right: Math.max(stud + HALF_STUD_MM + normalDraw(draw, EDGE), left + 5) });
		}
	};
}

/** A magnet slid along the wall until it holds on a screw. */
export function slidMagnet(
	{ screws }: HiddenWall,
	[from, to]: readonly [number, number],
	draw: () => number
): Instrument<number> {
	return {
		name: 'magnet',
		simulated: true,
		read: (): Result<number> => {
			const screw = screws.find((x) => x >= from && x <= to);
			return screw === undefined
				? fail('out-of-range', { of: 'slide' })
				: ok(screw + normalDraw(draw, 3));
		}
	};
}
