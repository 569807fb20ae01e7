import type { Hand, Hung, Spot } from './hand.ts';
import { hang, levelStep } from './hand.ts';
import type { Pair, World } from './world.ts';

/** What a person does about what is off, mm. */
export type Judge = (off: number, kind: string) => 'leave' | 'tap' | 'anew';

/** How far two that hang are off each other, mm: their gap, and their line where they have one. */
export function pairOff(
	{ first, second, side, line }: Pair,
	hung: readonly (Hung | undefined)[],
	{ pieces, gap }: Pick<World, 'pieces' | 'gap'>
): { gap: number; line: number | null } {
	const [a, b] = [hung[first]!, hung[second]!];
	const [p, q] = [pieces[first]!.is, pieces[second]!.is];
	if (side === 'right')
		return {
			gap: b.x - q.width / 2 - (a.x + p.width / 2) - gap,
			line: line ? b.y - a.y : null
		};
	return {
		gap: a.y - p.height / 2 - (b.y + q.height / 2) - gap,
		line: line ? b.x - a.x : null
	};
}

/** How far a piece is off what it is seen against, mm to the right and up: the worst of each. */
function seenOff(
	index: number,
	own: Hung,
	hung: readonly (Hung | undefined)[],
	world: World
): { across: number; up: number } {
	const all = Object.assign([...hung], { [index]: own });
	const seen = { across: 0, up: 0 };
	const worse = (way: 'across' | 'up', off: number) => {
		if (Math.abs(off) > Math.abs(seen[way])) seen[way] = off;
	};
	for (const pair of world.pairs) {
		if (pair.first !== index && pair.second !== index) continue;
		if (!all[pair.first] || !all[pair.second]) continue;
		const { gap, line } = pairOff(pair, all, world);
		const sign = pair.second === index ? 1 : -1;
		const right = pair.side === 'right';
		worse(right ? 'across' : 'up', right ? sign * gap : -sign * gap);
		if (line !== null) worse(right ? 'up' : 'across', sign * line);
	}
	return seen;
}

/** A look at a piece that hangs, and what is done about it: the same eyes for everybody, each their own judgement. */
export function lookAndMend(
	hand: Hand,
	index: number,
	own: Hung,
	all: readonly (Hung | undefined)[],
	judge: Judge
): Hung {
	const { off, world, cost } = hand;
	const { is } = world.pieces[index]!;
	const mend = (hung: Hung, hooks: number[], act: 'tap' | 'anew', by: Partial<Spot>): Hung => {
		if (act === 'tap') cost.taps += 1;
		else cost.wasted += hooks.length;
		const wander = act === 'tap' ? off.tap : Math.hypot(off.nail, off.pencil);
		return hang(
			is,
			hung.bearings.map((at, hook) =>
				hooks.includes(hook)
					? {
							x: at.x + (by.x === undefined ? 0 : by.x + hand.draw(wander)),
							y: at.y + (by.y === undefined ? 0 : by.y + hand.draw(wander))
						}
					: at
			)
		);
	};
	let hung = own;
	const level = hung.tilt + hand.draw(off.level);
	if (
		Math.abs(is.width * Math.sin((level * Math.PI) / 180)) > LEVEL_SEEN &&
		is.back.kind === 'rings'
	) {
		const { by, side } = levelStep(is, level);
		const act = judge(by, is.hook);
		if (act !== 'leave') hung = mend(hung, [side === 'left' ? 0 : 1], act, { y: -by });
	}
	const every = hung.bearings.map((_, hook) => hook);
	const seen = seenOff(index, hung, all, world);
	const up = seen.up + hand.draw(off.eye);
	const act = seen.up !== 0 ? judge(up, is.hook) : 'leave';
	if (act !== 'leave') hung = mend(hung, every, act, { y: -up });
	const across = seen.across + hand.draw(off.eye);
	// No tap moves a hook sideways.
	const aside = seen.across !== 0 ? judge(across, 'sideways') : 'leave';
	return aside === 'anew' ? mend(hung, every, 'anew', { x: -across }) : hung;
}

/** Ends of a top edge so far apart are seen with a level laid on it, mm. */
const LEVEL_SEEN = 25.4 / 16;
