import { startArrangement, type Piece, type Wall } from '../../core/index.ts';
import { at, centre, feature, inch, measuredBack, piece, pounds, wall } from './sketch.ts';

const bird = { width: inch(12), height: inch(15) };
const heron = { width: inch(16), height: inch(20) };
const flag = { width: inch(36), height: inch(24) };
const sign = { width: inch(18), height: inch(9) };
const rack = { width: inch(15), height: inch(11) };

/** An oar seen from the side: blade to the left, shaft, grip. */
const OAR: [number, number][] = [
	[0, 0.18],
	[0.05, 0.02],
	[0.26, 0.04],
	[0.31, 0.36],
	[0.93, 0.4],
	[0.94, 0.33],
	[1, 0.36],
	[1, 0.64],
	[0.94, 0.67],
	[0.93, 0.6],
	[0.31, 0.64],
	[0.26, 0.96],
	[0.05, 0.98],
	[0, 0.82]
];

const plate = (letter: string, name: string, width: number, height: number, weight: number) =>
	piece({
		letter,
		name,
		kind: 'plate',
		width: inch(width),
		height: inch(height),
		weight: pounds(weight),
		back: measuredBack('plate-hanger', bird, { archDrop: inch(1.125) })
	});

export const TEA_ROOM_PIECES: Piece[] = [
	piece({
		letter: 'I',
		colour: '#c9d6b5',
		name: 'Heron',
		...heron,
		glazing: 'glass',
		weight: pounds(6.5),
		frame: { width: inch(1), material: 'softwood', rabbet: 6 },
		back: measuredBack('rail', heron, { ringSpan: inch(11), ringDrop: inch(4) })
	}),
	piece({
		letter: 'J',
		colour: '#e7cb9f',
		name: 'Oystercatcher',
		...bird,
		glazing: 'glass',
		weight: pounds(3.4),
		back: measuredBack('rail', bird, { count: 1, ringDrop: inch(1.5) })
	}),
	piece({
		letter: 'K',
		colour: '#b5c6d5',
		name: 'Avocet',
		...bird,
		glazing: 'glass',
		weight: pounds(3.2),
		back: measuredBack('ring-one', bird, { loopDrop: inch(0.75) })
	}),
	plate('L', 'Blue rim plate', 10, 10, 1.6),
	plate('M', 'White enamel plate', 8.5, 8.5, 0.9),
	plate('N', 'Oval dish', 11.5, 8, 1.8),
	piece({
		letter: 'O',
		colour: '#94683c',
		name: 'Ferry oar',
		kind: 'object',
		width: inch(66),
		height: inch(6),
		weight: pounds(7),
		outline: { by: 'polygon', points: OAR.map(([x, y]) => ({ x, y })) },
		massOffset: inch(-4),
		back: measuredBack(
			'rings',
			{ width: inch(66), height: inch(6) },
			{ ringSpan: inch(40), ringDrop: inch(2.25), rightDrop: inch(2.25) }
		)
	}),
	piece({
		letter: 'P',
		colour: '#2f5f7a',
		name: 'Signal flag',
		kind: 'textile',
		...flag,
		weight: pounds(4.5),
		back: measuredBack('cleat', flag, {
			of: 'wood',
			railDrop: inch(1.5),
			railWidth: inch(32),
			screwSpan: inch(24),
			screwLine: inch(0.75),
			standOff: inch(0.5),
			spacerUp: inch(0.5)
		})
	}),
	piece({
		letter: 'Q',
		colour: '#d9c8a4',
		name: 'Landing sign',
		kind: 'panel',
		...sign,
		depth: inch(0.875),
		weight: pounds(5),
		back: measuredBack('drilled', sign, {
			inFromSide: inch(2),
			downFromTop: inch(2),
			holeWidth: inch(0.375),
			holeDepth: inch(0.5)
		})
	}),
	piece({
		letter: 'R',
		name: 'Spoon rack',
		kind: 'shelf',
		...rack,
		depth: inch(3),
		weight: pounds(4),
		back: measuredBack('keyholes', rack, {
			slotSpan: inch(11),
			slotDrop: inch(1.25),
			rightDrop: inch(1.25)
		})
	}),
	piece({
		letter: 'S',
		name: 'Tide table',
		kind: 'panel',
		width: inch(10),
		height: inch(8),
		depth: inch(0.25),
		weight: pounds(0.8),
		back: measuredBack(
			'strips',
			{ width: inch(10), height: inch(8) },
			{ pairs: 2, stripDrop: inch(1.75), stripSpan: inch(7) }
		)
	})
];

/** Lath and plaster with a picture rail; imperial. */
export const TEA_ROOM: Wall = wall({
	id: 'tea-room',
	name: 'Tea room',
	width: inch(180),
	height: inch(102),
	skirting: inch(7),
	rail: inch(86),
	made: { of: 'lath-plaster', board: null, surface: 'smooth', age: 'before-1990' },
	hints: [
		{ id: 't1', kind: 'skirting', x: inch(26.25), y: inch(3) },
		{ id: 't2', kind: 'skirting', x: inch(58), y: inch(3) },
		{ id: 't3', kind: 'magnet', x: inch(74.25), y: inch(50) },
		{ id: 't4', kind: 'knock', x: inch(89.25), y: inch(50) },
		{ id: 't5', kind: 'edges', left: inch(105.25), right: inch(106.75), y: inch(10) }
	],
	features: [
		feature('bay-window', 'window', 'Bay window', [inch(132), inch(30), inch(40), inch(54)]),
		feature('radiator', 'radiator', 'Radiator', [inch(136), inch(5), inch(32), inch(22)]),
		feature('dresser', 'furniture', 'Dresser', [inch(10), 0, inch(48), inch(36)], { sort: 'other' })
	],
	arrangements: [
		startArrangement('cluster', 'Round the heron', [
			at('I', inch(92), { from: 'house' }),
			at('J', inch(76), { from: 'house' }),
			at('K', inch(108), { from: 'house' }),
			at('L', inch(22), centre(inch(58))),
			at('M', inch(34), centre(inch(60))),
			at('N', inch(47), centre(inch(58))),
			at('O', inch(84), centre(inch(78))),
			at('Q', inch(92), centre(inch(38))),
			at('R', inch(34), centre(inch(45)))
		])
	],
	tape: { across: { from: 'nearest' }, up: { from: 'floor-here' }, chain: false, hung: false }
});
