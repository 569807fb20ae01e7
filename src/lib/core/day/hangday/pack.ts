import { fail } from '../said.ts';
import { openProject } from '../../model/open.ts';
import type { Project } from '../../model/project.ts';
import { isFactOf } from '../../readings/fact.ts';
import { ok, type Result } from '../../base/result.ts';

export const PACK_FORMAT = 'warm-porch-hang-pack';

/** One wall on its way to the phone, or back: a project that holds that wall alone, under its own id. */
export interface HangPack {
	format: typeof PACK_FORMAT;
	version: 1;
	project: Project;
}

/** What a phone needs to hang one wall. */
export function packWall(project: Project, wallId: string): HangPack {
	const walls = project.walls.filter(({ id }) => id === wallId);
	const here = new Set([
		...walls.flatMap((wall) =>
			wall.arrangements.flatMap(({ placements }) => placements.map(({ pieceId }) => pieceId))
		),
		...project.hangings.filter((each) => each.wallId === wallId).map(({ pieceId }) => pieceId)
	]);
	const readOn = new Set([wallId, ...here]);
	const readings = Object.entries(project.readings).filter(([key]) => isFactOf(key, readOn));
	return {
		format: PACK_FORMAT,
		version: 1,
		project: {
			...project,
			walls,
			pieces: project.pieces.filter(({ id }) => here.has(id)),
			day: project.day.filter((event) => event.wallId === wallId),
			hangings: project.hangings.filter((each) => each.wallId === wallId),
			packed: [],
			readings: Object.fromEntries(readings)
		}
	};
}

/** Whether parsed JSON says that it is a hang pack. */
export const isPack = (file: unknown): boolean =>
	typeof file === 'object' && file !== null && 'format' in file && file.format === PACK_FORMAT;

/** The project in a pack. Errors: `not-a-pack`, `newer-version`, and those of a project file. */
export function openPack(file: unknown): Result<Project> {
	if (!isPack(file)) return fail('not-a-pack', {}, 'format');
	const { version, project } = file as { version?: unknown; project?: unknown };
	if (version !== 1) return fail('newer-version', {}, 'version');
	const opened = openProject(project);
	return opened.ok
		? ok(opened.value)
		: { ok: false, error: { ...opened.error, path: `project.${opened.error.path ?? ''}` } };
}

/** A device that holds this wall alone may take the plan of a pack, and keep what happened there. */
export const mayTakePlan = (here: Project, pack: Project): boolean =>
	here.walls.length === 1 && here.walls[0]!.id === pack.walls[0]!.id;
