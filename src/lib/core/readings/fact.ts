/** A figure that can be read, wherever it is kept. */
export type Fact =
	| { of: 'piece' | 'back' | 'wall'; id: string; key: string }
	| { of: 'hook'; id: string; key: 'dy' | 'sits' };

/** The key its readings are kept by in a project file; nothing else writes or reads such a key. */
export const factKey = ({ of, id, key }: Fact): string => `${of}/${id}/${key}`;

/** A figure of a thing on a wall. */
export const featureFact = (
	wallId: string,
	featureId: string,
	key: 'x' | 'y' | 'width' | 'height'
): Fact => ({ of: 'wall', id: wallId, key: `${ON_A_WALL}/${featureId}/${key}` });

const ON_A_WALL = 'features';

/** Whether a key is that of a figure of this thing on this wall. */
export function isOfFeature(key: string, wallId: string, featureId: string): boolean {
	const { of, id, key: figure } = factOf(key);
	return of === 'wall' && id === wallId && figure.startsWith(`${ON_A_WALL}/${featureId}/`);
}

/** The figure that a key is of; what wrote it is `factKey`. */
export function factOf(key: string): { of: string; id: string; key: string } {
	const [of = '', id = '', ...rest] = key.split('/');
	return { of, id, key: rest.join('/') };
}

/** Whether a key is that of a figure of one of these walls or pieces, or of a hook. */
export function isFactOf(key: string, ids: ReadonlySet<string>): boolean {
	const { of, id } = factOf(key);
	return of === 'hook' || ids.has(id);
}
