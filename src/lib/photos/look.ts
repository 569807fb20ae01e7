import { fail } from './said.ts';
import { ok, type Quad, type Result } from '../core/index.ts';
import { checkPhotoFile } from './photo.ts';
import type { Edges, Front, LookAnswer, LookAnswers, LookTask, Opened } from './look.worker.ts';

export type { Edges, Front, Opened };

/** A photo that is looked at in a worker of its own; its pixels stay there. Says why where it cannot be read. */
export class PhotoEye {
	readonly #worker = new Worker(new URL('./look.worker.ts', import.meta.url), { type: 'module' });
	/** One question after the other. */
	#last: Promise<unknown> = Promise.resolve();

	constructor(readonly file: File) {}

	async open(): Promise<Result<Opened>> {
		const checked = checkPhotoFile(this.file);
		return checked.ok ? this.#ask({ ask: 'open', file: this.file }) : checked;
	}

	/** @param shape longer side of the sheet over the shorter; `ringed` where its four rings are looked for instead. */
	sheet = (shape: number, ringed: boolean): Promise<Result<LookAnswers['sheet']>> =>
		this.#ask({ ask: 'sheet', shape, ringed });

	edges = (corners: Quad): Promise<Result<Edges>> => this.#ask({ ask: 'edges', corners });

	/** What lies between four corners, as it is seen straight on; `size` gives its shape. */
	front = (corners: Quad, size: { width: number; height: number }): Promise<Result<Front>> =>
		this.#ask({ ask: 'front', corners, ...size });

	close(): void {
		this.#worker.terminate();
	}

	async #ask<Ask extends LookTask['ask']>(
		task: LookTask & { ask: Ask }
	): Promise<Result<LookAnswers[Ask]>> {
		const answered = this.#last.then(
			() =>
				new Promise<LookAnswer>((resolve) => {
					this.#worker.onmessage = ({ data }: MessageEvent<LookAnswer>) => resolve(data);
					this.#worker.onerror = () => resolve({ ok: false, code: 'not-looked' });
					this.#worker.postMessage(task);
				})
		);
		this.#last = answered;
		const answer = await answered;
		return answer.ok
			? ok(answer.value as LookAnswers[Ask])
			: fail(answer.code, { name: this.file.name });
	}
}
