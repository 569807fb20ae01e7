import type { Fixing } from '../../../catalogue/details/index.ts';
import type { HungPiece } from '../../../piece/hangers/index.ts';
import type { FixSchool } from '../../../model/house-rules.ts';
import type { HoleGround } from '../hole-ground.ts';
import type { Site } from '../site.ts';

/** A fixing about to go into a wall for a piece of known weight. */
export interface Offered {
	fixing: Fixing;
	piece: HungPiece;
	/** kg. */
	kg: number;
	bed: HoleGround;
	site: Site;
	school: FixSchool;
	/** What it hangs by needs a head on a nail or screw. */
	needsHead: boolean;
}

/** What is refused whatever the packet says: why, or null where it is not. */
export interface Refusal {
	code: string;
	source: string;
	refuses(offered: Offered): string | null;
}
