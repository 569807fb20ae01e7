import { fail } from '../said.ts';
import {
	CAREFUL_SHARE,
	PREFERRED_USE,
	UNKNOWN_WALL_SHARE,
	UNSURE_SHARE
} from '../../base/figures/holding.ts';
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
import { refusalOf } from './refusals/index.ts';
import type { Site } from './site.ts';
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
	/** Length of screw or nail to take, how much of it is in the stud, and how deep its hole goes from the face of the wall, mm. */
	screw: number | null;
	within: number | null;
	holeDepth: number | null;
	/** In one line, with lengths left open. */
	explanation: string;
}

/** Whether a use is within the house rule; exactly 1 is, rounding aside. */
export const withinRule = (share: number): boolean => share <= 1 + 1e-6;

export interface Asked {
	bed: HoleGround;
	site: Site;
	/** What the piece's hanger can hang on. */
	roles: readonly Role[];
	/** What the piece hangs by needs a head on a nail or screw. */
	needsHead: boolean;
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
	const kg = piece.weight === null ? null : piece.weight / weightOf(1);
	const why = kg === null ? null : refusalOf({ ...asked, fixing, kg });
	if (why) return fail('refused', { why });
	const { rail } = asked.site;
	if (fixing.hangsFrom && rail && fixing.hangsFrom !== rail) return fail('other-rail', { rail });
	if (fixing.smoothOnly && bed.face !== 'smooth') return fail('not-smooth');
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

/** The shortest length as sold that serves with room to spare, else the shortest that serves; a packet of one's own bounds it. */
function inStud(fixing: Fixing, shank: Parameters<typeof inWood>[0], asked: Asked): Result<Use> {
	const { bed, roles, point } = asked;
	const clamped = CLAMPED.some((role) => roles.includes(role) && fixing.serves.includes(role));
	const { down, inward, outward, pull } = point.load;
	const across = Math.hypot(down.value, Math.max(inward, outward));
	const off = Math.max(pull.value, 0);
	const rating = ownRating(asked.own, bed.ground);
	const own = rating && byPacket(fixing, rating, asked);
	const uses = inWood(shank, {
		cover: bed.cover,
		standOff: asked.own?.standOff ?? hookOf(fixing.kind).standOff,
		clamps: clamped ? point.clamps : null
	}).map((held): Use => {
		const share = across / held.across + off / held.along;
		const utilisation = Math.max(share, own?.utilisation ?? 0);
		return {
			utilisation,
			allowedLoad: utilisation > 0 ? down.value / utilisation : held.across,
			ratingSource: 'calculated',
			ground: bed.ground,
			meaning: null,
			screw: held.length,
			within: held.within,
			holeDepth: bed.cover + held.within,
			explanation: RATED.calculated({ ...held, packet: utilisation > share })
		};
	});
	const shortest = (most: number) => uses.find(({ utilisation }) => utilisation <= most);
	const use = shortest(PREFERRED_USE) ?? shortest(1) ?? uses.at(-1);
	return use ? ok(use) : fail('no-length');
}

/** A packet's figure is for the weight on a hook; an anchor's is for the resultant, whichever way it goes (from memory: so plastic anchors in masonry are rated). */
function byPacket(fixing: Fixing, typical: Rating, { bed, point, own, school }: Asked): Use {
	const { serves, left } = fixing;
	const { by, kg, meaning } = ratedBy(typical, own, bed.ground, (left && bed.left?.held) ?? null);
	const trusted = meaning === 'working' ? 1 : UNSURE_SHARE;
	const counts =
		(school === 'packet' ? trusted : Math.min(trusted, CAREFUL_SHARE)) *
		(bed.ground === 'unknown' ? UNKNOWN_WALL_SHARE : 1);
	const may = weightOf(kg) * counts;
	const { down, pull } = point.load;
	const onHook = serves.includes('hook') || serves.includes('cord');
	const load = Math.hypot(Math.max(down.value, 0), onHook ? 0 : Math.max(pull.value, 0));
	return {
		utilisation: load / may,
		allowedLoad: may,
		ratingSource: by,
		ground: bed.ground,
		meaning,
		screw: null,
		within: null,
		holeDepth:
			MASONRY.includes(bed.ground) && fixing.clearanceDepth > 0 ? fixing.clearanceDepth : null,
		explanation: RATED.packet({ by, meaning, counts })
	};
}

/** A packet’s figure counts in the ground it is for, and nowhere else. */
export function ownRating(own: OwnHook | undefined, ground: Ground): Rating | null {
	const rating = own?.rating ?? null;
	return rating && (rating.in ?? ground) === ground ? rating : null;
}

interface Rating {
	kg: number;
	meaning: Meaning;
}

/** What has hung on an old fixing says more than a packet, and the person’s packet more than a typical one. */
function ratedBy(
	typical: Rating,
	own: OwnHook | undefined,
	ground: Ground,
	held: number | null
): Rating & { by: Exclude<Use['ratingSource'], 'calculated'> } {
	if (held !== null) return { kg: held, meaning: 'working', by: 'held before' };
	const rating = ownRating(own, ground);
	return rating ? { ...rating, by: 'own packet' } : { ...typical, by: 'typical packet' };
}
