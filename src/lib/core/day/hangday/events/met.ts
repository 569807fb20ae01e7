import { HALF_STUD_MM } from '../../../base/figures/studs.ts';
import type { Feature } from '../../../wall/features/index.ts';
import type { DayEventOf, Met } from '../../../model/day.ts';
import type { Wall } from '../../../model/wall.ts';
import { hookMatter, ofPiece, type EventFace } from './types.ts';
import { onWall, withPlacement } from './on-project.ts';
import { EVENTS, HISTORY, oldHoleName } from '../../../../words/en/events.ts';

type Spot = DayEventOf<'met'>['hole'];

/** Size of a hole that found nothing, and of what was met, as it is kept on the wall, mm. */
const HOLE = 6;
const SPOT = 30;

/** What each thing that can be met tells of the studs, and is likely to be a part of. */
const THINGS: Record<
	DayEventOf<'met'>['met'],
	{ hint?: 'miss' | 'hit' | 'magnet'; run?: { name: string; of: 'pipe' | 'cable' } }
> = {
	nothing: { hint: 'miss' },
	wood: { hint: 'hit' },
	/** Board is screwed to its studs. */
	screw: { hint: 'magnet' },
	/** Taken for a plate that guards a cable until someone knows better. */
	metal: { run: { name: 'Metal met', of: 'cable' } },
	pipe: { run: { name: 'Pipe met', of: 'pipe' } }
};

export const met: EventFace<'met'> = {
	what: 'met',
	name: 'say what was met',
	applyToProject: (project, { id, wallId, pieceId, met, hole }) => {
		const { hint, run } = THINGS[met];
		const left = met === 'wood' ? [] : [oldHole(`${id}-hole`, hole, met)];
		const hints: Wall['hints'] = hint ? [{ id, kind: hint, ...hole }] : [];
		return onWall(project, wallId, (wall) => ({
			...withPlacement(wall, pieceId, (placement) => ({ ...placement, fix: null })),
			hints: [...wall.hints, ...hints],
			studs: {
				...wall.studs,
				pinned: wall.studs.pinned.filter(
					({ x }) => met === 'wood' || met === 'screw' || Math.abs(x - hole.x) >= HALF_STUD_MM
				)
			},
			features: [...wall.features, ...left, ...(run ? [metAt(id, hole, run)] : [])]
		}));
	},
	reduceDayState: ({ steps }, { step }) => void steps.delete(step),
	conflictKey: hookMatter,
	...ofPiece,
	historyEntry: ({ met }, letter) => HISTORY.met({ letter, met }),
	summary: ({ met }) => EVENTS.met({ met })
};

const around = ({ x, y }: Spot, size: number) => ({
	x: x - size / 2,
	y: y - size / 2,
	width: size,
	height: size
});

const oldHole = (id: string, hole: Spot, met: Met): Feature => ({
	id,
	name: oldHoleName(met),
	kind: 'old-fixing',
	of: 'hole',
	reusable: false,
	...around(hole, HOLE)
});

const metAt = (id: string, hole: Spot, run: { name: string; of: 'pipe' | 'cable' }): Feature => ({
	id,
	kind: 'met-run',
	...run,
	...around(hole, SPOT)
});
