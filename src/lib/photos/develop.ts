import { fail } from './said.ts';
import { ok, type Result } from '../core/index.ts';
import { checkPhotoFile, type Cut, type Developed } from './photo.ts';
import type { Answer, Task } from './photo.worker.ts';

/** A chosen file cut, turned and made smaller in a worker; says why when it cannot be. */
export async function develop(file: File, cut: Cut): Promise<Result<Developed>> {
	const checked = checkPhotoFile(file);
	if (!checked.ok) return checked;
	const worker = new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' });
	const answer = await new Promise<Answer>((resolve) => {
		worker.onmessage = ({ data }: MessageEvent<Answer>) => resolve(data);
		worker.onerror = () => resolve({ ok: false, code: 'not-developed' });
		worker.postMessage({ file, cut } satisfies Task);
	});
	worker.terminate();
	if (answer.ok) return ok(answer.value);
	return fail(answer.code, { name: file.name });
}
