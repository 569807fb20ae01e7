import { goto } from '$app/navigation';
import { resolve } from '$app/paths';
import { isPack, PACK_FORMAT } from '../core/index.ts';
import { readProjectFile } from '../files/project-file.ts';
import { jsonOf, readFile } from '../files/read-file.ts';
import { keepZippedPhoto } from '../store/photos.ts';
import { adoptProject } from '../store/projects.ts';
import { projectPath } from './paths.ts';
import { holdPack } from './receive/held.ts';
import { holdBackup } from './restore/held.ts';
import { notices } from './toast.svelte.ts';
import { unzipped } from './zip.ts';

/** Opens a project file the person chose or dropped; says why when it is refused. */
export async function openFile(file: File): Promise<void> {
	const read = await readFile(file, unzipped);
	if (!read.ok) return refuse(file, read.error);
	const { text, photos, projects } = read.value;
	if (projects) {
		const { readBackup } = await import('../files/backup.ts');
		const backup = readBackup(read.value);
		if (!backup.ok) return refuse(file, backup.error);
		holdBackup(backup.value);
		await goto(resolve('/restore'));
		return;
	}
	const pack = text.includes(PACK_FORMAT) ? jsonOf(text) : undefined;
	if (isPack(pack)) {
		holdPack({ pack, photos });
		await goto(resolve('/receive'));
		return;
	}
	const project = readProjectFile(text);
	if (!project.ok) return refuse(file, project.error);
	const adopted = await adoptProject(project.value);
	if (!adopted.ok) {
		notices.error(adopted.error.message);
		return;
	}
	const notKept: string[] = [];
	for (const photo of photos) {
		const kept = await keepZippedPhoto(adopted.value.id, photo);
		if (!kept.ok) notKept.push(kept.error.message);
	}
	notices.success(`Opened ${adopted.value.name}.`);
	await goto(projectPath(adopted.value.id, adopted.value.walls[0]!.id, 'rack'));
	for (const message of notKept) notices.error(message);
}

const refuse = (file: File, { message }: { message: string }): void =>
	void notices.error(`${file.name} was not opened. ${message}`);
