import { type HookKind, type HouseRules } from '../../core/index.ts';
import type { Command } from '../history.ts';

export const renameProject = (name: string): Command => ({
	name: 'rename the project',
	merge: 'rename-project',
	recipe: (draft) => void (draft.name = name)
});

export const setHouseRules = (rules: Partial<HouseRules>): Command => ({
	name: 'change a house rule',
	merge: `house-${Object.keys(rules).join()}`,
	recipe: (draft) => void Object.assign(draft.houseRules, rules)
});

/** The person's own hook, measured; null goes back to the typical one. */
export const measureHook = (kind: HookKind, dy: number | null): Command => ({
	name: 'measure a hook',
	merge: `hook-${kind}`,
	recipe: (draft) => {
		const others = Object.entries(draft.kit).filter(([known]) => known !== kind);
		draft.kit = Object.fromEntries(dy === null ? others : [...others, [kind, { dy }]]);
	}
});
