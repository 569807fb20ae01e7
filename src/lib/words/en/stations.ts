import { counted } from '../counted.ts';

/** What a station still lacks, or that nothing is missing, in a word or two. */
export const STATIONS = {
	allHung: () => 'all hung',
	empty: () => 'empty',
	hooks: (count: number) => counted(count, 'hook', 'hooks'),
	inTrouble: (count: number) => `${count} in trouble`,
	madeOf: () => 'made of what?',
	marks: (count: number) => counted(count, 'mark', 'marks'),
	noPieces: () => 'no pieces',
	noneYet: () => 'none yet',
	nothingYet: () => 'nothing yet',
	pieces: (count: number) => counted(count, 'piece', 'pieces'),
	ready: () => 'ready',
	toHang: (count: number) => `${count} to hang`,
	toLookAt: (count: number) => `${count} to look at`,
	toMeasure: (count: number) => `${count} to measure`,
	toPlace: (count: number) => `${count} to place`,
	toSettle: (count: number) => `${count} to choose`,
	toWeigh: (count: number) => `${count} to weigh`
};
