import {
	estimate,
	factKey,
	readingsOf,
	type Fact,
	type FactReading,
	type Project,
	type WayOfReading
} from '../../core/index.ts';
import { ACTS } from '../../words/en/acts.ts';
import type { Command } from '../history.ts';

/** A figure that is read: what stands for it now, and how it is written. */
export interface ReadFigure {
	fact: Fact;
	/** As a person calls it, such as “the ring span of B”. */
	name: string;
	/** In its own unit; null while nobody knows it. */
	stands: number | null;
	/** How it is usually read. */
	way: WayOfReading;
	/** Writes what its readings say together. */
	write: (mean: number) => Command;
}

/** Adds readings of a figure; what stands for it is then what all its readings say together. */
export const addReadings = (figure: ReadFigure, added: readonly FactReading[]): Command =>
	withReadings(figure, ACTS.readAgain(figure), (readings) => [...readings, ...added]);

/** Readings of several figures that one photo gave, as one step; what comes before them is done first. */
export const readFromPhoto = (
	name: string,
	read: readonly { figure: ReadFigure; reading: FactReading }[],
	before: readonly Command[] = []
): Command => ({
	name,
	recipe: (draft: Project) => {
		for (const command of before) command.recipe(draft);
		for (const { figure, reading } of read) addReadings(figure, [reading]).recipe(draft);
	}
});

/** Strikes a reading out, or lets it count again. */
export const strikeReading = (figure: ReadFigure, id: string, struck: boolean): Command =>
	withReadings(figure, struck ? ACTS.strikeAReading() : ACTS.countAReading(), (readings) =>
		readings.map((each) => (each.id === id ? { ...each, struck } : each))
	);

const withReadings = (
	{ fact, stands, way, write }: ReadFigure,
	name: string,
	change: (readings: FactReading[]) => FactReading[]
): Command => ({
	name,
	recipe: (draft: Project) => {
		const key = factKey(fact);
		const before = (draft.readings[key] ?? []).map((each) => ({ ...each }));
		const next = change(readingsOf({ [key]: before }, fact, stands, way));
		const said = estimate(next);
		if (said) write(said.mean).recipe(draft);
		draft.readings[key] = next;
	}
});
