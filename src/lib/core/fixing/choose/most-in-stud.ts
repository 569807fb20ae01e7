import { holdingIn, type Fixing } from '../../catalogue/details/index.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import type { OwnHook } from '../../model/project.ts';
import type { Made } from '../../wall/substrates/index.ts';
import { coverOf } from './hole-ground.ts';
import { inWood, type InWood } from './in-wood.ts';

/** What a screw or nail carries at most in a stud of this wall, N across it, and its length; null where it goes in none. */
export function mostInStud(fixing: Fixing, made: Made, own: OwnHook | undefined): InWood | null {
	const holding = holdingIn(fixing, 'timber');
	if (holding?.by !== 'wood') return null;
	const stands = fixing.serves.includes('shank');
	const held = inWood(holding.shank, {
		cover: coverOf(made),
		standOff: own?.standOff ?? hookOf(fixing.kind).standOff,
		clamps: stands ? null : undefined
	});
	return held.toSorted((a, b) => b.across - a.across)[0] ?? null;
}
