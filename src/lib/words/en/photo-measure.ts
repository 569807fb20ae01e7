import { counted } from '../counted.ts';
import { MARKS, type MarkName } from './back-marks.ts';

/** Corners of the frame as the photo of a back shows them. */
const CORNERS = {
	'top-left': 'upper left',
	'top-right': 'upper right',
	'bottom-right': 'lower right',
	'bottom-left': 'lower left'
};

/** Corners of a wall as a photo shows them. */
const WALL = {
	'ceiling-left': 'upper left corner of the wall, at the ceiling',
	'ceiling-right': 'upper right corner of the wall, at the ceiling',
	'floor-right': 'lower right corner of the wall, at the floor',
	'floor-left': 'lower left corner of the wall, at the floor'
};
const OF_A_FEATURE = ['upper left', 'lower right'];

/** Measuring in a photo. */
export const PHOTO_MEASURE = {
	title: ({ letter, name }: { letter: string; name: string }) => `Measure ${letter} · ${name}`,
	newTitle: ({ count, of }: { count: number; of: number }) =>
		of > 1 ? `A new piece: photo ${count} of ${of}` : 'A new piece from its photo',
	how: () =>
		'Lay a sheet flat on the back. Stand straight before it and fill the photo with the frame. With a wire, have someone pull it up hard with one finger.',
	looking: () => 'Looking for the sheet…',
	sheetFound: ({ sheet }: { sheet: string }) =>
		`The ${sheet} was found. Put a corner right where it is off.`,
	sheetNotFound: ({ sheet }: { sheet: string }) =>
		`The ${sheet} was not found. Mark its four corners, or choose another sheet.`,
	blurred: () =>
		'The edges in this photo are blurred. Take it again with more light, or hold still.',
	sheetCorner: ({ index, ringed }: { index: number; ringed: boolean }) =>
		ringed
			? `Mark the middle of the ${Object.values(CORNERS)[index]} ring`
			: `Mark the ${Object.values(CORNERS)[index]} corner of the sheet`,
	printCard: () => 'Print a card',
	frameCorner: ({ corner }: { corner: keyof typeof CORNERS }) =>
		`Mark the ${CORNERS[corner]} corner of the frame, outside`,
	wallCorner: ({ corner }: { corner: keyof typeof WALL }) => `Mark the ${WALL[corner]}`,
	feature: ({ name, index }: { name: string; index: number }) =>
		`${name}: mark its ${OF_A_FEATURE[index]} corner`,
	hidden: ({ of }: { of: 'sheet' | 'corner' | 'mark' }) =>
		of === 'sheet' ? 'No sheet in this photo' : 'Not to be seen',
	wallTitle: ({ name }: { name: string }) => `Survey of ${name} from a photo`,
	taped: ({ side }: { side: 'width' | 'height' }) =>
		side === 'width' ? 'Width by tape' : 'Height by tape, left end',
	figure: {
		x: 'Left edge',
		y: 'Bottom',
		width: 'Width',
		height: 'Height'
	},
	wallHow: () =>
		'Stand straight before the wall, with all four corners in sight. A sheet taped to it, or its width and height by tape, gives the scale.',
	traceNext: () => 'Choose what is on the wall and mark two corners of each. Then use them.',
	keptWall: ({ count }: { count: number }) =>
		count === 0
			? 'The photo lies under the wall now'
			: `${counted(count, 'thing')} surveyed from the photo`,
	mark: ({ mark }: { mark: MarkName }) => `${MARKS[mark].name}: ${MARKS[mark].where}`,
	/** Left as it hangs lies on the right of a photo of the back. */
	addFront: () => 'Add its front',
	otherFront: () => 'Another photo of its front',
	frontTitle: () => 'Its front',
	frontHow: () => 'Mark the four outer corners; the picture is straightened to its frame.',
	frontCorner: ({ corner }: { corner: keyof typeof CORNERS }) =>
		`Mark the ${CORNERS[corner]} corner`,
	asItHangs: () => 'Left and right are as it hangs: in this photo left is on the right.',
	allMarked: () => 'All is marked. Drag any mark to put it right.',
	handles: {
		sheet: ({ index, ringed }: { index: number; ringed: boolean }) =>
			`${Object.values(CORNERS)[index]} ${ringed ? 'ring of the card' : 'corner of the sheet'}`,
		corner: ({ corner }: { corner: keyof typeof CORNERS }) =>
			`${CORNERS[corner]} corner of the frame`,
		wallCorner: ({ corner }: { corner: keyof typeof WALL }) => WALL[corner],
		feature: ({ name, index }: { name: string; index: number }) =>
			`${OF_A_FEATURE[index]} corner of ${name.toLowerCase()}`
	},
	/** Puts a mark down without a pointer, to be moved from there. */
	putIt: ({ guessed }: { guessed: boolean }) =>
		guessed ? 'Put it in the dashed circle' : 'Put it in the middle',
	pull: ({ label }: { label: string }) => `${label}: pull the photo under the cross`,
	placed: ({ label, across, down }: { label: string; across: number; down: number }) =>
		`${label}, ${across} % across, ${down} % down; arrow keys move it`,
	betterTaped: () => 'far from the sheet: better taped',
	few: ({ count }: { count: number }) => `${counted(count, 'mark')} to go`,
	kept: ({ letter, count }: { letter: string; count: number }) =>
		`${letter}: ${counted(count, 'figure')} read from the photo`
};
