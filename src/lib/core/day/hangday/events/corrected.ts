import { heightMatter, ofPiece, type EventFace } from './types.ts';
import { follow } from './follow.ts';
import { onHanging, raised, unread } from './on-project.ts';
import { EVENTS, HISTORY } from '../../../../words/en/events.ts';

export const corrected: EventFace<'corrected'> = {
	what: 'corrected',
	name: 'set a hook anew',
	applyToProject(project, event) {
		let [right, up] = [0, 0];
		const moved = onHanging(project, event, (hanging) => {
			const mean = (of: (hook: (typeof event.hooks)[number]) => number) =>
				event.hooks.reduce((sum, each) => sum + of(each), 0) / hanging.points.length;
			[right, up] = [mean((each) => each.right ?? 0), mean((each) => each.up)];
			const { rect } = hanging;
			return {
				...raised(up)(unread({ ...hanging, rect: { ...rect, x: rect.x + right } })),
				points: hanging.points.map((point, index) => {
					const by = event.hooks.find((each) => each.index === index);
					if (!by) return point;
					const moved = ({ x, y }: { x: number; y: number }) => ({
						x: x + (by.right ?? 0),
						y: y + by.up
					});
					return { ...point, bearing: moved(point.bearing), hole: moved(point.hole) };
				})
			};
		});
		return follow(moved, event, { dx: right, dy: up });
	},
	conflictKey: heightMatter,
	...ofPiece,
	historyEntry: (_, letter) => HISTORY.corrected({ letter }),
	summary: EVENTS.corrected
};
