import { ACTS } from '../../words/en/acts.ts';
import {
	chooseOnFeature,
	isOfFeature,
	type AcrossDatum,
	type Feature,
	type UpDatum,
	type Wall
} from '../../core/index.ts';
import type { Command } from '../history.ts';
import { wallIn } from './find.ts';

export const setWall = (
	id: string,
	fields: Partial<
		Omit<Wall, 'id' | 'features' | 'hints' | 'arrangements' | 'activeArrangement' | 'tape'>
	>
): Command => ({
	name: ACTS.changeTheWall(),
	merge: `wall-${id}-${Object.keys(fields).join()}`,
	recipe: (draft) => {
		const wall = wallIn(draft, id);
		if (wall) Object.assign(wall, fields);
	}
});

export const addWall = (wall: Wall): Command => ({
	name: ACTS.add({ name: wall.name }),
	recipe: (draft) => void draft.walls.push(wall)
});

/** Moves a wall one place on in the order of the room, or back. */
export const reorderWall = (id: string, by: -1 | 1): Command => ({
	name: ACTS.moveAWallInTheRoom(),
	recipe: (draft) => {
		const from = draft.walls.findIndex((wall) => wall.id === id);
		const to = from + by;
		if (from < 0 || to < 0 || to >= draft.walls.length) return;
		draft.walls.splice(to, 0, ...draft.walls.splice(from, 1));
	}
});

export const addFeature = (wallId: string, feature: Feature): Command => ({
	name: ACTS.add({ name: feature.name.toLowerCase() }),
	recipe: (draft) => void wallIn(draft, wallId)?.features.push(feature)
});

export const setFeature = (
	wallId: string,
	id: string,
	fields: Partial<Pick<Feature, 'name' | 'x' | 'y' | 'width' | 'height'>>
): Command => ({
	name: ACTS.changeAFeature(),
	merge: `feature-${id}-${Object.keys(fields).join()}`,
	recipe: (draft) => {
		const feature = wallIn(draft, wallId)?.features.find((each) => each.id === id);
		if (feature) Object.assign(feature, fields);
	}
});

export const answerFeature = (
	wallId: string,
	{ id, name }: Feature,
	key: string,
	answer: string
): Command => ({
	name: ACTS.sayMoreOf({ name: name.toLowerCase() }),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (wall)
			wall.features = wall.features.map((feature) =>
				feature.id === id ? chooseOnFeature(feature, key, answer) : feature
			);
	}
});

export const removeFeature = (wallId: string, { id, name }: Feature): Command => ({
	name: ACTS.remove({ name: name.toLowerCase() }),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (!wall) return;
		wall.features = wall.features.filter((feature) => feature.id !== id);
		const { across, up } = wall.tape;
		if (across.from === 'feature' && across.id === id) wall.tape.across = { from: 'nearest' };
		if (up.from === 'feature' && up.id === id) wall.tape.up = { from: 'floor-here' };
		draft.readings = Object.fromEntries(
			Object.entries(draft.readings).filter(([key]) => !isOfFeature(key, wallId, id))
		);
	}
});

export const hookTape = (
	wallId: string,
	tape: { across?: AcrossDatum; up?: UpDatum; chain?: boolean; hung?: boolean }
): Command => ({
	name: ACTS.hookTheTapeElsewhere(),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (!wall) return;
		Object.assign(wall.tape, tape);
	}
});
