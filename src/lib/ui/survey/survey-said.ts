import {
	coarser,
	formatLength,
	HINT_WORDS,
	spanOf,
	type Bones,
	type Styles,
	type Wall
} from '../../core/index.ts';
import type { View } from '../view.svelte.ts';

/** What the Survey asks about, and what is in hand. */
export type InHand = Pick<View, 'survey' | 'feature' | 'hint'>;

/** A measure in both families. */
const both = (mm: number, { lead, other }: Styles): string =>
	`${formatLength(mm, lead)} (${formatLength(mm, other)})`;

/** What the readout tells in the Survey: the measure in hand, else the next act. */
export function surveySaid(view: InHand, wall: Wall, bones: Bones | null, styles: Styles): string {
	const feature = wall.features.find(({ id }) => id === view.feature);
	if (view.survey === 'features' && feature)
		return `${feature.name}: ${both(feature.x, styles)} from the left corner, ${both(feature.y, styles)} up from the floor’s left end.`;
	const hint = wall.hints.find(({ id }) => id === view.hint);
	if (view.survey === 'bones' && hint)
		return `${HINT_WORDS[hint.kind].name}: ${both(spanOf(hint)[0], styles)} from the left corner.`;
	const [probe] = bones?.probes ?? [];
	if (view.survey === 'bones' && probe)
		return `Next probe: ${both(probe.x, { ...styles, lead: coarser(styles.lead) })} from the left corner, low down.`;
	return NEXT[view.survey];
}

const NEXT: Record<View['survey'], string> = {
	outline: 'Measure the wall on its face, corner to corner; then its height at the left end.',
	level: 'Put up a level line, and read down to the floor at both ends.',
	made: 'Knock, and look at the dust of one small hole: say what the wall is made of.',
	features: 'Put every door, socket and piece of furniture where it is.',
	bones: 'Knock along the wall and tap it where it sounds hard.',
	prove: 'Take three measures again before you trust the survey.'
};
