/** Starts the built app. PORT, HOST and ORIGIN may be set; the API checks its own body limit. */
process.env.PORT ??= '4173';
process.env.ORIGIN ??= `http://localhost:${process.env.PORT}`;
process.env.BODY_SIZE_LIMIT ??= 'Infinity';
await import('../build/index.js');
