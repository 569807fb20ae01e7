/** Starts the worker that reckons studs. */
export const startBonesWorker = (): Worker =>
	new Worker(new URL('./bones.worker.ts', import.meta.url), { type: 'module' });

/** Starts the worker that searches a practice wall by advice. */
export const startPracticeWorker = (): Worker =>
	new Worker(new URL('./practice.worker.ts', import.meta.url), { type: 'module' });

/** Starts the worker that searches for arrangements. */
export const startArrangeWorker = (): Worker =>
	new Worker(new URL('./arrange.worker.ts', import.meta.url), { type: 'module' });

/** Starts the worker that chooses fixings. */
export const startFixWorker = (): Worker =>
	new Worker(new URL('./fix.worker.ts', import.meta.url), { type: 'module' });

/** Starts the worker that fits an arrangement to the studs. */
export const startFitWorker = (): Worker =>
	new Worker(new URL('./fit.worker.ts', import.meta.url), { type: 'module' });

/** Starts the worker that plans how paper is cut. */
export const startPaperWorker = (): Worker =>
	new Worker(new URL('./paper.worker.ts', import.meta.url), { type: 'module' });

/** Starts the worker that lays templates out on pages. */
export const startPrintWorker = (): Worker =>
	new Worker(new URL('./print.worker.ts', import.meta.url), { type: 'module' });

/** Starts the worker that packs and unpacks files with photos. */
export const startZipWorker = (): Worker =>
	new Worker(new URL('./zip.worker.ts', import.meta.url), { type: 'module' });

/** Starts the worker that writes pages as a PDF. */
export const startPdfWorker = (): Worker =>
	new Worker(new URL('./pdf.worker.ts', import.meta.url), { type: 'module' });
