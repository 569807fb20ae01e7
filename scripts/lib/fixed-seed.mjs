/** Property tests draw the same cases on every run, so that a run can be told from the one before. */
import { createRequire } from 'node:module';

/** The tests are loaded as CommonJS, which has a library of its own. */
const fc = createRequire(import.meta.url)('fast-check');

fc.configureGlobal({ seed: Number(process.env.FUZZ_SEED ?? 20_261_125) });
