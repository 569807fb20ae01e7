/** Starts the built app. PORT, HOST and ORIGIN may be set; the API checks its own body limit. */
process.env.PORT ??= '4173';
// Nobody else on the network is let in unless HOST says so.
process.env.HOST ??= '127.0.0.1';
process.env.ORIGIN ??= `http://localhost:${process.env.PORT}`;
process.env.BODY_SIZE_LIMIT ??= 'Infinity';
await import('../build/index.js');
