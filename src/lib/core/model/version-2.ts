import { asRecord, each, type Loose } from './loose.ts';

/** Version 2 knew floor heights and five kinds of feature; version 3 knows the survey: readings, build, stairs, hints. */
export function fromVersion2(file: Loose): Loose {
	return { readings: {}, ...file, walls: each(file.walls, wall) };
}

/** Height of the level line that the old floor heights are told from, mm. */
const LINE = 1000;

/** Facts that version 2 did not ask for, by the kind of feature. */
const ASKED: Record<string, Loose> = {
	door: { opens: 'away' },
	socket: { later: false },
	switch: { later: false },
	furniture: { sort: 'other' }
};

const askedOf = (kind: unknown): Loose =>
	typeof kind === 'string' && Object.hasOwn(ASKED, kind) ? ASKED[kind]! : {};

function wall({ floor, ...old }: Loose): Loose {
	return {
		ceiling: [],
		stairs: null,
		levels: { line: LINE, readings: Array.isArray(floor) ? floor.map(reading) : [] },
		made: { of: 'unknown', board: null, surface: 'smooth', age: 'unknown' },
		wet: [],
		lux: null,
		hints: [],
		studs: { pitch: null, pinned: [] },
		proof: { width: null, height: null, diagonal: null },
		...old,
		features: each(old.features, (feature) => ({ ...askedOf(feature.kind), ...feature }))
	};
}

function reading(point: unknown, index: number): Loose {
	const { x, y } = asRecord(point);
	return { id: `floor-${index}`, x, down: typeof y === 'number' ? LINE - y : y, up: null };
}
