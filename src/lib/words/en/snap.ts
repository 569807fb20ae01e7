/** What a dragged piece has settled on. */
export const GUIDES = {
	'centre-line': 'centre line',
	'even-gap': 'same gap on both sides',
	'furniture-middle': 'middle of the furniture',
	'house-gap': 'house gap',
	'hook-on-stud': 'hook on a stud',
	'neighbour-edge': 'neighbour’s edge',
	'neighbour-middle': 'neighbour’s middle',
	'repeated-gap': 'same gap as beside it',
	'wall-middle': 'middle of the wall',
	'wall-third': 'third of the wall'
};
