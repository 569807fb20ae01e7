import { startBack } from '../../model/start.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import type { HangerKind } from '../../piece/hangers/index.ts';
import type { Ground } from '../../catalogue/details/index.ts';
import { weightOf } from '../../base/units/constants.ts';
import { NOWHERE } from './choosing.kit.test.ts';
import type { Pose } from './poses.ts';
import { RANK_RULES, rankOf } from './rank.ts';
import { considerations, type Weighed, type WayPoint } from './weigh.ts';

const SIZE = { width: 600, height: 500 };
export const HEAVY = 15;

export const point = (
	hook: HookKind,
	ground: Ground = 'board',
	more: Partial<Omit<WayPoint, 'use'>> & { use?: Partial<WayPoint['use']> } = {}
): WayPoint => ({
	...{ name: 'point', x: 0, hook, ground, hole: { x: 1000, y: 1500 } },
	...{ load: { down: 10, pull: 0 } },
	...more,
	use: {
		...{ utilisation: 0.5, allowedLoad: 100, ratingSource: 'calculated', meaning: null, ground },
		...{ screw: null, within: null, holeDepth: null, explanation: '' },
		...more.use
	} as WayPoint['use']
});

export const pose = (kind: HangerKind, more: Partial<Pose> = {}, drops = [100, 100]): Pose =>
	({
		...{ back: startBack(kind, SIZE), roles: ['hook'], nudge: 0, lift: 0, places: null },
		...{ otherwise: false, prepStep: null, work: 0 },
		hung: { points: drops.map((value) => ({ drop: { value } })), cautions: [] },
		...more
	}) as unknown as Pose;

/** What is considered, by its code: what it costs, added up. */
export function terms(of: Pose, points: WayPoint[], more: Partial<Weighed> & { kg?: number } = {}) {
	const { kg = 5, ...weighed } = more;
	const all = considerations(of, points, {
		...{ weight: weightOf(kg), heavy: HEAVY, school: 'careful', stock: () => null, runs: [] },
		...{ site: NOWHERE, failed: [], railOverPlaster: false },
		...weighed
	});
	const costs: Partial<Record<string, number>> = {};
	for (const { code, costs: each } of all) costs[code] = (costs[code] ?? 0) + each;
	return {
		costs,
		rank: Object.fromEntries(RANK_RULES.map((rule, at) => [rule, rankOf(all)[at]!])),
		all
	};
}

export const RINGS = pose('rings');
export const ONE = pose('wire-one', {}, [100]);
export const inBoard = [point('picture-hook-2'), point('picture-hook-2')];
export const inTimber = [point('deck-screw', 'timber'), point('deck-screw', 'timber')];
export const mixed = [point('deck-screw', 'timber'), point('strap-toggle')];

/** Two rings of which something is said. */
export const cautioned = (grade: 'stop' | 'care' | 'note'): Pose =>
	pose('rings', {
		hung: {
			points: [{ drop: { value: 1 } }],
			cautions: [{ code: 'told', grade, message: 'Not so.' }]
		}
	} as unknown as Pose);
