import { kilos } from '../mass.ts';
import { either, lengthToken } from '../tokens.ts';
import { WET } from './survey.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	barred: ({ bar }: { bar: string }) => `It is ${bar}.`,
	'failed-near': ({ within }: { within: number }) =>
		`A hole failed within ${lengthToken(within)} of here.`,
	'no-length': () => 'No length as sold enters the stud deep enough.',
	'none-there': () => 'None was left where it would have to be.',
	'not-smooth': () => 'It holds on smooth paint only.',
	'not-weighed': () =>
		'It has no weight yet, so nothing can be chosen for it. Stand on a scale with it and without it, or describe it in the Rack for an estimate.',
	'other-back': () => 'This back does not hang on it.',
	'other-board': ({ least, most, cover }: { least: number; most: number; cover: number }) =>
		`It grips ${lengthToken(least)} to ${lengthToken(most)}, and this board is ${lengthToken(cover)}.`,
	'other-ground': ({ grounds }: { grounds: string }) => `It is not made for ${grounds}.`,
	refused: ({ why }: { why: string }) => why,
	'other-rail': ({ rail }: { rail: 'moulding' | 'track' }) =>
		rail === 'track'
			? 'The rail here is a track, and this hook slips over a moulding.'
			: 'The rail here is a moulding, and this hook clicks into a track.',
	'stud-in-the-way': () => 'A stud stands so near that it cannot open behind the board.'
};

const BEARS = {
	high: 'what fades so fast bears',
	medium: 'works on paper bear',
	low: 'paintings bear'
};

const SHADE =
	'Hang it out of direct sun and not facing a window; shade it, film the window, or hang a copy. Ask a conservator about anything valuable.';

interface IntoStud {
	letter: string;
	/** Of the longest screw, and of it in the stud, mm. */
	length: number;
	within: number;
	/** What may run through the stud. */
	what: string;
}

/** What runs behind the wall of a bath or a kitchen. */
export const WET_ROOM_PIPES = 'pipes of the wet room behind it';

/** Cautions: what could happen, and what to do. */
export const CAUTIONS = {
	adhesive: ({ letter }: { letter: string }) => ({
		message: `${letter} is held by glue alone, which lets go with heat, damp, dust or fresh paint.`,
		remedy:
			'Only on sound, clean, smooth paint older than a month, and where a fall hurts nobody; press it again after a day, and look at it twice a year.'
	}),
	behind: () => ({
		message: 'Cables and pipes may run behind any mark.',
		remedy:
			'Look for sockets, switches and radiators above, below and beside it, and probe before you drill. Ask a licensed electrician or plumber when in doubt.'
	}),
	children: ({ letter }: { letter: string }) => ({
		message: `A child can reach ${letter}, and it has glass.`,
		remedy:
			'Hang it higher, fix it at two points that cannot unhook, or change its glass for acrylic.'
	}),
	damp: ({ letter, wet }: { letter: string; wet: readonly (keyof typeof WET)[] }) => ({
		message: `${letter} takes up damp, and water or weather is near: ${wet.map((side) => WET[side]).join(', ')}.`,
		remedy:
			'Hang it elsewhere, or keep it off the wall by bumpers with a sealed back, and look for mould. Ask a conservator about anything valuable.'
	}),
	earthquakes: ({ letter, keeper }: { letter: string; keeper: boolean }) => ({
		message: `In an earthquake ${letter} can jump off what it hangs on.`,
		remedy: keeper
			? 'Screw a keeper to its cleat, and put putty at the lower corners. Nothing heavy over a bed or a seat.'
			: 'Use closed hooks at two points, or plates screwed to the wall, and putty at the lower corners. Nothing heavy over a bed or a seat.'
	}),
	'broken-back': ({ letter, mend, note }: { letter: string; mend: string; note: string }) => ({
		message: `${letter} has a repair to do before it hangs${note ? `: ${note}` : ''}.`,
		remedy: mend
	}),
	'from-ladder': ({ letter, most }: { letter: string; most: number }) => ({
		message: `${letter} weighs more than ${most} kg (50 lb), and its hooks are out of reach from the floor.`,
		remedy:
			'Lift it from no ladder: use a platform or a scaffold for two people, or ask an art installer.'
	}),
	'not-for-this': either({
		it: ({ letter }: { letter: string }) => ({
			message: `${letter} carries more than its own weight: people hold it, load it or pull at it, and fall with it.`,
			remedy:
				'Nothing here is made for that. It needs framing or blocking behind the wall; ask a qualified installer or builder.'
		}),
		perhaps: ({ letter, said }: { letter: string; said: string }) => ({
			message: `${letter} is called “${said}”: nothing here is made for what people hold, load or stand on.`,
			remedy:
				'If it is one, say so as its kind in the Rack, and ask a qualified installer. If it is a picture of one, all is well.'
		})
	}),
	'glass-on-one-point': ({ letter }: { letter: string }) => ({
		message: `${letter} has glass and hangs by one point: it falls whole if that fails.`,
		remedy: 'Use two points, and where people sit or sleep below it acrylic.'
	}),
	'heavy-lift': ({
		tooHeavy,
		letter,
		limit,
		width
	}: {
		tooHeavy: boolean;
		letter: string;
		limit: number;
		width: number;
	}) => ({
		message: tooHeavy
			? `${letter} is too heavy for one person to lift to its hooks (a guide for firm footing: ${limit.toFixed(0)} kg).`
			: `${letter} is wider than the arms reach, ${lengthToken(width)}.`,
		remedy: 'Two people lift it, with no one under it; from a ladder not at all: use a platform.'
	}),
	'into-stud': either({
		deep: ({ letter, length, within }: IntoStud) => ({
			message: `Screws of ${lengthToken(length)} go ${lengthToken(within)} into the stud behind ${letter}.`,
			remedy:
				'Cables may be drawn through the middle of a stud: know where they run. Take none that is longer. Local codes win.'
		}),
		run: ({ letter, length, within, what }: IntoStud) => ({
			message: `Screws of ${lengthToken(length)} go ${lengthToken(within)} into a stud behind ${letter} that may hold ${what}.`,
			remedy:
				'Switch the circuit off and probe with a detector, take another stud, or ask a licensed electrician or plumber. Local codes win.'
		})
	}),
	ladder: ({ letter }: { letter: string }) => ({
		message: `You cannot reach the hooks of ${letter} from the floor.`,
		remedy:
			'Use a ladder that stands firm, keep both feet on it and a hand free; never stand on furniture. A second person hands the piece up.'
	}),
	'leaned-on': ({ letter }: { letter: string }) => ({
		message: `People put weight on a shelf: what is chosen for ${letter} counts its own weight alone.`,
		remedy:
			'Weigh it with what will stand on it. Shelves to lean on, televisions and grab bars need framing or blocking and a qualified person.'
	}),
	'not-checked': either({
		piece: ({
			letter,
			impossible,
			hooks
		}: {
			letter: string;
			impossible: boolean;
			hooks: number;
		}) => ({
			message: impossible
				? `${letter} hangs, and its back as entered is not possible: what its hooks carry is not checked.`
				: `${letter} hangs on ${hooks === 1 ? 'one hook' : `${hooks} hooks`}, and its back as entered now does not hang that way: what they carry is not checked.`,
			remedy: 'Enter its back in the Rack as it hangs, or take it down and hang it anew.'
		}),
		wall: ({ cause }: { cause: string | null }) => ({
			message:
				cause === null
					? 'The fixings of this wall are not checked yet.'
					: `The fixings of this wall could not be checked: ${cause}`,
			remedy: 'Mark and drill nothing before they are.'
		})
	}),
	'public-room': ({
		letter,
		kept
	}: {
		letter: string;
		kept: 'with-keeper' | 'closed' | 'open';
	}) => ({
		message: `Anyone can lift ${letter} off${kept === 'open' ? ', or knock it off' : ''}.`,
		remedy:
			kept === 'with-keeper'
				? 'Screw a keeper to its cleat.'
				: 'Where the public comes, use security fixings or mirror plates, or keep it out of reach.'
	}),
	rating: () => ({
		message:
			'A fall can injure someone, and ratings here are typical until you enter your packet’s.',
		remedy:
			'Pull on every fixing before anything hangs on it. Ask an art installer where the piece is big, valuable or over masonry. Local codes win.'
	}),
	rented: ({ letter, damage }: { letter: string; damage: string }) => ({
		message: `${letter} leaves ${damage} in a rented wall.`,
		remedy: 'Ask the owner first, and keep what is needed to mend it.'
	}),
	rust: ({ letter }: { letter: string }) => ({
		message: `Steam or damp reaches what holds ${letter}: plain steel rusts there, and stains the wall.`,
		remedy: 'Take hooks, screws and wire of stainless steel or brass.'
	}),
	'too-bright': either({
		lux: ({
			letter,
			lux,
			most,
			fades
		}: {
			letter: string;
			lux: number;
			most: number;
			fades: keyof typeof BEARS;
		}) => ({
			message: `${Math.round(lux)} lux falls on ${letter}; ${BEARS[fades]} at most ${most}.`,
			remedy: SHADE
		}),
		hours: ({
			letter,
			lux,
			share,
			fades
		}: {
			letter: string;
			lux: number;
			share: number;
			fades: keyof typeof BEARS;
		}) => ({
			message: `At ${Math.round(lux)} lux ${letter} gets ${share < 9.95 ? share.toFixed(1) : Math.round(share)} times the light in a year that ${BEARS[fades]}.`,
			remedy: `Light it for fewer hours, or turn the light down. ${SHADE}`
		})
	}),
	'to-choose': ({ letter }: { letter: string }) => ({
		message: `Choose what ${letter} hangs on: the usual hook is not made for this.`,
		remedy: 'Choose a way in Fix before you mark or drill.'
	}),
	'too-weak': either({
		unfit: ({ letter, why }: { letter: string; why: string }) => ({
			message: `The hook planned for ${letter} cannot be used here. ${why}`,
			remedy: 'Choose another way in Fix before you mark or drill.'
		}),
		over: ({ letter, carries, holds }: { letter: string; carries: number; holds: number }) => ({
			message: `Too weak: a hook of ${letter} would carry ${kilos(carries)}, and may carry ${kilos(holds)} here.`,
			remedy: 'Choose another way in Fix, or enter the rating on your packet.'
		})
	}),
	'weight-unknown': ({ letter }: { letter: string }) => ({
		message: `${letter} has no weight, so no hook can be chosen for it.`,
		remedy: 'Stand on a scale with it and without it, or describe it in the Rack for an estimate.'
	})
};

/** What would make a piece possible to hang that nothing serves for. */
export const WOULD_HELP = {
	'ask-qualified': () =>
		'This app cannot judge it: ask a qualified installer or builder for framing or blocking behind it.',
	'ask-installer': () => 'Ask an art installer, or a builder for blocking between the studs.',
	'change-glass': () => 'Change its glass for acrylic: it weighs about half.',
	'find-studs': () => 'Find the studs, in Survey: screws in them hold several times more.',
	'find-wall': () => 'Find out what the wall is made of, in Survey.',
	'more-points': () =>
		'Give it more points: two rings instead of one, or a cleat with three screws.',
	move: ({ within }: { within: number }) =>
		`Move it: no hole is made nearer than ${lengthToken(within)} to one that failed.`
};

const SAYS = {
	'own packet': 'your packet',
	'typical packet': 'typically',
	'held before': 'what it has held before, as'
};

const MEANS = {
	working: 'a working load',
	failure: 'a failure load',
	unknown: 'a load of unknown meaning'
};

const fraction = (share: number): string =>
	share === 1 ? 'all of it' : share === 0.5 ? 'half of it' : `1/${Math.round(1 / share)} of it`;

/** How it is known what a fixing may carry, in one line. */
export const RATED = {
	calculated: ({ length, within, packet }: { length: number; within: number; packet: boolean }) =>
		`${lengthToken(length)} long, ${lengthToken(within)} of it in the stud (NDS 2018)${packet ? ', and no more than your packet says' : ''}`,
	packet: ({
		by,
		meaning,
		counts
	}: {
		by: keyof typeof SAYS;
		meaning: keyof typeof MEANS;
		counts: number;
	}) => `${SAYS[by]} ${MEANS[meaning]}, ${fraction(counts)} counted`
};
