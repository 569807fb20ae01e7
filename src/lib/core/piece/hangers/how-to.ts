import { lengthToken } from '../../base/units/message.ts';
import type { Back } from './index.ts';
import type { HangerKind } from './kinds.ts';

/** What a way to hang suits, and how it is done. Apart from the hangers, as most pages measure and draw alone. */
export interface HowToHang<B> {
	/** When it suits, in one line. */
	suits: string;
	/** What it is not for, and why, in one line. */
	notFor: string;
	/** What is done on the wall, in order. */
	steps(back: B): string[];
	/** What helps to catch it on its hooks. */
	tips?: readonly string[];
}

/** How a wire is caught on hooks that nobody sees. Common practice. */
const WIRE_TIPS: readonly string[] = [
	'Foam blocks about {38 mm} square, pushed in behind the wire, hold it off the back: one person can then catch both hooks.',
	'Or a helper lays a flat hand behind the piece and guides the wire over.',
	'A wide washer behind a screw’s head keeps the wire from slipping off; leave the head a finger’s width out.'
];

const HOW_TO: { readonly [Kind in HangerKind]: HowToHang<Extract<Back, { kind: Kind }>> } = {
	'wire-one': {
		suits: 'Light and middling pieces. One hole; levelled by sliding on the wire.',
		notFor:
			'Heavy mirrors and pieces over a bed or a seat: a wire slips and stretches, and one point holds it all.',
		steps: () => [
			'Set the hook on its mark.',
			'Catch the wire at its middle on the hook.',
			'Level by sliding the piece along its wire.'
		],
		tips: WIRE_TIPS
	},
	'wire-two': {
		suits: 'Middling pieces. Each hook carries half; it wobbles less than on one.',
		notFor:
			'Heavy mirrors and pieces over a bed or a seat: a wire slips and stretches. Rings or a cleat hold those.',
		steps: () => [
			'Set both hooks on their marks, level with each other.',
			'Catch the wire on one hook, then on the other.',
			'Level by sliding the piece along its wire.'
		],
		tips: WIRE_TIPS
	},
	rings: {
		suits: 'Heavier pieces and mirrors. The most stable; spacing and level must be exact.',
		notFor: 'Hooks that cannot be set where the rings need them: a ring reaches no other place.',
		steps: () => [
			'Set both hooks on their marks; check their spacing and level before lifting.',
			'Bend the rings slightly outward so that they catch.',
			'Lower both rings onto the hooks; correct the level at one hook.'
		]
	},
	'ring-one': {
		suits: 'Small light pieces and objects with one eye.',
		notFor:
			'Wide pieces: on one point it swings whenever it is brushed, and only its weight rights it.',
		steps: () => [
			'Set the hook on its mark.',
			'Hang the loop on the hook and let it come to rest.',
			'Put a bumper at each lower corner so that it cannot swing.'
		]
	},
	sawtooth: {
		suits: 'Light pieces. Levelled by moving a tooth.',
		notFor: 'Heavy pieces: the bar is held by small nails, and one point holds it all.',
		steps: () => [
			'Drive the nail on its mark.',
			'Hang the middle tooth on the nail.',
			'If it is off level, move one tooth towards the low side.'
		]
	},
	'sawtooth-two': {
		suits: 'Light wide pieces. It does not swing; both nails go to the same tooth.',
		notFor:
			'Heavy pieces: the bars are held by small nails. Two rings carry more, on the same two marks.',
		steps: () => [
			'Drive both nails on their marks, level with each other.',
			'Hang both bars at the same tooth.',
			'To shift it, move both a tooth the same way; to level it, correct one nail.'
		]
	},
	keyholes: {
		suits: 'Shelves, racks, panels, clocks. Sits flat; spacing and level must be exact.',
		notFor: 'Anything pushed upward or leaned on: it lifts off its screws.',
		steps: ({ count }) => [
			count === 2
				? 'Lay a tape strip over both slots, mark their narrow ends, and move the strip level to the wall.'
				: 'Mark the wall at the hole.',
			'Drive the screws until their heads stand out a little more than the slot’s lip is thick.',
			'Set the round holes over the heads and let the piece slide down; tighten until it sits without play.'
		]
	},
	drilled: {
		suits: 'Wood panels and thick boards. Sits flat, nothing shows.',
		notFor: 'Thin boards and frames: a hole deep enough to hold would come through the front.',
		steps: ({ holeDepth }) => [
			`Wrap tape round the bit ${lengthToken(holeDepth)} from its tip as a stop.`,
			'Drill slightly upward into the back, then seal the bare wood of the holes.',
			'Drive the screws on their marks and leave the heads standing out less than the holes are deep.',
			'Set both holes over the heads; the panel rests on the screws.'
		]
	},
	stretcher: {
		suits: 'Unframed canvases: nothing is screwed into the bars.',
		notFor: 'Framed or glazed work: the load belongs on the frame, not on the stretcher.',
		steps: () => [
			'Set both hooks on their marks, level with each other.',
			'Rest the underside of the top bar on both hooks, clear of the corner keys.',
			'Slide it to its place; put a bumper at each lower corner.'
		]
	},
	cleat: {
		suits: 'Heavy and wide pieces, panels, mirrors, textiles. Level is set once, on the wall.',
		notFor: 'Anything that could be bumped upward: it lifts off, so it is not secure by itself.',
		steps: () => [
			'Put a spacer as thick as the joined halves at the bottom of the back.',
			'Screw one end of the wall half on its mark, level its upper edge, set the other screws.',
			'Lower the piece onto the wall half until it seats; slide it along to its middle.',
			'Where it could be bumped, lock it: a screw up through the rail, or a clip at the bottom.'
		]
	},
	'mirror-plates': {
		suits: 'Mirrors and pieces in public rooms: fixed to the wall, cannot be lifted off unseen.',
		notFor:
			'Walls where the plate must not show, and pieces taken down often: every move needs a screwdriver.',
		steps: (back) => [
			'Screw the plates to the back, their slotted or open ends outward, with screws short of the front.',
			back.where === 'sides'
				? 'Hold the piece on its line, level it, and drive one screw; check the level, drive the other.'
				: 'Hold the piece on its line and drive the top screw; plumb it, drive the bottom one.',
			'Cover the plates with tape and paint them in the colour of the wall, if they must not show.'
		]
	},
	security: {
		suits: 'Framed work in public rooms: it comes off only with its own key.',
		notFor: 'Thin metal frames and deep floats, which have no rail to screw the clips to.',
		steps: () => [
			'Set the two upper screws on their marks, their heads standing out as thick as the clip.',
			'Hang the clips on them; mark and set the lower screw from its template.',
			'Press the bottom home and turn the lock with its key. Keep the key with the record.'
		]
	},
	rail: {
		suits: 'Period rooms and masonry: no holes, and heights can be changed later.',
		notFor: 'Rooms without a sound rail; mirrors and pieces that must not lean or swing.',
		steps: ({ by }) => [
			'Pull the rail down with both hands before you trust it: old ones are often only nailed.',
			`Slip the rail hooks over the rail above the marks and hang the ${by}s.`,
			by === 'rod'
				? 'Set the sliding hooks at the bearing height, lock them, and hang the rings.'
				: 'Cut the cords to length plus knots; a new cord stretches, so level it again after a day.'
		]
	},
	'plate-hanger': {
		suits: 'Plates and dishes, round or oval, that can bear a grip at the rim.',
		notFor: 'Cracked, mended or gilt rims: the springs pull on them day and night.',
		steps: () => [
			'Pad every claw that touches glaze with felt or tubing.',
			'Spring the hanger on over a bed or a folded blanket; check that it grips at all four claws.',
			'Read the drop to the arch, set the hook, and hang it after all hammering is done.'
		]
	},
	strips: {
		suits: 'Small, light, unglazed pieces on sound smooth paint. No holes.',
		notFor:
			'Glazed, heavy or valuable pieces, wallpaper, fresh or textured paint, damp rooms, and anywhere a fall would hurt.',
		steps: () => [
			'Wipe wall and back with alcohol, not with household cleaner; let them dry.',
			'Join the pairs until they click, stick them to the back, and press the piece to the wall for half a minute.',
			'Lift it off from the bottom, press each wall strip again, wait an hour, and hang it.'
		]
	},
	pin: {
		suits: 'The lightest pieces only: a sheet, a card, a small textile.',
		notFor: 'Anything framed or of value: the pin pierces or strains it, and works loose.',
		steps: () => [
			'Hold the piece on its marks.',
			'Push the pins in slanting downwards; put a scrap of card under each head.'
		]
	}
};

export const howToHang = ({ kind }: Pick<Back, 'kind'>): HowToHang<Back> =>
	HOW_TO[kind] as unknown as HowToHang<Back>;
