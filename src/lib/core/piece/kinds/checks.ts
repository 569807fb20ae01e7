/** One thing to look over on a piece before it may be called ready. Source: common practice. */
export interface Check {
	id: string;
	/** What to look at, and what is right. */
	ask: string;
	/** What to do when it is not. */
	mend: string;
	/** It holds the piece together, or to its hooks: nothing hangs while it is broken. */
	holds?: true;
	/** Asked only where it applies. */
	when?: (piece: { glazed: boolean }) => boolean;
}

export const joints: Check = {
	id: 'joints',
	holds: true,
	ask: 'Press the corners of the frame: no joint opens or rocks.',
	mend: 'Glue and pin the corner, or fit corner braces, before it hangs.'
};

export const rabbet: Check = {
	id: 'rabbet',
	ask: 'The rabbet is padded, and the work does not rattle.',
	mend: 'Line the rabbet with felt or foam tape.'
};

export const clips: Check = {
	id: 'clips',
	holds: true,
	ask: 'The work is held by clips or plates, not by nails.',
	mend: 'Draw the nails and screw in spring clips or plates.'
};

export const backing: Check = {
	id: 'backing',
	ask: 'The backing board is whole, covers the back, and is screwed: on the stretcher of a canvas, on the frame for thin board.',
	mend: 'Cut a new board and screw it on; no tacks or staples.'
};

export const labels: Check = {
	id: 'labels',
	ask: 'Price stickers are off; labels that belong to the work are kept and noted.',
	mend: 'Lift stickers with a little warmth; photograph old labels.'
};

export const topMarked: Check = {
	id: 'top-marked',
	ask: 'Its top is marked on the back, with its letter.',
	mend: 'Write "this way up" and the letter on a bit of tape on the back.'
};

export const glassEdges: Check = {
	id: 'glass-edges',
	ask: 'The glass has no chipped or free edge, and sits in the rabbet all round.',
	mend: 'Tape the edge for now and have the glass changed.',
	when: ({ glazed }) => glazed
};

export const keys: Check = {
	id: 'keys',
	ask: 'The stretcher keys are in and tied; the canvas is taut.',
	mend: 'Tap the keys in gently and tie each to its corner.'
};

export const sealed: Check = {
	id: 'sealed',
	ask: 'Back and holes of the panel are sealed against damp.',
	mend: 'Varnish or wax the back and the bare wood of the holes.'
};

export const feltAll: Check = {
	id: 'felt-all',
	ask: 'Felt is at every point where rough metal or ceramic touches the wall.',
	mend: 'Stick felt at every touching point.'
};

export const sound: Check = {
	id: 'sound',
	holds: true,
	ask: 'No crack, old mend or loose gilding where it will be held. Tap it: it rings.',
	mend: 'Do not hang it by a grip; ask a conservator.'
};

export const eyes: Check = {
	id: 'eyes',
	holds: true,
	ask: 'What it hangs by is part of the piece or fixed through it, and is sound.',
	mend: 'Fit a new eye or a cradle before the day.'
};

export const sleeve: Check = {
	id: 'sleeve',
	holds: true,
	ask: 'The sleeve or hook-and-loop runs the whole width, sewn to the lining and not through the textile alone.',
	mend: 'Have a sleeve sewn on.'
};

export const insects: Check = {
	id: 'insects',
	ask: 'No holes, webs or grit of insects in the folds.',
	mend: 'Bag it, keep it from the others, and ask a conservator.'
};

export const woodworm: Check = {
	id: 'woodworm',
	ask: 'Where it is of wood: no fresh holes, and no dust under them.',
	mend: 'Bag it, keep it from the others, and ask a conservator.'
};

export const noLeaning: Check = {
	id: 'no-leaning',
	ask: 'Nobody will lean or pull on it where it hangs.',
	mend: 'A shelf that people lean on needs framing or blocking behind the wall, and other rules than these.'
};

export const silver: Check = {
	id: 'silver',
	ask: 'The silver has no dark edge, and no hardware presses on the back of the glass.',
	mend: 'Put a board between glass and hardware.'
};
