/** Property tests draw the same cases on every run, so that a run can be told from the one before. */
import fc from 'fast-check';

fc.configureGlobal({ seed: Number(process.env.FUZZ_SEED ?? 20_261_125) });
