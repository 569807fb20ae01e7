import { original } from 'mutative';
import { happen, type DayEvent, type Project } from '../../core/index.ts';
import type { Command } from '../history.ts';

const NAMES: Record<DayEvent['what'], string> = {
	began: 'begin the day',
	done: 'tick a step',
	opened: 'open a step again',
	skipped: 'skip a step',
	moved: 'move a step',
	proved: 'measure again',
	set: 'set a hook',
	met: 'say what was met',
	settled: 'settle a fixing',
	levelled: 'read the level',
	'came-out': 'take it as it came out',
	corrected: 'set a hook anew',
	shifted: 'level a piece',
	pictured: 'take a photo of the wall',
	hung: 'hang a piece',
	looked: 'look a piece over',
	filled: 'fill a hole',
	'taken-down': 'take a piece down'
};

/** Something that happened while hanging. */
export const tellDay = (event: DayEvent): Command => ({
	name: NAMES[event.what],
	recipe: (draft) => {
		const before = original(draft as Project);
		const { day, hangings, pieces, walls } = happen(before, event);
		Object.assign(draft, changed(before, { day, hangings, pieces, walls }));
	}
});

/** The parts that became others; the rest stays as it is, and is no step of its own. */
function changed(before: Project, parts: Partial<Project>): Partial<Project> {
	return Object.fromEntries(
		Object.entries(parts).filter(([key, value]) => before[key as keyof Project] !== value)
	);
}

export const setHanger = (hanger: string): Command => ({
	name: 'say who hangs',
	merge: 'hanger',
	recipe: (draft) => void (draft.hanger = hanger)
});

export const setCurrency = (currency: string): Command => ({
	name: 'name the currency',
	merge: 'currency',
	recipe: (draft) => void (draft.currency = currency)
});
