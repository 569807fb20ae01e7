import type { DayEventOf } from '../../../model/day.ts';
import { learnedFrom, learnFrom } from '../../../plan/learn.ts';
import { heightMatter, ofPiece, type EventFace } from './types.ts';
import { follow } from './follow.ts';
import { onHanging, raised } from './on-project.ts';
import { EVENTS } from '../../../../words/en/events.ts';

const said = ({ higher, simulated = false }: DayEventOf<'came-out'>): string =>
	EVENTS['came-out']({ higher, simulated });

export const cameOut: EventFace<'came-out'> = {
	what: 'came-out',
	name: 'take it as it came out',
	applyToProject(project, event) {
		const { higher, simulated } = event;
		const hung = onHanging(project, event, raised(higher));
		if (hung === project) return project;
		const moved = follow(hung, event, { dx: 0, dy: higher });
		const { pieces, kit, readings } = learnFrom(project, {
			...event,
			simulated: simulated === true
		});
		return { ...moved, pieces, kit, readings };
	},
	conflictKey: heightMatter,
	...ofPiece,
	historyEntry: (event, letter) => `${letter} ${said(event)}.`,
	summary: said,
	learned: ({ id }, project) => learnedFrom(project, id).map(({ says }) => says)
};
