/** One wall point of a piece or of a hanging: a hook, or the hole it went into. */
export interface PointRef {
	/** Id of the piece or of the hanging. */
	of: string;
	/** Of its wall points, from 0. */
	index: number;
}

const WRITTEN = /^(.*):(\d+)$/s;

/** How a point is named in a project file; nothing else writes or reads such an id. */
export const pointId = ({ of, index }: PointRef): string => `${of}:${index}`;

/** The point an id names; null where it names none, such as a hole that was there before. */
export function pointNamed(id: string): PointRef | null {
	const [, of, index] = WRITTEN.exec(id) ?? [];
	return of === undefined ? null : { of, index: Number(index) };
}
