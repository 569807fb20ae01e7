import {
	AS_HUNG_READING_MM,
	LEVEL_READING_DEGREES,
	LIGHT_READING_LUX,
	SCALE_READING_KG,
	CORNER_READING_MM,
	HOOK_OFFSET_MM,
	HUNG_READING_MM,
	LASER_READING_MM,
	PHOTO_READING_MM,
	PULL_READING_MM,
	SAME_LEVEL_DEGREES,
	SAME_METER_LUX,
	SAME_SCALE_KG,
	SAME_TAPE_MM,
	TAPE_READING_MM
} from '../base/figures/readings.ts';
import { READ_BY } from '../../words/en/readings.ts';

/** One way to read a figure, and how far its readings scatter, in the unit of what is read. */
export interface Way {
	/** Standard deviation of one reading. */
	own: number;
	/** What every reading with the same instrument shares: reading again does not take it away. */
	shared: number;
}

const apart = (whole: number, shared: number): Way => ({
	own: Math.sqrt(whole ** 2 - shared ** 2),
	shared
});

/** Every way a figure is read. A new one is a name and a line here, and its words. */
export const WAYS = {
	tape: apart(TAPE_READING_MM, SAME_TAPE_MM),
	corners: apart(CORNER_READING_MM, SAME_TAPE_MM),
	pulled: apart(PULL_READING_MM, SAME_TAPE_MM),
	'hung-on-tape': apart(HUNG_READING_MM, SAME_TAPE_MM),
	laser: apart(LASER_READING_MM, SAME_TAPE_MM),
	photo: apart(PHOTO_READING_MM, SAME_TAPE_MM),
	'as-hung': apart(AS_HUNG_READING_MM, SAME_TAPE_MM),
	// What stood before anybody read it: each has a spread of its own.
	usual: apart(HOOK_OFFSET_MM, 0),
	level: apart(LEVEL_READING_DEGREES, SAME_LEVEL_DEGREES),
	scale: apart(SCALE_READING_KG, SAME_SCALE_KG),
	light: apart(LIGHT_READING_LUX, SAME_METER_LUX)
} as const satisfies Record<string, Way>;

export type WayOfReading = keyof typeof WAYS;
/** How each is told; one without its words does not compile. */
export const WAY_WORDS: Readonly<Record<WayOfReading, string>> = READ_BY;
export const WAYS_OF_READING = Object.keys(WAYS) as [WayOfReading, ...WayOfReading[]];
