import { either } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	damaged: either({
		mixed: () => 'The codes do not belong together: begin with the first one again.',
		unreadable: () => 'The codes cannot be read: begin with the first one again.'
	}),
	'damaged-photo': either({
		damaged: () => 'A photo in this zip file is damaged.',
		large: () => 'A photo in this zip file is larger than a photo can be.'
	}),
	empty: either({
		table: () => 'There is nothing in this table.',
		rows: () => 'There are no rows under the names of the columns.'
	}),
	'no-calendar': () => 'The calendar could not be written: nothing is due.',
	'no-project': () => 'There is no Warm Porch project or hang pack in this zip file.',
	'not-a-backup': () => 'This backup is damaged, or of a newer version of this program.',
	'not-a-zip': () => 'This zip file is damaged and cannot be opened.',
	'not-json': () => 'This is not a Warm Porch project file: it is not JSON.',
	'part-missing': () => 'Not every code was read yet.',
	'too-large': either({
		file: () => 'This file is larger than 24 MB; a project file is not.',
		'project-in-zip': () => 'The project in this zip file is larger than 24 MB.',
		zip: () => 'This zip file is larger than 400 MB, or opens to more; a project is not.',
		project: () => 'It is larger than 24 MB; a project file is not.',
		list: () => 'This list is larger than 5 MB. Cut it into parts.'
	}),
	'too-many-columns': ({ width, mostColumns }: { width: number; mostColumns: number }) =>
		`This list has ${width} columns; at most ${mostColumns} are read.`,
	'too-many-rows': ({ length, mostRows }: { length: number; mostRows: number }) =>
		`These are ${length} rows; at most ${mostRows} are read.`,
	unreadable: ({ value }: { value: number }) => `A quote in row ${value} is never closed.`
};
