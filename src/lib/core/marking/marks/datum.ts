import { faceOf, type Feature } from '../../wall/features/index.ts';
import { right, top, type Rect } from '../../base/geometry/rect.ts';
import type { AcrossDatum, UpDatum, Wall } from '../../model/wall.ts';
import { ceilingAt, floorAt } from '../../wall/survey/outline.ts';
import { HOOKED_AT } from '../../../words/en/marks.ts';

/** A place the tape can be hooked, with how a person would call it. */
export interface TapeOrigin<D> {
	datum: D;
	/** mm from the left end, or above the level datum. */
	at: number;
	label: string;
}

/** What datums are resolved against. */
export interface Datums {
	wall: Wall;
	pieces: readonly { pieceId: string; letter: string; rect: Rect }[];
	centreLineY: number;
}

const byName = (feature: Feature): string =>
	HOOKED_AT.feature({ name: feature.name, edge: faceOf(feature).edge ?? '' });

/** Every place the floor tape can be hooked: corners first, then features, then pieces. */
export function acrossDatums({ wall, pieces }: Datums): TapeOrigin<AcrossDatum>[] {
	const edges = (from: 'feature' | 'piece', id: string, rect: Rect, name: string) =>
		(['left', 'right'] as const).map((edge) => ({
			datum: { from, id, edge },
			at: edge === 'left' ? rect.x : right(rect),
			label: HOOKED_AT['side-of']({ name, edge })
		}));
	return [
		{ datum: { from: 'left-corner' }, at: 0, label: HOOKED_AT['left-corner']() },
		{ datum: { from: 'right-corner' }, at: wall.width, label: HOOKED_AT['right-corner']() },
		{ datum: { from: 'nearest' }, at: 0, label: HOOKED_AT.nearest() },
		...wall.features.flatMap((feature) => edges('feature', feature.id, feature, byName(feature))),
		...pieces.flatMap(({ pieceId, letter, rect }) =>
			edges('piece', pieceId, rect, HOOKED_AT.piece({ letter }))
		)
	];
}

/** Every place the side tape can be hooked. */
export function upDatums({ wall, pieces, centreLineY }: Datums): TapeOrigin<UpDatum>[] {
	const edges = (from: 'feature' | 'piece', id: string, rect: Rect, name: string) =>
		(['top', 'bottom'] as const).map((edge) => ({
			datum: { from, id, edge },
			at: edge === 'top' ? top(rect) : rect.y,
			label: HOOKED_AT['edge-of']({ name, edge })
		}));
	return [
		{ datum: { from: 'floor-here' }, at: 0, label: HOOKED_AT['floor-here']() },
		{ datum: { from: 'level-line' }, at: 0, label: HOOKED_AT['level-line']() },
		...(wall.levels.readings.length > 0
			? [
					{
						datum: { from: 'read-line' as const },
						at: wall.levels.line,
						label: HOOKED_AT['read-line']()
					}
				]
			: []),
		{ datum: { from: 'centre-line' }, at: centreLineY, label: HOOKED_AT['centre-line']() },
		...(wall.tape.up.from === 'line'
			? [{ datum: wall.tape.up, at: wall.tape.up.at, label: HOOKED_AT.line() }]
			: []),
		{ datum: { from: 'ceiling' }, at: wall.height, label: HOOKED_AT.ceiling() },
		...wall.features
			.filter(({ y, height }) => y > 0 || height < wall.height)
			.flatMap((feature) => edges('feature', feature.id, feature, byName(feature))),
		...pieces.flatMap(({ pieceId, letter, rect }) =>
			edges('piece', pieceId, rect, HOOKED_AT.piece({ letter }))
		)
	];
}

/** The hooked tape of a datum; one that is no longer there falls back to the first of the list. */
export function findDatum<D extends object>(list: TapeOrigin<D>[], datum: D): TapeOrigin<D> {
	const key = datumKey(datum);
	return list.find((hooked) => datumKey(hooked.datum) === key) ?? list[0]!;
}

/** Where the floor tape is hooked, without listing every place it might be. */
export const hookedAcross = (datums: Datums, datum: AcrossDatum): TapeOrigin<AcrossDatum> =>
	findDatum(acrossDatums(only(datums, datum)), datum);

/** Where the side tape is hooked. */
export const hookedUp = (datums: Datums, datum: UpDatum): TapeOrigin<UpDatum> =>
	findDatum(upDatums(only(datums, datum)), datum);

function only({ wall, pieces, centreLineY }: Datums, datum: AcrossDatum | UpDatum): Datums {
	const id = 'id' in datum ? datum.id : null;
	return {
		wall: { ...wall, features: wall.features.filter((feature) => feature.id === id) },
		pieces: pieces.filter(({ pieceId }) => pieceId === id),
		centreLineY
	};
}

/** Lines a tape is laid against by a mark, and not by its hook. */
const LINES = ['level-line', 'read-line', 'centre-line', 'line'];

/** What a tape’s hook adds to a reading from there, mm. */
export const hookAdds = ({ from }: AcrossDatum | UpDatum, tapeHook: number): number =>
	LINES.includes(from) ? 0 : tapeHook;

/** A text that is equal for equal datums. */
export const datumKey = (datum: object): string =>
	['from', 'id', 'edge'].map((key) => (datum as Record<string, unknown>)[key] ?? '').join('/');

/** Height of the up datum for a mark at x: floor and ceiling differ from place to place. */
export function datumHeight(wall: Wall, hooked: TapeOrigin<UpDatum>, x: number): number {
	if (hooked.datum.from === 'floor-here') return floorAt(wall, x);
	return hooked.datum.from === 'ceiling' ? ceilingAt(wall, x) : hooked.at;
}
