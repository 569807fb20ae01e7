import { asRecord, each, type Loose } from './loose.ts';

/** Version 1 knew what a piece looks like and four ways to hang; version 2 knows what it is. */

/** A project file of version 1 as one of version 2. Damage is left for the schema to name. */
export function fromVersion1(file: Loose): Loose {
	return {
		...file,
		houseRules: { wireFactor: 2, ...asRecord(file.houseRules) },
		pieces: each(file.pieces, piece),
		walls: each(file.walls, (wall) => ({ rail: null, units: null, ...wall }))
	};
}

function piece({ look, ...old }: Loose): Loose {
	return {
		kind: look,
		outline: { by: 'rectangle' },
		glazing: look === 'mirror' ? 'glass' : 'none',
		frame: null,
		build: null,
		massOffset: 0,
		massUp: null,
		photo: '',
		set: '',
		notes: '',
		found: {},
		...old,
		back: back(asRecord(old.back))
	};
}

const POINTS = { by: 'strap', screws: 2, screwLength: null };

function back(old: Loose): Loose {
	if (old.kind === 'rings') return { points: POINTS, ...old };
	if (old.kind === 'sawtooth') return { tooth: 0, toothPitch: 6, ...old };
	return { ringLower: null, points: POINTS, ...old };
}
