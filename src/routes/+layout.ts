/** Projects live in the browser; the server only ships the program. */
export const ssr = false;
