import { download } from '../files/download.ts';
import { fileName } from '../files/file-name.ts';
import type { ProjectRow } from '../store/db.ts';

/** Saves a kept project just as it lies in the store, for one that cannot be opened. */
export const saveRaw = ({ name, project }: ProjectRow): void =>
	download(
		fileName([name, 'raw'], 'json'),
		`${JSON.stringify(project, null, '\t')}\n`,
		'application/json'
	);
