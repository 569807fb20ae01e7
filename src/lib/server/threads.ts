import { fail } from './said.ts';
import { availableParallelism } from 'node:os';
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';
import { ANSWERS, refused, type Answer, type Said } from './answers.ts';

/** Told to a thread, so that it knows what it is for. */
const ROLE = 'warm-porch-answers';

interface Question {
	answer: Answer;
	text: string;
}
/** A thread says when it begins, so that nothing before that counts against the time it has. */
type Told = 'begun' | Said;

/** This module is its own thread: the server bundles it to a name that nothing else can know. */
if (!isMainThread && workerData === ROLE)
	parentPort!.on('message', ({ answer, text }: Question) => {
		parentPort!.postMessage('begun' satisfies Told);
		parentPort!.postMessage(ANSWERS[answer](text) satisfies Told);
	});

/** A request is stopped after this long, ms, and a thread that does not begin at all. */
const PATIENCE = 5000;
const TO_BEGIN = 10_000;
/** So many are worked out at a time, one core being left for the server; so many wait. */
export const MOST_THREADS = Math.max(1, availableParallelism() - 1);
export const MOST_WAITING = 16;
const MOST_MEMORY_MB = 512;

const idle: Worker[] = [];
const waiting: (() => void)[] = [];
let busy = 0;

/** Works a request out in a thread; refuses it where it takes too long, or too many wait. */
export async function workedOut(answer: Answer, text: string): Promise<Said> {
	if (busy >= MOST_THREADS) {
		if (waiting.length >= MOST_WAITING) return refused(503, fail('busy').error);
		await new Promise<void>((resolve) => waiting.push(resolve));
	}
	busy++;
	try {
		return await ask(idle.pop() ?? start(), { answer, text });
	} finally {
		busy--;
		waiting.shift()?.();
	}
}

function start(): Worker {
	const source = import.meta.url.split('?')[0]!;
	const options = {
		workerData: ROLE,
		resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB }
	};
	const worker = source.endsWith('.ts')
		? new Worker(fromSource(source), { ...options, eval: true })
		: new Worker(new URL(source), options);
	// One that falls while it is idle takes nothing with it.
	worker.on('error', (error) => console.error(error));
	worker.unref();
	return worker;
}

/** In development and in tests the module is TypeScript, which a thread reads by a loader of its own. */
const fromSource = (source: string): string =>
	`import('tsx/esm/api').then(({ register }) => (register(), import(${JSON.stringify(source)})));`;

function ask(worker: Worker, question: Question): Promise<Said> {
	return new Promise<Said>((resolve) => {
		let timer = setTimeout(() => end(tooLong, true), TO_BEGIN);
		const end = (said: Said, spent: boolean) => {
			clearTimeout(timer);
			worker.off('message', hear).off('error', fall);
			if (spent) void worker.terminate();
			else idle.push(worker);
			resolve(said);
		};
		const hear = (told: Told) => {
			if (told !== 'begun') return end(told, false);
			clearTimeout(timer);
			timer = setTimeout(() => end(tooLong, true), PATIENCE);
		};
		const fall = (error: Error) => end(broken(error), true);
		worker.on('message', hear).on('error', fall);
		worker.postMessage(question);
	});
}

const tooLong = refused(503, fail('too-long', { patience: PATIENCE / 1000 }).error);

const broken = (error: Error): Said =>
	'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY'
		? refused(413, fail('too-large', { of: 'memory' }).error)
		: refused(500, fail('failed').error);
