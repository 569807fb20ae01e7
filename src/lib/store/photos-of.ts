import { eventFace, type Project } from '../core/index.ts';
import { dbFor, type PhotoRow } from './db.ts';
import { photosBy } from './photos.ts';

/** Hashes of every photo a project refers to. */
export function photosIn({ pieces, walls, hangings, day }: Project): Set<string> {
	const hashes = [
		...pieces.flatMap(({ photo, found }) => [
			photo,
			...Object.values(found).map((each) => each.photo)
		]),
		...walls.map(({ photo }) => photo?.hash ?? ''),
		...day.map((event) => eventFace(event).photo?.(event) ?? ''),
		...hangings.flatMap(({ looks }) => looks.map(({ photo }) => photo))
	];
	return new Set(hashes.filter((hash) => hash !== ''));
}

/** Photos of a project under their hashes, as far as this browser has them. */
export async function photosOf(project: Project): Promise<PhotoRow[]> {
	const rows = await photosBy(project.id, [...photosIn(project)]);
	return rows.filter((row) => row !== undefined);
}

/** Copies the photos of a project that became another's, the demo's into the person's own. */
export async function carryPhotos(from: Project, to: Project): Promise<void> {
	if (dbFor(from.id) === dbFor(to.id)) return;
	for (const row of await photosOf(from)) await dbFor(to.id).photos.put(row);
}
