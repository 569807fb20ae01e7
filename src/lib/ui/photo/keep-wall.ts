import {
	featureFact,
	startFeature,
	type Feature,
	type Wall,
	type WallFigure
} from '$lib/core/index.ts';
import {
	addFeature,
	readFromPhoto,
	setFeature,
	setWall,
	type ReadFigure
} from '$lib/store/commands/index.ts';
import type { Command } from '$lib/store/history.ts';
import type { Session } from '$lib/store/session.svelte.ts';
import { ACTS } from '$lib/words/en/acts.ts';
import { readNow } from '../field/read-now.ts';
import type { TracedFigures } from './wall-photo.svelte.ts';

interface Kept {
	session: Session;
	/** The wall with its sides as the tape gave them. */
	wall: Wall;
	/** Hash of the photo, and where the corners of the wall lie in it, as shares. */
	hash: string;
	corners: { x: number; y: number }[];
	/** Sides of the wall that no tape told. */
	outline: Partial<Record<'width' | 'height', WallFigure>>;
	features: readonly TracedFigures[];
}

/** Keeps what a photo of a wall gave: the photo itself, the things traced on it, and readings as sure as it made them. */
export function keepWall({ session, wall, hash, corners, outline, features }: Kept): Command {
	const reading = ({ value, sd }: WallFigure) => ({
		...readNow(session, value, 'photo'),
		spread: { own: sd, shared: 0 }
	});
	const sides = Object.entries(outline).map(([key, figure]) => ({
		figure: {
			fact: { of: 'wall', id: wall.id, key },
			...{ name: key, stands: null, way: 'photo' },
			write: (mean) => setWall(wall.id, { [key]: mean })
		} satisfies ReadFigure,
		reading: reading(figure)
	}));
	const traced = features.flatMap(({ id, figures }) =>
		Object.entries(figures).map(([key, figure]) => ({
			figure: {
				fact: featureFact(wall.id, id, key as keyof typeof figures),
				...{ name: key, stands: null, way: 'photo' },
				write: (mean) => setFeature(wall.id, id, { [key]: mean })
			} satisfies ReadFigure,
			reading: reading(figure)
		}))
	);
	const known = {
		...{ x: 0, y: 0 },
		width: outline.width?.value ?? wall.width,
		height: outline.height?.value ?? wall.height
	};
	const before = [
		setWall(wall.id, {
			photo: { hash, corners, known },
			...{ width: wall.width, height: wall.height }
		}),
		...features.map(({ id, kind, name }) =>
			addFeature(wall.id, { ...startFeature(() => id, kind, wall), name } as Feature)
		)
	];
	return readFromPhoto(ACTS.surveyFromPhoto({ name: wall.name }), [...sides, ...traced], before);
}
