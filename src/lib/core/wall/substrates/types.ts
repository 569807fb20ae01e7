import type { Ground } from '../../catalogue/details/types.ts';
import type { Caution } from '../../base/caution.ts';

/** What a wall is made of, and what follows for whoever drills it. Sources: common practice. */
export interface Substrate {
	of: string;
	name: string;
	/** How to tell it, in one line. */
	tell: string;
	/** What a hole meets where no stud is. */
	ground: Ground;
	/** Studs stand behind it, at one of these pitches or any (null); none in solid walls. */
	studs: { material: 'timber' | 'steel' } | null;
	/** Nobody knows yet what it is: it may have studs. */
	unsettled?: true;
	/** A nail meets some resistance everywhere, so that it says less. */
	resistsNails?: true;
	/** Where it is old, it is suspected of asbestos. */
	suspectWhenOld?: true;
	/** Places are advised where to probe it for studs, by small holes. */
	probed?: true;
	/** It is covered with board of some thickness. */
	board: boolean;
	/** What it asks of the work. */
	asks: readonly string[];
	cautions: readonly Caution[];
}
