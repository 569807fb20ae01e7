import { ACTS } from '../../words/en/acts.ts';
import type {
	HookKind,
	HouseRules,
	Kit,
	OwnHook,
	Paper,
	PlaceFact,
	Printing,
	Project
} from '../../core/index.ts';
import type { Command } from '../history.ts';

export const renameProject = (name: string): Command => ({
	name: ACTS.renameTheProject(),
	merge: 'rename-project',
	recipe: (draft) => void (draft.name = name)
});

/** Takes the whole project back to an earlier version of it. */
export const goBackTo = (earlier: Project, when: string): Command => ({
	name: ACTS.goBackTo({ when }),
	recipe: (draft) => void Object.assign(draft, earlier, { id: draft.id })
});

export const setHouseRules = (rules: Partial<HouseRules>): Command => ({
	name: ACTS.changeAHouseRule(),
	merge: `house-${Object.keys(rules).join()}`,
	recipe: (draft) => void Object.assign(draft.houseRules, rules)
});

/** Says that something is true of the place, or no longer is. */
export const setPlace = (fact: PlaceFact, holds: boolean): Command => ({
	name: ACTS.changeWhatThePlaceIs(),
	recipe: (draft) => {
		const others = draft.place.filter((each) => each !== fact);
		draft.place = holds ? [...others, fact] : others;
	}
});

const NOTHING_KNOWN: OwnHook = { dy: null, rating: null, standOff: null, stock: null };

/** What the person knows of a hook of their own; what is null goes back to the typical figure. */
export const setOwnHook = (kind: HookKind, change: Partial<OwnHook>): Command => ({
	name: ACTS.changeAHookOfTheKit(),
	merge: `hook-${kind}-${Object.keys(change).join()}`,
	recipe: (draft) => {
		const own = { ...NOTHING_KNOWN, ...draft.kit[kind], ...change };
		const others = Object.entries(draft.kit).filter(([known]) => known !== kind);
		const known = Object.values(own).some((value) => value !== null);
		draft.kit = Object.fromEntries(known ? [...others, [kind, own]] : others);
	}
});

/** Changes the paper templates are cut from. */
export const setPaper = (change: Partial<Paper>): Command => ({
	name: ACTS.changeThePaper(),
	merge: `paper-${Object.keys(change).join()}`,
	recipe: (draft) => void Object.assign(draft.paper, change)
});

/** Changes how templates are printed. */
export const setPrinting = (change: Partial<Printing>): Command => ({
	name: ACTS.changeHowTemplatesArePrinted(),
	merge: `printing-${Object.keys(change).join()}`,
	recipe: (draft) => void Object.assign(draft.paper.printing, change)
});

/** Puts hooks the person kept as their own in place of those of this project. */
export const takeKit = (own: Kit): Command => ({
	name: ACTS.takeMyOwnKit(),
	recipe: (draft) => {
		draft.kit = { ...draft.kit, ...own };
	}
});

/** The person's own hook, measured; null goes back to the typical one. */
export const measureHook = (kind: HookKind, dy: number | null): Command => setOwnHook(kind, { dy });
