/** How holes of each size are filled. Common practice. */
export const PRICK = {
	size: 1,
	is: 'a pin prick',
	mend: 'Rub in a little filler with a finger.'
} as const;
export const NAIL_HOLE = {
	size: 1,
	is: 'a nail hole',
	mend: 'Press the burr flat, fill, wipe, touch up.'
} as const;
export const SCREW_HOLE = {
	size: 2,
	is: 'a screw hole',
	mend: 'Fill in two goes, sand, touch up.'
} as const;
export const PLUG_HOLE = {
	size: 3,
	is: 'a hole as wide as a pencil',
	mend: 'Draw the anchor or tap it in below the face, fill in two goes, sand, prime, touch up.'
} as const;
export const WIDE_HOLE = {
	size: 4,
	is: 'a hole as wide as a thumb, or torn board',
	mend: 'Cut it clean, back it with mesh, fill, sand, prime and paint the patch.'
} as const;
