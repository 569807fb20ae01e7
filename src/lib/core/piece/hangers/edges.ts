import * as z from 'zod/mini';
import { HARDWARE_OFF_MM } from '../../base/figures/readings.ts';
import { position } from '../../base/schemas/sizes.ts';
import { BOTH_EDGES } from '../../../words/en/both-edges.ts';
import { ok } from '../../base/result.ts';
import { fail } from './said.ts';
import { measured } from './measured.ts';
import type {
	AnyBack,
	BackShape,
	Choice,
	Dimension,
	Hanger,
	HangSolution,
	HungPiece,
	PiecePoint
} from './types.ts';

/** What both outer points of a back were read from: its side edges. */
export const edgesSchema = z.optional(
	z.object({
		left: z
			.nullable(position)
			.check(z.describe('mm from the left edge to the left point as it hangs; null for not read')),
		right: z
			.nullable(position)
			.check(z.describe('mm from the right edge to the right point as it hangs; null for not read'))
	})
);

interface WithEdges extends AnyBack {
	edges?: z.infer<typeof edgesSchema>;
}

const KEYS = ['edgeLeft', 'edgeRight'] as const;
const SIDE = { edgeLeft: 'left', edgeRight: 'right' } as const;

/**
 * A hanger whose two points may lie off the middle: each is read from its own edge.
 *
 * The rest of it is reckoned about the middle of its points, which lies (left - right)/2 right of the centre line, on a
 * piece as wide as is left about that middle; what comes out is moved back.
 */
export function offMiddle<B extends WithEdges>(hanger: Hanger<B>): Hanger<B> {
	const { span } = hanger;
	if (!span) return hanger;
	const { key, name, when = () => true } = span;
	const fromEdge = span.edgeBy ?? ((kept: number, width: number) => (width - kept) / 2);
	const kept = span.from ?? ((nearer: number, width: number) => width - 2 * nearer);

	/** Both distances from the edges; one that nobody read follows from the other and what lies between. */
	function distances(back: B, width: number): { left: number; right: number } | null {
		if (!back.edges || !when(back)) return null;
		const usual = fromEdge(back[key] as number, width);
		const { left, right } = back.edges;
		if (left !== null && right !== null) return { left, right };
		if (left !== null) return { left, right: 2 * usual - left };
		return { left: right === null ? usual : 2 * usual - right, right: right ?? usual };
	}

	/** The same about the middle of its points. */
	function centred(back: B, piece: HungPiece): { off: number; back: B; piece: HungPiece } {
		const at = distances(back, piece.width);
		if (!at) return { off: 0, back, piece };
		const off = (at.left - at.right) / 2;
		const width = piece.width - 2 * Math.abs(off);
		return {
			off,
			back: { ...back, [key]: kept(Math.min(at.left, at.right), width) },
			piece: { ...piece, width, massOffset: piece.massOffset - off }
		};
	}

	const { meet, pull } = hanger;
	return {
		...hanger,
		start(piece, before) {
			const fresh = hanger.start(piece, before);
			const carried = before && key in before ? edgesSchema.safeParse(before.edges) : null;
			if (!carried?.success || !carried.data) return fresh;
			const open = KEYS.filter((each) => (before!.assumed as string[]).includes(each));
			return { ...fresh, edges: carried.data, assumed: [...fresh.assumed, ...open] };
		},
		dimensions(back, piece) {
			const at = distances(back, piece.width);
			if (!at) return hanger.dimensions(back, piece);
			const about = centred(back, piece);
			const own = hanger.dimensions(about.back, about.piece);
			const drop = own.find((each) => each.key === key)?.from.drop ?? 0;
			const half = piece.width / 2;
			const edge = (which: (typeof KEYS)[number], edgeX: number, x: number): Dimension => ({
				...{ key: which, ...BOTH_EDGES[which](name), value: at[SIDE[which]] },
				...{ from: { x: edgeX, drop }, to: { x, drop } },
				plausible: { min: -60, max: piece.width },
				signed: true,
				above: true,
				byPhoto: { from: SIDE[which], to: [`${SIDE[which]}-${name}` as const] },
				unreadSd: Math.SQRT1_2 * HARDWARE_OFF_MM
			});
			return [
				edge('edgeLeft', -half, -half + at.left),
				edge('edgeRight', half, half - at.right),
				...own.filter((each) => each.key !== key).map((each) => shiftDimension(each, about.off))
			];
		},
		measure(back, which, value) {
			const side = SIDE[which as keyof typeof SIDE];
			if (!side || !back.edges) return hanger.measure(back, which, value);
			const { assumed } = measured(back, which, value);
			return { ...back, assumed, edges: { ...back.edges, [side]: value } };
		},
		solve(back, piece, rules) {
			const at = distances(back, piece.width);
			if (at && at.left + at.right >= piece.width) return fail('points-together', {}, 'edgeLeft');
			const about = centred(back, piece);
			const solved = hanger.solve(about.back, about.piece, rules);
			if (!at) return solved;
			// What is said of the distance between them is shown at the nearer edge.
			const nearer = at.left < at.right ? 'edgeLeft' : 'edgeRight';
			const shown = <T extends { path?: string }>(said: T): T =>
				said.path === key ? { ...said, path: nearer } : said;
			if (!solved.ok) return { ok: false, error: shown(solved.error) };
			const { cautions } = solved.value;
			return ok(shiftHung({ ...solved.value, cautions: cautions.map(shown) }, about.off));
		},
		draw(back, piece) {
			const about = centred(back, piece);
			return hanger.draw(about.back, about.piece).map((shape) => shiftShape(shape, about.off));
		},
		choices(back) {
			if (!when(back)) return hanger.choices(back);
			const across: Choice = {
				key: 'across',
				...BOTH_EDGES.across(name),
				answer: back.edges ? 'edges' : 'between',
				detail: true
			};
			return [...hanger.choices(back), across];
		},
		choose(back, which, answer) {
			if (which !== 'across') return hanger.choose(back, which, answer);
			const { edges, ...rest } = back;
			const others = back.assumed.filter((each) => !KEYS.some((own) => own === each));
			if (answer !== 'edges') return { ...rest, assumed: others } as B;
			const none = { left: null, right: null };
			return { ...back, edges: edges ?? none, assumed: [...others, ...KEYS] };
		},
		...(pull && {
			pull(back, piece) {
				const about = centred(back, piece);
				const pulled = pull(about.back, about.piece);
				return (
					pulled && {
						...pulled,
						left: shift(pulled.left, about.off),
						right: shift(pulled.right, about.off),
						middle: about.off
					}
				);
			}
		}),
		levelStep(tilt, back, piece, hung) {
			const about = centred(back, piece);
			return hanger.levelStep(tilt, about.back, about.piece, shiftHung(hung, -about.off));
		},
		...(meet && {
			meet: {
				counts: meet.counts,
				reach(back, piece) {
					const about = centred(back, piece);
					const { left, right } = meet.reach(about.back, about.piece);
					return { left: left - about.off, right: right + about.off };
				},
				solve(back, piece, rules, xs) {
					const about = centred(back, piece);
					const places = xs.map((x) => x - about.off);
					const solved = meet.solve(about.back, about.piece, rules, places);
					return solved.ok ? ok(shiftHung(solved.value, about.off)) : solved;
				}
			}
		}),
		aboutMiddle: (back, piece) => centred(back, piece).back
	};
}

const shift = (at: PiecePoint, by: number): PiecePoint => ({ x: at.x + by, drop: at.drop });

const shiftDimension = (dimension: Dimension, by: number): Dimension => ({
	...dimension,
	from: shift(dimension.from, by),
	to: shift(dimension.to, by)
});

const shiftHung = (hung: HangSolution, by: number): HangSolution =>
	by === 0 ? hung : { ...hung, points: hung.points.map((each) => ({ ...each, x: each.x + by })) };

function shiftShape(shape: BackShape, by: number): BackShape {
	if (shape.shape === 'wire')
		return { ...shape, points: shape.points.map((each) => shift(each, by)) };
	const moved = { ...shape, at: shift(shape.at, by) };
	return 'towards' in moved && moved.towards
		? ({ ...moved, towards: shift(moved.towards, by) } as BackShape)
		: moved;
}
