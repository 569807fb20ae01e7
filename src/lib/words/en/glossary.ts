/** A word of the trade or of the app, and what it means. */
export interface Term {
	term: string;
	/** What others call it: in the other English, or in the shop. */
	also?: string;
	means: string;
}

/** The words the app uses, each for one thing. */
export const GLOSSARY: readonly Term[] = [
	{
		term: 'Assumed',
		means: 'A figure nobody has read yet. It is dashed in drawings; read it before you drill.'
	},
	{
		term: 'Back',
		means:
			'The rear of a piece, with the hardware it hangs by. It is drawn as you read it, with left and right as it hangs.'
	},
	{
		term: 'Bag',
		means: 'What to take along: fixings with spares, tools, and what is to be lent or bought.'
	},
	{
		term: 'Baseboard',
		also: 'skirting',
		means: 'The board along the foot of a wall. Heights are read from the floor, not from its top.'
	},
	{
		term: 'Bearing',
		means:
			'Where the load rests: the lowest point of a hook, the top of a screw’s shank. It is not where the hole is.'
	},
	{
		term: 'Book',
		means:
			'The record of a wall: what hangs, since when, on what, which holes are left, and when to look again.'
	},
	{
		term: 'Care',
		means: 'A caution: go on, but mind this. A stop is graver, a note only tells.'
	},
	{
		term: 'Centre line',
		means:
			'The level line that the middles of pieces hang on, often 57 to 60 in (1450 to 1525 mm) up from the floor.'
	},
	{
		term: 'Chosen',
		means:
			'A figure that you or the plan decided, as the distance between two hooks. It needs no reading.'
	},
	{
		term: 'Cleat',
		also: 'split batten',
		means:
			'Two bevelled rails, one screwed to the wall and one to the piece, that hook into each other.'
	},
	{
		term: 'D-ring',
		also: 'strap ring',
		means:
			'A ring on a plate, screwed to the side of the frame. A wire runs between two, or each hangs on its own hook.'
	},
	{
		term: 'Drywall',
		also: 'plasterboard',
		means:
			'Board of gypsum between paper, on studs. It holds little by itself; an anchor behind it or a stud holds more.'
	},
	{
		term: 'Fixing',
		means: 'What goes into the wall: a nailed hook, a screw in a stud, an anchor, a strip.'
	},
	{
		term: 'Gap',
		means:
			'The distance between the frames of two neighbours. The house gap is the usual one, 2 in (50 mm) to begin with.'
	},
	{
		term: 'Hanging',
		means: 'A piece on a wall from a day on, as the Book keeps it.'
	},
	{
		term: 'Height up from the floor',
		means:
			'How high something is above the floor right under it. Floors slope: the app says which floor is meant.'
	},
	{
		term: 'Hole',
		means:
			'Where the nail, the screw or the bit goes in. With a nailed hook it is above the bearing.'
	},
	{
		term: 'Hook',
		means:
			'What carries a piece at one point, whatever it is: a nailed hook, a screw’s head, a rail hook.'
	},
	{
		term: 'House rules',
		means:
			'How you work: units, the tape’s fractions, heights, gaps, and how careful the choice of fixings is.'
	},
	{
		term: 'Keyhole slot',
		means: 'A slot in the back that slides over the head of a screw, or a plate with one.'
	},
	{
		term: 'Lath and plaster',
		means:
			'Plaster on thin strips of wood nailed to the studs, in old houses. It cracks when hammered: drill it.'
	},
	{
		term: 'Level line',
		means: 'A line drawn level by a laser or a water level, from which floor and ceiling are read.'
	},
	{
		term: 'Mark',
		means:
			'A cross on the wall with how to find it: so far along from where the tape is hooked, so far up.'
	},
	{
		term: 'Pack',
		means: 'One wall on its way to a phone, or back, as a file or as codes.'
	},
	{
		term: 'Piece',
		means:
			'Anything that hangs: a framed picture, a canvas, a mirror, an object, a textile, a shelf.'
	},
	{
		term: 'Pulled drop',
		also: 'wire reading',
		means: 'From the top edge down to the wire, pulled up as hard as the piece’s weight would.'
	},
	{
		term: 'Reading',
		means: 'A figure you read with a tape, a scale or a level. Reading again makes it surer.'
	},
	{
		term: 'Right to within',
		means: 'How far off the result may be, nine times in ten, by all readings that lead to it.'
	},
	{
		term: 'Run sheet',
		means: 'The day’s steps in order, each ticked off when it is done.'
	},
	{
		term: 'Sawtooth',
		also: 'toothed bar',
		means: 'A short bar with teeth, nailed to the top rail, hung on one nail. For light pieces.'
	},
	{
		term: 'Shelf',
		means:
			'In the app: where pieces on no wall wait, under the wall. On a wall: a board that hangs as a piece.'
	},
	{
		term: 'Station',
		means: 'One part of the job: Rack, Survey, Arrange, Fix, Mark, Hang, Book.'
	},
	{
		term: 'Stop',
		means: 'Do not go on so: what would happen, what to do now, and whom to ask.'
	},
	{
		term: 'Strip',
		means:
			'A paper as long as the distance between two holes, printed at true size. An adhesive strip is a fixing.'
	},
	{
		term: 'Stud',
		means:
			'An upright of wood or steel behind the board, usually 16 in, 400 mm or 600 mm from the next.'
	},
	{
		term: 'Template',
		means:
			'A sheet as large as the piece with its holes marked, taped up to look and to mark through.'
	},
	{
		term: 'Toggle',
		means: 'An anchor that opens behind a board, or lays a strap across it.'
	},
	{
		term: 'Top edge to hook',
		also: 'drop',
		means:
			'From the top edge down to where the hook bears, with the piece hanging. Hook height is the top edge less this.'
	},
	{
		term: 'Use',
		means: 'The part of what a fixing may carry that it carries here. 100 % is all of it.'
	},
	{
		term: 'Wall plug',
		also: 'masonry plug',
		means: 'A sleeve in a drilled hole that a screw spreads. For brick, block and concrete.'
	},
	{
		term: 'Way to fix',
		means: 'How a piece is held: by what on its back, on which fixings, how many, and where.'
	}
];

/** The terms that speak of something, by any of their words. */
export function termsWith(asked: string): readonly Term[] {
	const words = asked.toLowerCase().split(/\s+/).filter(Boolean);
	return GLOSSARY.filter(({ term, also = '', means }) => {
		const text = `${term} ${also} ${means}`.toLowerCase();
		return words.every((word) => text.includes(word));
	});
}
