import type { Hook } from './types.ts';
import { nail, nail6d, nail8d } from './nail.ts';
import { hardWallHook, latchedHook, springWireHook } from './more-hooks.ts';
import { pictureHook1, pictureHook2, pictureHook3 } from './picture-hooks.ts';
import {
	drillMetal,
	drillPlastic,
	foldingAnchor,
	hollowWallAnchor,
	masonryPlug,
	ribbedPlug,
	springToggle,
	strapToggle
} from './anchors.ts';
import { bugleScrew, deckScrew } from './long-screws.ts';
import { oldAnchor, oldNail, oldScrew } from './left-behind.ts';
import { screw, screw6, screw12 } from './screw.ts';
import { cleatScrew, plateScrew, securityScrew } from './wall-screws.ts';
import { adhesiveStrip, pin, railHook, trackHook } from './without-holes.ts';

const HOOK_LIST = [
	pictureHook1,
	pictureHook2,
	pictureHook3,
	screw,
	nail,
	plateScrew,
	cleatScrew,
	securityScrew,
	railHook,
	adhesiveStrip,
	pin,
	springWireHook,
	hardWallHook,
	latchedHook,
	deckScrew,
	bugleScrew,
	ribbedPlug,
	foldingAnchor,
	drillPlastic,
	drillMetal,
	hollowWallAnchor,
	springToggle,
	strapToggle,
	masonryPlug,
	screw6,
	screw12,
	nail6d,
	nail8d,
	trackHook,
	oldNail,
	oldScrew,
	oldAnchor
] as const;

export type HookKind = (typeof HOOK_LIST)[number]['kind'];

export const HOOK_KINDS = HOOK_LIST.map((hook) => hook.kind);

/** All hooks, in the order they are offered. A new one is one file and one line here. */
export const hooks: readonly (Hook & { kind: HookKind })[] = HOOK_LIST;

export const hookOf = (kind: HookKind): Hook & { kind: HookKind } =>
	HOOK_LIST.find((hook) => hook.kind === kind)!;
