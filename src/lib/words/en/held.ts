/** Words in a name that tell of something people hold, load or stand on. */
const HELD =
	/\b(tv|television|screen mount|grab (?:bar|rail)|handrail|banister|towel (?:rail|bar)|coat (?:rack|hooks?)|swing|hammock|climbing|pull-up bar|ladder|wall bed|cupboard|kitchen cabinet|bookshelf|bookcase|punch ?bag|bicycle|bike)\b/i;

/** What a name sounds like; null where it sounds like nothing of the kind. */
export const soundsHeld = (name: string): string | null =>
	HELD.exec(name)?.[0].toLowerCase() ?? null;
