import {
	startArrangement,
	type Back,
	type Piece,
	type Project,
	type Wall
} from '../../core/index.ts';
import { at, byPhoto, byTape, feature, measuredBack, piece, wall } from './sketch.ts';

const SHEET = { width: 640, height: 480 };

const sheet = (letter: string, name: string, weight: number, back: Back): Piece =>
	piece({
		letter,
		name,
		...SHEET,
		depth: 28,
		glazing: 'acrylic',
		frame: { width: 25, material: 'hardwood', rabbet: 7 },
		set: 'Estuary charts',
		weight,
		back
	});

const plates = (leftDown: number, rightDown: number): Back =>
	measuredBack('mirror-plates', SHEET, { out: 12, leftDown, rightDown, thickness: 2 });

const secured = (clipDrop: number, rightDrop: number): Back =>
	measuredBack('security', SHEET, { clipSpan: 480, clipDrop, rightDrop, lockUp: 12 });

export const NET_LOFT_PIECES: Piece[] = [
	sheet('T', 'Estuary, sheet 1', 4.1, secured(38, 38)),
	sheet('U', 'Estuary, sheet 2', 4.2, secured(38, 39)),
	sheet('V', 'Estuary, sheet 3', 4.1, plates(240, 240)),
	sheet('W', 'Estuary, sheet 4', 4.0, plates(240, 242)),
	sheet(
		'X',
		'Estuary, sheet 5',
		4.3,
		measuredBack('cleat', SHEET, {
			of: 'metal',
			railDrop: 60,
			railWidth: 400,
			screwSpan: 320,
			screwLine: 12,
			standOff: 6,
			spacerUp: 30
		})
	),
	piece({
		letter: 'Y',
		name: 'Net mender',
		kind: 'canvas',
		width: 900,
		height: 600,
		weight: 2.6,
		back: measuredBack('stretcher', { width: 900, height: 600 }, { barDepth: 38, hookSpacing: 450 })
	}),
	piece({
		letter: 'Z',
		name: 'Knot board',
		kind: 'panel',
		width: 700,
		height: 300,
		weight: 1.9,
		back: measuredBack(
			'sawtooth-two',
			{ width: 700, height: 300 },
			{ barSpan: 420, barDrop: 14, rightDrop: 15, toothPitch: 5 }
		)
	})
];

/** The knot board was measured from a photo of its back: a sheet, its width by tape, the rest as marked. */
export const NET_LOFT_READINGS: Project['readings'] = {
	'piece/piece-z/width': [byTape(700)],
	'piece/piece-z/height': [byPhoto(300, 0.9)],
	'back/piece-z/barSpan': [byPhoto(420, 0.8)],
	'back/piece-z/barDrop': [byPhoto(14, 0.6)],
	'back/piece-z/rightDrop': [byPhoto(15, 0.6)]
};

/** Brick, one long row of framed charts; metric. */
export const NET_LOFT: Wall = wall({
	id: 'net-loft',
	name: 'Net loft',
	width: 6400,
	height: 2600,
	skirting: 0,
	units: 'mm',
	ceiling: [
		{ x: 3200, y: 3300 },
		{ x: 6400, y: 2600 }
	],
	levels: { line: 1200, readings: [{ id: 'right-end', x: 6400, down: 1182, up: null }] },
	made: { of: 'brick', board: null, surface: 'smooth', age: 'since-1990' },
	features: [
		feature('loft-door', 'door', 'Loft door', [5400, 0, 900, 2050]),
		feature('light-switch', 'switch', 'Switch', [5280, 1200, 85, 85])
	],
	arrangements: [
		startArrangement('row', 'One row', [
			at('T', 700, { from: 'house' }),
			at('U', 1400, { from: 'house' }),
			at('V', 2100, { from: 'house' }),
			at('W', 2830, { from: 'house' }),
			at('X', 3560, { from: 'house' }),
			at('Y', 4480, { from: 'house' })
		])
	],
	tape: {
		across: { from: 'feature', id: 'loft-door', edge: 'left' },
		up: { from: 'floor-here' },
		chain: false,
		hung: false
	}
});
