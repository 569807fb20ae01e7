/** Fixings in full: one file for each, with where it holds, what it needs and leaves, and how it is done. */

import type { HookKind } from '../facts/index.ts';
import { adhesiveStrip } from './adhesive-strip.ts';
import type { Fixing, Ground, Holding } from './types.ts';
import { foldingAnchor } from './folding-anchor.ts';
import { hardWallHook } from './hard-wall-hook.ts';
import { hollowWallAnchor } from './hollow-wall-anchor.ts';
import { oldAnchor, oldNail, oldScrew } from './left-behind.ts';
import { latchedHook } from './latched-hook.ts';
import { masonryPlug } from './masonry-plug.ts';
import { nail, nail6d, nail8d } from './nail.ts';
import { pictureHook1, pictureHook2, pictureHook3 } from './picture-hooks.ts';
import { pushPin } from './push-pin.ts';
import { railHook } from './rail-hook.ts';
import { ribbedPlug } from './ribbed-plug.ts';
import { drillMetal, drillPlastic } from './self-drilling.ts';
import { springWireHook } from './spring-wire-hook.ts';
import { springToggle, strapToggle } from './toggles.ts';
import { trackHook } from './track-hook.ts';
import {
	bugleScrew,
	cleatScrew,
	deckScrew,
	plateScrew,
	screw,
	screw12,
	screw6,
	securityScrew
} from './wood-screws.ts';

export { SUITS } from './suits.ts';
export * from './types.ts';

/** Every fixing by its kind, from the least to the most. A new one is one file and one line here. */
const FIXINGS: { readonly [Kind in HookKind]: Fixing } = {
	'push-pin': pushPin,
	'adhesive-strip': adhesiveStrip,
	nail,
	'picture-hook-1': pictureHook1,
	'picture-hook-2': pictureHook2,
	'picture-hook-3': pictureHook3,
	'spring-wire-hook': springWireHook,
	'hard-wall-hook': hardWallHook,
	'latched-hook': latchedHook,
	'rail-hook': railHook,
	'track-hook': trackHook,
	'ribbed-plug': ribbedPlug,
	'folding-anchor': foldingAnchor,
	'drill-plastic': drillPlastic,
	'drill-metal': drillMetal,
	'hollow-wall-anchor': hollowWallAnchor,
	'spring-toggle': springToggle,
	'strap-toggle': strapToggle,
	'nail-6d': nail6d,
	'nail-8d': nail8d,
	'screw-6': screw6,
	screw,
	'screw-12': screw12,
	'plate-screw': plateScrew,
	'cleat-screw': cleatScrew,
	'deck-screw': deckScrew,
	'bugle-screw': bugleScrew,
	'security-screw': securityScrew,
	'masonry-plug': masonryPlug,
	'old-nail': oldNail,
	'old-screw': oldScrew,
	'old-anchor': oldAnchor
};

export const fixings: readonly Fixing[] = Object.values(FIXINGS);

export const fixingOf = (kind: HookKind): Fixing => FIXINGS[kind];

/** How a fixing holds in a ground; undefined where it does not. */
export const holdingIn = ({ holds }: Fixing, ground: Ground): Holding | undefined =>
	holds.find((holding) => holding.in.includes(ground));

/** The bit a fixing wants in a ground, mm; undefined where none is needed. */
export const bitIn = ({ bits }: Fixing, ground: Ground): number | undefined =>
	bits.find((bit) => bit.in.includes(ground))?.mm;
