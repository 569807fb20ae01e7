/** What is refused whatever a packet says: one file for each, behind one face. */

import type { REFUSED } from '../../../../words/en/refused.ts';
import { glue } from './glue.ts';
import { hammeredOnTile } from './hammered-on-tile.ts';
import { nailedTooHeavy } from './nailed-too-heavy.ts';
import { noHead } from './no-head.ts';
import { plasterTooHeavy } from './plaster-too-heavy.ts';
import { ribbedPlugInBoard } from './ribbed-plug.ts';
import { thinPanel } from './thin-panel.ts';
import type { Offered, Refusal } from './types.ts';
import { unknownWall } from './unknown-wall.ts';

export type { Offered, Refusal } from './types.ts';

type RefusalCode = Exclude<keyof typeof REFUSED, `glue-${string}`> | 'glue';

/** Every refusal; one whose sentence or rule is forgotten does not compile. */
export const REFUSALS: { readonly [Code in RefusalCode]: Refusal & { code: Code } } = {
	'nailed-too-heavy': nailedTooHeavy,
	'hammered-on-tile': hammeredOnTile,
	'plaster-too-heavy': plasterTooHeavy,
	'unknown-wall': unknownWall,
	'thin-panel': thinPanel,
	'ribbed-plug': ribbedPlugInBoard,
	'no-head': noHead,
	glue
};

const rules: readonly Refusal[] = Object.values(REFUSALS);

/** Why a fixing is refused for a piece here; null where it is not. */
export function refusalOf(offered: Offered): string | null {
	for (const { refuses } of rules) {
		const why = refuses(offered);
		if (why !== null) return why;
	}
	return null;
}
