/** A copy free of the draft, so that it may be spread and kept. */
export const copy = <T>(facts: T): T => JSON.parse(JSON.stringify(facts)) as T;
