import type { Met } from '../../model/day.ts';

/** What to do when something goes wrong: at once, then. Common practice unless it says otherwise. */
export interface Trouble {
	id: string;
	name: string;
	steps: readonly string[];
	/** When to ask somebody who is licensed or qualified. */
	ask: string | null;
	/** What the bit may have met: it becomes a fact of the wall. */
	met?: readonly { met: Met; is: string }[];
}

const kept = (met: Met) => [{ met, is: 'Keep it on the wall, and show what else would hold' }];

/** What can go wrong on the day, the most pressing first. */
export const TROUBLES: readonly Trouble[] = [
	{
		id: 'pipe',
		name: 'I hit a pipe',
		met: kept('pipe'),
		steps: [
			'Leave the bit or the nail where it is: it may hold the water back.',
			'Shut the water off at the stop valve, then the power if water runs near a socket.',
			'Smell of gas: no switch, no flame, windows open, everybody out, and call from outside.'
		],
		ask: 'Call a licensed plumber, or the gas emergency line, before anything is drawn out.'
	},
	{
		id: 'metal',
		name: 'I hit metal',
		met: [
			{ met: 'screw', is: 'A screw or a nail: move the hole an inch' },
			{ met: 'metal', is: 'A plate, or I cannot tell: keep clear of it' }
		],
		steps: [
			'Stop. Do not press harder: metal in a stud is often a plate that guards a cable or a pipe.',
			'Step back from bare metal, turn the power of that circuit off, and draw the bit out.',
			'Hold a magnet to the wall. It holds at one small spot: the head of a screw or a nail. It holds over a palm’s width, or you have none: take it for a plate.'
		],
		ask: 'Ask a licensed electrician if a cable may have been touched, or a breaker has tripped.'
	},
	{
		id: 'nothing',
		name: 'I missed the stud',
		met: kept('nothing'),
		steps: [
			'Do not hang on it: a screw in board alone holds a fraction.',
			'Leave the hole; it tells where the stud is not. It is kept as a hint, and the next best way follows.'
		],
		ask: null
	},
	{
		id: 'wood',
		name: 'I hit wood where none was expected',
		met: kept('wood'),
		steps: [
			'An anchor that has to open behind the board cannot open here.',
			'A screw may hold better in the same place: the next best way follows.'
		],
		ask: null
	},
	{
		id: 'hole-too-big',
		name: 'The hole is too big',
		steps: [
			'Do not pack it with filler or matches and hang on it.',
			'Take the next size of anchor, if its rating and the board allow, or a toggle through the same hole.',
			'Else move the hook by two hole widths at least, and fill this one.'
		],
		ask: null
	},
	{
		id: 'anchor-spins',
		name: 'The anchor spins',
		steps: [
			'It has not gripped. Draw it with pincers while you turn the screw out, or tap it in below the face.',
			'Set a wider anchor or a toggle, or move the hook.',
			'An anchor that spun once is not trusted again.'
		],
		ask: null
	},
	{
		id: 'plaster-crumbles',
		name: 'The plaster crumbles',
		steps: [
			'No more hammering. Put tape over the place and drill, slowly, with a sharp masonry bit to the lath.',
			'Screw into the lath’s backing or a stud; hang heavy things from the rail.',
			'Old plaster and old paint: damp the dust, wear a mask, and keep children out.'
		],
		ask: 'Loose plaster that moves when pressed needs a plasterer; paint older than 1978 may hold lead (from memory): have it tested.'
	},
	{
		id: 'wire-slipped',
		name: 'The wire slipped',
		steps: [
			'Take the piece down, with both hands, and lay it on its face on a blanket.',
			'Tie it anew: a half knot at the ring, then the tail wound tightly round the standing wire.',
			'Read the drop again, pulled hard: it is not what it was.'
		],
		ask: null
	},
	{
		id: 'glass-broke',
		name: 'The glass broke',
		steps: [
			'Everybody still. Shoes and gloves on; nobody kneels.',
			'Leave it as it lies, face down if it does: lift it flat onto a board, do not turn it.',
			'Open the back and take it out layer by layer: backing, mount, work. The work comes off the glass last, lifted and not slid.',
			'Pick splinters off the work with tape or a soft brush, never with the hand. Bag the glass.'
		],
		ask: 'Glass that lies on a painting, a pastel or a photograph: stop there and call a conservator.'
	},
	{
		id: 'leans',
		name: 'It leans out at the top',
		steps: [
			'Take up the wire: tight, it leans out less; or move the rings up.',
			'Felt bumpers at the lower corners bring its foot out to meet it.',
			'Rings straight on hooks, or a cleat with its spacer, hold it flat.'
		],
		ask: null
	},
	{
		id: 'looks-crooked',
		name: 'Level, but it looks crooked',
		steps: [
			'Read the level once more, turned end for end.',
			'The ceiling, a door or a cornice beside it is not level: people read it by that line.',
			'Far from such a line leave it level. Close to one, split the difference, and no more than half.'
		],
		ask: null
	}
];
