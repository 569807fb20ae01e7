import type { HookKind } from '../facts/index.ts';

/** What each fixing is for, in one line. Common practice. */
export const SUITS: Readonly<Record<HookKind, string>> = {
	'push-pin': 'Paper, postcards and unframed prints.',
	'adhesive-strip': 'Light frames without glass on smooth sound paint, where no hole may be made.',
	nail: 'Light pieces on a sawtooth, a ring or a cord.',
	'picture-hook-1': 'Most pictures, on a wire or on two rings, in board or plaster.',
	'picture-hook-2': 'Heavier pictures in board, on a wire or on two rings.',
	'picture-hook-3':
		'The heaviest that hang on nailed hooks; before that a stud or a toggle is better.',
	'spring-wire-hook': 'Pictures on board, set by hand without tools.',
	'hard-wall-hook': 'Light pieces on brick, concrete or hard plaster, without drilling.',
	'latched-hook': 'Rings in a stud, where nothing may be lifted or knocked off.',
	'rail-hook': 'Cords from a picture rail: no holes, and moved in a minute.',
	'track-hook': 'Cords or rods from a track along the ceiling.',
	'ribbed-plug': 'Masonry, and in board the lightest pieces alone.',
	'folding-anchor': 'Keyholes, plates and rings of middling weight in board.',
	'drill-plastic': 'Light pieces in board, set with a screwdriver.',
	'drill-metal': 'Pieces of middling weight in board, set with a screwdriver.',
	'hollow-wall-anchor': 'Pieces of middling weight in board that come off and go on again.',
	'spring-toggle': 'Plates and cleats in board, lath or hollow block, put up once.',
	'strap-toggle': 'Heavy pieces where no stud is, in board, lath or hollow block.',
	'nail-6d': 'A ring or a sawtooth in a stud.',
	'nail-8d': 'A heavier ring in a stud.',
	'screw-6': 'Light pieces in a stud; keyholes of small slots.',
	screw: 'Rings, keyholes and wires in a stud.',
	'screw-12': 'Heavy rings in a stud, and cleats.',
	'plate-screw': 'Mirror plates in a stud.',
	'cleat-screw': 'Cleats and battens in studs.',
	'deck-screw': 'Heavy rings in a stud, through board of any usual thickness.',
	'bugle-screw': 'The heaviest rings and cleats in studs.',
	'security-screw': 'Pieces that nobody is to take, in a stud.',
	'masonry-plug': 'Anything that hangs on a screw, in brick, concrete or block.',
	'old-nail': 'What it has held before, and nothing heavier.',
	'old-screw': 'What it has held before, and nothing heavier.',
	'old-anchor': 'What it has held before, and nothing heavier.'
};
