import {
	formatLength,
	stylesOf,
	type Brings,
	type FitGaps,
	type HouseRules,
	type StudFit
} from '$lib/core/index.ts';

/** What a move brings a piece. */
export const BRINGS: Record<Brings, string> = {
	all: 'all of it in studs',
	some: 'a point of it in a stud',
	room: 'makes room'
};

/** What fitting an arrangement to the studs came to, a sentence each. */
export function fitSaid(
	{ before, met, moves, of, proven, left }: StudFit,
	rules: HouseRules,
	gaps: FitGaps
): string[] {
	if (of === 0)
		return ['Nothing here is still to choose: no piece that is weighed and meant to meet studs.'];
	const after = met.length;
	const far = formatLength(rules.nudge, stylesOf(rules).lead);
	if (after === 0)
		return [
			`0 of ${of} can have every point in a stud, with moves of at most ${far} and the backs as they are.`,
			gaps === 'kept'
				? 'What would help: let each piece move by itself; its gaps then change.'
				: 'What would help: a larger “moves onto a stud by” in the house rules.',
			'A cleat or a batten reaches every stud behind it: Fix offers one for each piece.'
		];
	const how =
		moves.length > 0
			? `${before} of ${of} can go into studs where they hang; ${after} can after ${count(moves.length, 'move')} of at most ${far}.`
			: `${before} of ${of} can go into studs where they hang, and no move of at most ${far} brings more.`;
	return [
		how,
		proven
			? 'Proven: nothing meets more, or moves fewer, or moves them less.'
			: left > 0
				? `Not proven in the time there was: at most ${count(left, 'piece')} more could come nearer to a stud.`
				: 'No more can meet studs; fewer or smaller moves are not ruled out.'
	];
}

const count = (many: number, what: string): string => `${many} ${what}${many === 1 ? '' : 's'}`;
