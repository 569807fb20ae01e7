import * as z from 'zod/mini';

/** The content policy forbids generated code, so Zod need not try it. */
z.config({ jitless: true });
