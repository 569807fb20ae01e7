import { ACTS } from '../../words/en/acts.ts';
import { moved, type KeptHint, type Lit, type Wall } from '../../core/index.ts';
import type { Command } from '../history.ts';
import { wallIn } from './find.ts';

type Reading = Wall['levels']['readings'][number];

export const addHint = (wallId: string, hint: KeptHint): Command => ({
	name: ACTS.addAHint(),
	recipe: (draft) => void wallIn(draft, wallId)?.hints.push(hint)
});

/** Puts another hint in the place of one with its id. */
export const setHint = (wallId: string, hint: KeptHint): Command => ({
	name: ACTS.changeAHint(),
	merge: `hint-${hint.id}`,
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (wall) wall.hints = wall.hints.map((each) => (each.id === hint.id ? hint : each));
	}
});

export const moveHint = (wallId: string, hint: KeptHint, dx: number, dy: number): Command =>
	setHint(wallId, moved(hint, dx, dy));

export const removeHint = (wallId: string, id: string): Command => ({
	name: ACTS.removeAHint(),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (wall) wall.hints = wall.hints.filter((hint) => hint.id !== id);
	}
});

export const clearHints = (wallId: string): Command => ({
	name: ACTS.removeAllHints(),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (wall) wall.hints = [];
	}
});

export const addLevelReading = (wallId: string, reading: Reading): Command => ({
	name: ACTS.addALevelReading(),
	recipe: (draft) => void wallIn(draft, wallId)?.levels.readings.push(reading)
});

export const setLevelReading = (
	wallId: string,
	id: string,
	fields: Partial<Omit<Reading, 'id'>>
): Command => ({
	name: ACTS.changeALevelReading(),
	merge: `level-${id}-${Object.keys(fields).join()}`,
	recipe: (draft) => {
		const reading = wallIn(draft, wallId)?.levels.readings.find((each) => each.id === id);
		if (reading) Object.assign(reading, fields);
	}
});

export const removeLevelReading = (wallId: string, id: string): Command => ({
	name: ACTS.removeALevelReading(),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (wall) wall.levels.readings = wall.levels.readings.filter((each) => each.id !== id);
	}
});

/** Says how long a wall is lit, or what light was read at single pieces. */
export const setLit = (wallId: string, lit: Lit): Command => ({
	name: ACTS.changeItsLight(),
	merge: `lit-${wallId}`,
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (wall) wall.lit = lit;
	}
});
