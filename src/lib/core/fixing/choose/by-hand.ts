import type { Result } from '../../base/result.ts';
import { fixings } from '../../catalogue/details/index.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import { hangerOf } from '../../piece/hangers/index.ts';
import type { ToChoose } from './to-choose.ts';
import { groundAt } from './hole-ground.ts';
import type { Use } from './holds.ts';
import { reusableFixingAt } from './reusable.ts';
import { holeOf, useAt } from './use-at.ts';

/** Everything of the catalogue at one point of a back as it is: how far it would be used there, or why it does not serve. */
export interface HandPoint {
	name: string;
	judged: { kind: HookKind; use: Result<Use> }[];
}

/** The catalogue judged at each point of a piece as it stands; none where its back is not possible or nobody weighed it. */
export function judgeByHand(asked: ToChoose): HandPoint[] {
	const { piece, hungPiece, rules, x, top, made, studs, left, kit } = asked;
	const { back } = piece;
	const hung = hangerOf(back).solve(back, hungPiece, rules);
	if (!hung.ok) return [];
	return hung.value.points.flatMap((at): HandPoint[] => {
		if (!at.load) return [];
		const point = { ...at, load: at.load };
		const bearing = { x: x + point.x, y: top - point.drop.value };
		const old = reusableFixingAt(left, bearing, kit);
		return [
			{
				name: point.name,
				judged: fixings
					.filter(({ left: of }) => !of || of === old?.of)
					.map(({ kind }) => {
						const hole = holeOf(kind, { point, bearing }, kit);
						const bed = groundAt(made, studs, hole.x, old);
						return { kind, use: useAt(kind, { back, point, bearing, bed }, asked) };
					})
			}
		];
	});
}
