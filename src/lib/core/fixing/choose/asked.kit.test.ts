import { byFormula } from '../../base/derived.ts';
import type { Ground } from '../../catalogue/details/index.ts';
import type { Role } from '../../catalogue/facts/index.ts';
import { framedPiece } from '../../piece/hangers/piece.kit.test.ts';
import type { HoleGround } from './hole-ground.ts';
import type { Asked } from './holds.ts';

export const PIECE = framedPiece(500, 700, { weight: 20 });

/** What is asked of a fixing on one hook, N down and away from the wall, behind 12.7 mm that carries nothing. */
export function asked(
	ground: Ground,
	down: number,
	pull = 0,
	{ school = 'careful', ...more }: Partial<Omit<Asked, 'bed'>> & { bed?: Partial<HoleGround> } = {}
): Asked {
	const { bed, ...rest } = more;
	return {
		bed: {
			ground,
			before: ground,
			cover: 12.7,
			besideStud: false,
			face: 'smooth',
			left: null,
			...bed
		},
		...{ site: { over: [], wet: false, place: [], rail: null }, needsHead: false },
		roles: ['hook', 'shank', 'plate', 'batten', 'cord', 'stick', 'neck'] as Role[],
		point: {
			...{ name: 'hook', x: 0, drop: byFormula(50, 'read') },
			load: { down: byFormula(down, ''), pull: byFormula(pull, ''), inward: 0, outward: 0 }
		},
		piece: PIECE,
		own: undefined,
		school,
		...rest
	};
}
