import { usualHouseRules } from '../../model/house-rules.ts';
import type { Project } from '../../model/project.ts';
import { startPiece, startPlacement, startProject } from '../../model/start.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { applyEvent } from './apply-event.ts';
import { frozenPoints, newHanging } from './frozen.ts';
import type { DayEvent } from '../../model/day.ts';

/** A floor that falls 12 mm over 3.6 m, and three pieces at the house height. */
export function hall(): Project {
	let next = 0;
	const houseRules = { ...usualHouseRules, units: 'mm' as const, centreHeight: 1450 };
	const project = startProject(() => `id${next++}`, new Date('2026-05-02T08:00:00.000Z'), {
		...{ name: 'Hall', houseRules },
		wall: { name: 'Wall', width: 3600, height: 2500 }
	});
	const pieces = ['A', 'B', 'C'].map((letter) => ({
		...startPiece(() => letter, [], { name: letter, width: 400, height: 300 }),
		...{ id: letter, letter, weight: 2 }
	}));
	const [wall] = project.walls as [Project['walls'][0]];
	const reading = (x: number, down: number) => ({ id: `r${x}`, x, down, up: null });
	return {
		...project,
		pieces,
		walls: [
			{
				...wall,
				tape: { ...wall.tape, hung: false },
				levels: { line: 1200, readings: [reading(0, 1200), reading(3600, 1212)] },
				arrangements: [
					{
						...wall.arrangements[0]!,
						placements: [1350, 1800, 2250].map((x, index) =>
							startPlacement(pieces[index]!.id, x, { from: 'house' })
						)
					}
				]
			}
		]
	};
}

export const wallId = (project: Project) => project.walls[0]!.id;
export function planned(project: Project, letter: string) {
	const plan = planWallFast(project, wallId(project));
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value.pieces.find((piece) => piece.letter === letter)!;
}

let minute = 0;
export const told = (project: Project) => ({
	...{ id: `e${minute}`, by: '', wallId: wallId(project) },
	at: new Date(Date.UTC(2026, 4, 2, 9, minute++)).toISOString()
});

export function hang(project: Project, letter: string): Project {
	const of = planned(project, letter);
	const { id, wallId: on, at, by } = told(project);
	const piece = project.pieces.find((each) => each.letter === letter)!;
	const hanging = newHanging(piece, of, frozenPoints(of, undefined), {
		...{ id: `h${letter}`, wallId: on, since: at, by }
	});
	return applyEvent(project, { id, wallId: on, at, by, what: 'hung', hanging });
}

export function setHooks(project: Project, letter: string): Project {
	return planned(project, letter).hooks.reduce<Project>((now, hook) => {
		const event = {
			...told(now),
			...{ what: 'set', step: `set:${hook.id}`, hookId: hook.id, hook: hook.kind },
			...{ planned: hook.hole, hole: hook.hole, bearing: hook.bearing }
		} as DayEvent;
		return applyEvent(now, event);
	}, project);
}
