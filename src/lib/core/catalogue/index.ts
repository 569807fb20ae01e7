import type { HookKind } from '../fixings/index.ts';
import { adhesiveStrip } from './adhesive-strip.ts';
import type { Fixing, Ground, Holding } from './face.ts';
import { foldingAnchor } from './folding-anchor.ts';
import { hardWallHook } from './hard-wall-hook.ts';
import { hollowWallAnchor } from './hollow-wall-anchor.ts';
import { oldAnchor, oldNail, oldScrew } from './left-behind.ts';
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

export * from './face.ts';

/** Every fixing, from the least to the most. A new one is one file and one line here. */
export const fixings: readonly Fixing[] = [
	pushPin,
	adhesiveStrip,
	nail,
	pictureHook1,
	pictureHook2,
	pictureHook3,
	springWireHook,
	hardWallHook,
	railHook,
	trackHook,
	ribbedPlug,
	foldingAnchor,
	drillPlastic,
	drillMetal,
	hollowWallAnchor,
	springToggle,
	strapToggle,
	nail6d,
	nail8d,
	screw6,
	screw,
	screw12,
	plateScrew,
	cleatScrew,
	deckScrew,
	bugleScrew,
	securityScrew,
	masonryPlug,
	oldNail,
	oldScrew,
	oldAnchor
];

export const fixingOf = (kind: HookKind): Fixing => fixings.find((fixing) => fixing.kind === kind)!;

/** How a fixing holds in a ground; undefined where it does not. */
export const holdingIn = ({ holds }: Fixing, ground: Ground): Holding | undefined =>
	holds.find((holding) => holding.in.includes(ground));

/** The bit a fixing wants in a ground, mm; undefined where none is needed. */
export const bitIn = ({ bits }: Fixing, ground: Ground): number | undefined =>
	bits.find((bit) => bit.in.includes(ground))?.mm;
