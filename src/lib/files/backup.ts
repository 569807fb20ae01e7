import * as z from 'zod/mini';
import { kitSchema, ok, sameFacts, type Kit, type Project, type Result } from '../core/index.ts';
import { readProjectFile, writeProjectFile } from './project-file.ts';
import type { WithPhotos, ZippedPhoto } from './photo-zip.ts';
import { fail } from './said.ts';

const FORMAT = 'warm-porch-backup';
const VERSION = 1;

const listSchema = z.object({
	format: z.literal(FORMAT),
	version: z.literal(VERSION),
	at: z.iso.datetime(),
	kit: kitSchema
});

/** Everything a browser keeps: all projects with their photos, and the person’s own hooks. */
export interface Backup {
	/** When it was made. */
	at: string;
	kit: Kit;
	projects: readonly Project[];
	photos: readonly ZippedPhoto[];
}

/** A backup as it is zipped. */
export const writeBackup = ({ at, kit, projects, photos }: Backup): WithPhotos => ({
	text: `${JSON.stringify({ format: FORMAT, version: VERSION, at, kit }, null, '\t')}\n`,
	projects: projects.map(writeProjectFile),
	photos
});

/** What of a backup can be opened, and why the rest cannot. */
export interface OpenedBackup extends Backup {
	refused: readonly string[];
}

/** A backup out of its zip. Errors: `not-a-backup`. */
export function readBackup({ text, projects = [], photos }: WithPhotos): Result<OpenedBackup> {
	let list: unknown;
	try {
		list = JSON.parse(text);
	} catch {
		return fail('not-a-backup');
	}
	const read = listSchema.safeParse(list);
	if (!read.success) return fail('not-a-backup');
	const opened = projects.map(readProjectFile);
	return ok({
		...{ at: read.data.at, kit: read.data.kit, photos },
		projects: opened.flatMap((each) => (each.ok ? [each.value] : [])),
		refused: opened.flatMap((each) => (each.ok ? [] : [each.error.message]))
	});
}

/** How a project of a backup stands to the one that is here. */
export type Standing = 'new' | 'same' | 'older-here' | 'newer-here' | 'differs';

export function standingOf(theirs: Project, here: Project | undefined): Standing {
	if (!here) return 'new';
	if (sameFacts(theirs, here)) return 'same';
	if (theirs.revision === here.revision) return 'differs';
	return theirs.revision > here.revision ? 'older-here' : 'newer-here';
}

/** What becomes of a project of a backup. */
export type Restoring = 'take' | 'beside' | 'leave';

/** What loses nothing and brings back what is gone. */
export const USUAL: Readonly<Record<Standing, Restoring>> = {
	new: 'take',
	same: 'leave',
	'older-here': 'take',
	'newer-here': 'leave',
	differs: 'beside'
};
