import { fail } from '../said.ts';
import { UNSURE_SHARE, CAREFUL_SHARE, UNKNOWN_WALL_SHARE } from '../../base/figures/holding.ts';
import {
	GROUNDS,
	holdingIn,
	MASONRY,
	type Fixing,
	type Ground,
	type Meaning
} from '../../catalogue/details/index.ts';
import { hookOf, type Role } from '../../catalogue/facts/index.ts';
import type { HungPiece, PointLoad, WallPoint } from '../../piece/hangers/index.ts';
import type { FixSchool } from '../../model/house-rules.ts';
import type { OwnHook } from '../../model/project.ts';
import { ok, type Result } from '../../base/result.ts';
import { weightOf } from '../../base/units/constants.ts';
import type { HoleGround } from './hole-ground.ts';
import { inWood } from './in-wood.ts';
import { RATED } from '../../../words/en/fixing.ts';

/** How far a fixing is used by what one point carries. */
export interface Use {
	/** Load over what it may carry; up to 1 is within the house rule. */
	utilisation: number;
	/** What it may carry here by the house rule, N down. */
	allowedLoad: number;
	/** How that is known. */
	ratingSource: 'own packet' | 'typical packet' | 'held before' | 'calculated';
	meaning: Meaning | null;
	ground: Ground;
	/** Length of screw or nail to take, and how deep its hole goes from the face of the wall, mm. */
	screw: number | null;
	holeDepth: number | null;
	/** In one line, with lengths left open. */
	explanation: string;
}

/** Whether a use is within the house rule; exactly 1 is, rounding aside. */
export const withinRule = (share: number): boolean => share <= 1 + 1e-6;

export interface Asked {
	bed: HoleGround;
	/** What the piece's hanger can hang on. */
	roles: readonly Role[];
	point: WallPoint & { load: PointLoad };
	piece: HungPiece;
	own: OwnHook | undefined;
	school: FixSchool;
}

/** Whether a fixing serves at a point, and how far it is used there; else why not. */
export function useOf(fixing: Fixing, asked: Asked): Result<Use> {
	const { bed, roles, piece } = asked;
	if (!fixing.serves.some((role) => roles.includes(role))) return fail('other-back');
	if (fixing.left && fixing.left !== bed.left?.of) return fail('none-there');
	const holding = holdingIn(fixing, bed.ground);
	if (!holding) return fail('other-ground', { grounds: GROUNDS[bed.ground] });
	const bar = fixing.rejects?.(piece, bed.ground);
	if (bar) return fail('barred', { bar });
	if (fixing.smoothOnly && !bed.smooth) return fail('not-smooth');
	if (fixing.clearanceDepth > 0 && bed.besideStud) return fail('stud-in-the-way');
	if (bed.ground === 'board' && fixing.grip && !grips(fixing.grip, bed.cover))
		return fail('other-board', {
			least: fixing.grip.least,
			most: fixing.grip.most,
			cover: bed.cover
		});
	return holding.by === 'wood'
		? inStud(fixing, holding.shank, asked)
		: ok(byPacket(fixing, holding, asked));
}

const grips = ({ least, most }: { least: number; most: number }, cover: number): boolean =>
	cover >= least - 0.5 && cover <= most + 0.5;

const CLAMPED: readonly Role[] = ['plate', 'batten'];

function inStud(
	{ kind, serves }: Fixing,
	shank: Parameters<typeof inWood>[0],
	{ bed, roles, point, own }: Asked
): Result<Use> {
	const clamped = CLAMPED.some((role) => roles.includes(role) && serves.includes(role));
	const held = inWood(shank, {
		cover: bed.cover,
		standOff: own?.standOff ?? hookOf(kind).standOff,
		clamps: clamped ? point.clamps : null
	});
	if (!held) return fail('no-length');
	const { down, inward, outward, pull } = point.load;
	const across = Math.hypot(down.value, Math.max(inward, outward));
	const share = across / held.across + Math.max(pull.value, 0) / held.along;
	return ok({
		utilisation: share,
		allowedLoad: share > 0 ? down.value / share : held.across,
		ratingSource: 'calculated',
		ground: bed.ground,
		meaning: null,
		screw: held.length,
		holeDepth: bed.cover + held.within,
		explanation: RATED.calculated(held)
	});
}

/** A packet's figure is for the weight on a hook; an anchor's is for the load whichever way it goes. */
function byPacket(fixing: Fixing, typical: Rating, { bed, point, own, school }: Asked): Use {
	const { serves, left } = fixing;
	const { by, kg, meaning } = ratedBy(typical, own, (left && bed.left?.held) ?? null);
	const trusted = meaning === 'working' ? 1 : UNSURE_SHARE;
	const counts =
		(school === 'packet' ? trusted : Math.min(trusted, CAREFUL_SHARE)) *
		(bed.ground === 'unknown' ? UNKNOWN_WALL_SHARE : 1);
	const may = weightOf(kg) * counts;
	const { down, pull } = point.load;
	const onHook = serves.includes('hook') || serves.includes('cord');
	const load = Math.max(down.value, 0) + (onHook ? 0 : Math.max(pull.value, 0));
	return {
		utilisation: load / may,
		allowedLoad: may,
		ratingSource: by,
		ground: bed.ground,
		meaning,
		screw: null,
		holeDepth:
			MASONRY.includes(bed.ground) && fixing.clearanceDepth > 0 ? fixing.clearanceDepth : null,
		explanation: RATED.packet({ by, meaning, counts })
	};
}

interface Rating {
	kg: number;
	meaning: Meaning;
}

/** What has hung on an old fixing says more than a packet, and the person’s packet more than a typical one. */
function ratedBy(
	typical: Rating,
	own: OwnHook | undefined,
	held: number | null
): Rating & { by: Exclude<Use['ratingSource'], 'calculated'> } {
	if (held !== null) return { kg: held, meaning: 'working', by: 'held before' };
	return own?.rating ? { ...own.rating, by: 'own packet' } : { ...typical, by: 'typical packet' };
}
