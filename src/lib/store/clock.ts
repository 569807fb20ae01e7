/** The time by this machine’s clock. */
export const now = (): Date => new Date();
