/** What is expected of the spacing before anything is found. */
export const EXPECTED_SPACINGS = ({
	units,
	lath
}: {
	units: 'in' | 'mm';
	lath: boolean;
}): string =>
	lath
		? 'Until hints say otherwise 16 in or 400 mm are taken as the most likely, as usual behind lath.'
		: units === 'in'
			? 'Until hints say otherwise 16 in is taken as the most likely, then 24 in.'
			: 'Until hints say otherwise 600 mm is taken as the most likely, then 400 and 450 mm.';

/** How a place of a wall is probed for a stud: with what, as the object of “try”, null where no place is advised; and what to mind. */
export const PROBING = {
	unknown: {
		with: null,
		says: 'Say what the wall is made of first, in Made of: how a place is probed depends on it.'
	},
	'board-timber': {
		with: 'a thin nail',
		says: 'A slim nail leaves less to fill than a bit. Where it meets wood, try an inch to each side: both must miss.'
	},
	'board-steel': {
		with: null,
		says: 'No nails here: run a magnet along until it holds on a row of screws, one above the other, and prove it by a self-drilling screw.'
	},
	'lath-plaster': {
		with: 'a thin drill bit',
		says: 'Drill slowly and feel it: a lath gives at once, a stud goes on holding.'
	},
	brick: { with: null, says: 'It has no studs.' },
	block: { with: null, says: 'It has no studs.' },
	concrete: { with: null, says: 'It has no studs.' },
	panelling: {
		with: 'a thin nail',
		says: 'Try it in a joint of the panels, where its hole is not seen.'
	}
};
