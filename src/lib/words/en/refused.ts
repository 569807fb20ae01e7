import { lengthToken } from '../tokens.ts';

/** A limit in both units, in whole pounds of 0.45359237 kg. */
const mass = (kg: number): string => `${kg} kg (${Math.floor(kg / 0.45359237 + 0.05)} lb)`;

const NAILS = { 1: 'One-nail', 2: 'Two-nail', 3: 'Nailed' };

/** Why a piece must not come off what it hangs on. */
export const STAYS = {
	bed: 'it hangs over a bed',
	cot: 'it hangs over a cot',
	seat: 'it hangs over a seat',
	hearth: 'it hangs over a fire',
	stairs: 'it hangs over stairs',
	glass: 'it hangs over glass',
	children: 'children live or play here',
	public: 'the public comes here',
	earthquakes: 'earthquakes happen here'
};

/** What is refused whatever a packet says. */
export const REFUSED = {
	'nailed-too-heavy': ({ nails, most }: { nails: 1 | 2 | 3; most: number }) =>
		`${NAILS[nails]} hooks in board or plaster are for pieces up to ${mass(most)}, all hooks together.`,
	'hammered-on-tile': () => 'Nothing is hammered into tile, stone or glass: it cracks.',
	'plaster-too-heavy': ({ hammered, most }: { hammered: boolean; most: number }) =>
		hammered
			? `Nothing is hammered into lath and plaster for a piece over ${mass(most)}: its keys break behind.`
			: `Plaster crumbles round a plug: over ${mass(most)} take a stud, a toggle or a rail.`,
	'unknown-wall': ({ glazed, most }: { glazed: boolean; most: number }) =>
		`It is not known what this wall is made of, and ${glazed ? 'the piece has glass' : `it weighs more than ${mass(most)}`}: find out what it is made of first.`,
	'thin-panel': ({ thin, most }: { thin: number; most: number }) =>
		`Panelling under ${lengthToken(thin)} holds pieces up to ${mass(most)}: find what is behind it.`,
	'ribbed-plug': ({ most }: { most: number }) =>
		`In board a ribbed plug is for pieces up to ${mass(most)}: it is made for masonry.`,
	'no-head': () => 'It has no head: a slot or a hole slips off it.',
	'glue-over': ({ why }: { why: keyof typeof STAYS }) =>
		`Nothing hangs on glue where ${STAYS[why]}.`,
	'glue-in-damp': ({ most }: { most: number }) =>
		`In a bathroom or a kitchen adhesive is for pieces up to ${mass(most)}.`
};
