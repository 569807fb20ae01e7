import { care, type Caution } from '../../base/caution.ts';

/** What holds for every hole in every wall. Common practice. */
export const STANDING_CAUTIONS: readonly Caution[] = [
	care(
		'rating',
		'A fall can injure someone, and ratings here are typical until you enter your packet’s.',
		'Pull on every fixing before anything hangs on it. Ask an art installer where the piece is big, valuable or over masonry. Local codes win.'
	),
	care(
		'behind',
		'Cables and pipes may run behind any mark.',
		'Look for sockets, switches and radiators above, below and beside it, and probe before you drill. Ask a licensed electrician or plumber when in doubt.'
	)
];
