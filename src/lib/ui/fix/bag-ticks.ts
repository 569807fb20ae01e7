import type { BagItem } from '$lib/core/index.ts';
import { pack } from '$lib/store/commands/index.ts';
import type { Session } from '$lib/store/session.svelte.ts';

/** What of a bag is ticked off, and how. @param scope a wall’s id, with a piece’s for its own bag; nothing for the whole project. */
export function ticks(session: Session, scope: string) {
	const keyOf = ({ key }: BagItem) => `${scope}/${key}`;
	return {
		packed: (item: BagItem) => session.project.packed.includes(keyOf(item)),
		onpack: (item: BagItem, ticked: boolean) => session.run(pack(keyOf(item), ticked))
	};
}
