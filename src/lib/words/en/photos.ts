/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'not-an-image': ({ name }: { name: string }) =>
		`${name} is not a picture. Choose a PNG, JPEG or WebP file.`,
	'not-developed': ({ name }: { name: string }) =>
		`${name} could not be worked on: the photo worker stopped. Try again.`,
	'not-looked': ({ name }: { name: string }) =>
		`${name} could not be looked at: the photo worker stopped. Try again.`,
	svg: ({ name }: { name: string }) =>
		`${name} is a drawing that can hold programs, so it is not taken. Save it as PNG or JPEG.`,
	'too-large': ({ name }: { name: string }) =>
		`${name} is larger than 40 MB. Save a smaller copy of it first.`,
	'too-many-pixels': ({ name }: { name: string }) =>
		`${name} has more than 80 million pixels. Save a smaller copy.`,
	unreadable: ({ name }: { name: string }) =>
		`${name} is damaged, or a kind of picture this browser cannot read.`
};
