import { hookOf, type HookKind } from '../catalogue/facts/index.ts';
import { hangerOf, type Back } from '../piece/hangers/index.ts';

/**
 * What keeps a piece on what it hangs on: a tool takes it off, so does one that it has once a keeper is screwed to it, a
 * hand lifts it off and no knock does, or a knock does.
 */
export type KeptOn = 'locked' | 'with-keeper' | 'closed' | 'open';

/** By its back and everything it hangs on. One point alone never counts: it turns about it. */
export function keptOn(back: Back, hooks: readonly HookKind[]): KeptOn {
	if (hooks.length < 2) return 'open';
	const { closed } = hangerOf(back);
	if (closed === 'always') return 'locked';
	if (closed === 'with-keeper') return closed;
	return closed === 'on-screws' && hooks.every(keepsRing) ? 'closed' : 'open';
}

/** A ring stays on a screw or a bolt with a head, and on a hook with a latch. */
function keepsRing(kind: HookKind): boolean {
	const { role, gives, latched } = hookOf(kind);
	return latched === true || (role === 'shank' && !gives);
}
