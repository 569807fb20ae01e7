import { goto } from '$app/navigation';
import { resolve } from '$app/paths';
import { fail, isPack, ok, PACK_FORMAT, type Project, type Result } from '../core/index.ts';
import { LARGEST_FILE, readProjectFile } from '../files/project-file.ts';
import type { ZippedPhoto } from '../files/project-zip.ts';
import { keepZippedPhoto } from '../store/photos.ts';
import { adoptProject } from '../store/projects.ts';
import { projectPath } from './paths.ts';
import { holdPack } from './receive/held.ts';
import { notices } from './toast.svelte.ts';

/** Opens a project file the person chose or dropped; says why when it is refused. */
export async function openFile(file: File): Promise<void> {
	const pack = await packIn(file);
	if (pack !== null) {
		holdPack(pack);
		await goto(resolve('/receive'));
		return;
	}
	const read = await readAnyProject(file);
	if (!read.ok) {
		notices.error(`${file.name} was not opened. ${read.error.message}`);
		return;
	}
	const { project, photos } = read.value;
	const adopted = await adoptProject(project);
	if (!adopted.ok) {
		notices.error(adopted.error.message);
		return;
	}
	for (const photo of photos) {
		const kept = await keepZippedPhoto(adopted.value.id, photo);
		if (!kept.ok) notices.error(kept.error.message);
	}
	notices.success(`Opened ${adopted.value.name}.`);
	await goto(projectPath(adopted.value.id, adopted.value.walls[0]!.id, 'rack'));
}

/** The hang pack in a file; null where it is none. */
async function packIn(file: File): Promise<unknown> {
	if (file.size > LARGEST_FILE) return null;
	const text = await file.text();
	if (!text.includes(PACK_FORMAT)) return null;
	try {
		const parsed: unknown = JSON.parse(text);
		return isPack(parsed) ? parsed : null;
	} catch {
		return null;
	}
}

/** A project out of a JSON file, or with its photos out of a zip. */
async function readAnyProject(
	file: File
): Promise<Result<{ project: Project; photos: ZippedPhoto[] }>> {
	const start = new Uint8Array(await file.slice(0, 2).arrayBuffer());
	if (start[0] === 0x50 && start[1] === 0x4b) {
		const { LARGEST_ZIP, readProjectZip } = await import('../files/project-zip.ts');
		if (file.size > LARGEST_ZIP)
			return fail('too-large', 'This zip is larger than 400 MB; a project is not.');
		return readProjectZip(new Uint8Array(await file.arrayBuffer()));
	}
	if (file.size > LARGEST_FILE)
		return fail('too-large', 'It is larger than 24 MB; a project file is not.');
	const project = readProjectFile(await file.text());
	return project.ok ? ok({ project: project.value, photos: [] }) : project;
}
