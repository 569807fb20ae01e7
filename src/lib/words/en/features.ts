import { either, lengthToken } from '../tokens.ts';

/** A piece beside, over or under something. */
interface Beside {
	letter: string;
	name: string;
}

/** What must stay uncovered, and why. */
const CLEAR = {
	door: 'Keep doors clear.',
	furniture: 'Move the piece up, or the furniture away.',
	light: 'Keep lights clear.',
	opening: 'There is no wall to hang it on.',
	radiator: 'Keep radiators clear.',
	socket: 'Keep sockets in reach; a plug left behind a picture gets warm.',
	switch: 'Keep switches in reach.',
	thermostat: 'Covered, it reads the wrong temperature.',
	vent: 'Keep vents open.',
	window: 'Keep windows clear.'
};
export type Covered = keyof typeof CLEAR;

/** Of a piece that comes near what is on the wall or before it. */
export const CAUTIONS = {
	'door-swing': ({ letter, name }: Beside) => ({
		message: `${letter} hangs where the open ${name} comes to lie.`,
		remedy:
			'Keep it shallower than the handle is deep, or fit a door stop that holds the door off it.'
	}),
	'in-draught': ({ letter, name }: Beside) => ({
		message: `${letter} hangs in the draught of the ${name}.`,
		remedy: 'Warm or damp air moves paper, canvas and wood, and swings light pieces: move it.'
	}),
	'low-over-furniture': ({
		letter,
		name,
		least,
		most
	}: Beside & { least: number; most: number }) => ({
		message: `${letter} hangs less than ${lengthToken(least)} above the ${name}.`,
		remedy: `Usual is ${lengthToken(least)} to ${lengthToken(most)}, so that nothing set down there knocks it.`
	}),
	'near-fitting': either({
		hand: ({ letter, name }: Beside) => ({
			message: `${letter} comes within a hand of the ${name}.`,
			remedy: 'Leave room to reach it.'
		}),
		air: ({ letter, name }: Beside) => ({
			message: `${letter} comes close to the ${name}.`,
			remedy: 'It reads the room’s air: leave some free round it, most of all below.'
		})
	}),
	'near-light': ({ letter, name }: Beside) => ({
		message: `${letter} hangs close to the ${name}.`,
		remedy: 'A warm lamp dries and fades it: use a cool one, or move the piece away.'
	}),
	'near-window': ({ letter, name }: Beside) => ({
		message: `${letter} hangs right beside the ${name}.`,
		remedy: 'Sun and cold air come in there: keep works on paper farther off, or film the glass.'
	}),
	'over-cot': ({ letter, name }: Beside) => ({
		message: `${letter} hangs over or beside the ${name}, where a child can pull at it.`,
		remedy: 'Hang nothing there that can fall or be reached: move it, or the cot.'
	}),
	'over-feature': ({ letter, name, kind }: Beside & { kind: Covered }) => ({
		message: `${letter} covers the ${name}.`,
		remedy: CLEAR[kind]
	}),
	'over-hearth': ({ letter, name }: Beside) => ({
		message: `${letter} hangs in the heat and soot above the ${name}.`,
		remedy:
			'Hang nothing that heat or smoke would harm, and ask a chimney specialist before drilling deep: a flue runs behind.'
	}),
	'over-stove': ({ letter, name }: Beside) => ({
		message: `${letter} hangs over the ${name}: it can catch fire, and fat and steam spoil it.`,
		remedy: 'Hang nothing above or close beside a hob or a stove.'
	}),
	'over-heat': ({ letter, name }: Beside) => ({
		message: `${letter} hangs in the warm air above the ${name}.`,
		remedy:
			'Rising warm air dries out paper, canvas and joints: hang it elsewhere, or a piece that does not mind.'
	}),
	'over-moulding': either({
		'chair-rail': ({ letter, name }: Beside) => ({
			message: `${letter} crosses the ${name}.`,
			remedy: 'It would stand off the wall there: keep above or below the rail.'
		}),
		cornice: ({ letter, name }: Beside) => ({
			message: `${letter} reaches into the ${name}.`,
			remedy: 'Keep the top of the piece below the moulding.'
		}),
		wainscot: ({ letter, name }: Beside) => ({
			message: `${letter} reaches over the ${name}.`,
			remedy: `Its face stands proud of the wall: keep the piece above it, usually ${lengthToken(150)} to ${lengthToken(200)}.`
		})
	}),
	'over-old-fixing': ({ letter, name }: Beside) => ({
		message: `An old ${name} is behind ${letter}.`,
		remedy: 'Draw it and fill the hole first, or it holds the piece off the wall.'
	}),
	'over-people': ({ letter, name }: Beside) => ({
		message: `${letter} hangs over the ${name}.`,
		remedy:
			'People lie and lean below it: keep it light and unglazed, or fix it at two points that cannot unhook.'
	}),
	'over-piano': ({ letter, name }: Beside) => ({
		message: `${letter} hangs over the ${name}.`,
		remedy: 'Playing shakes the wall: put felt behind its lower corners, and mind the lid.'
	})
};
