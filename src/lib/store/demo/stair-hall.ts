import { startArrangement, type Back, type Piece, type Wall } from '../../core/index.ts';
import { at, centre, feature, inch, measuredBack, piece, pounds, wall } from './sketch.ts';

/** Sizes in inches and pounds, as they were read at the bench. */
function imperial({
	width,
	height,
	weight,
	...rest
}: Omit<Parameters<typeof piece>[0], 'weight'> & { weight: number }): Piece {
	return piece({
		...rest,
		width: inch(width),
		height: inch(height),
		depth: inch(rest.kind === 'mirror' ? 1.25 : 0.75),
		weight: pounds(weight)
	});
}

/** Every figure is given, so that no size is needed to start from. */
const NO_SIZE = { width: 300, height: 300 };

const wireTwo = (ringSpan: number, ringDrop: number, pulled: number, apart: number): Back =>
	measuredBack('wire-two', NO_SIZE, {
		ringSpan: inch(ringSpan),
		ringDrop: inch(ringDrop),
		wire: { by: 'pull', pulledDrop: inch(pulled), fingerSpacing: 0 },
		hookSpacing: inch(apart)
	});

const wireOne = (
	ringSpan: number,
	ringDrop: number,
	pulled: number,
	assumed: string[] = []
): Back => ({
	...measuredBack('wire-one', NO_SIZE, {
		ringSpan: inch(ringSpan),
		ringDrop: inch(ringDrop),
		wire: { by: 'pull', pulledDrop: inch(pulled), fingerSpacing: 0 }
	}),
	assumed
});

const sawtooth = (barDrop: number): Back =>
	measuredBack('sawtooth', NO_SIZE, { barDrop: inch(barDrop) });

export const STAIR_HALL_PIECES: Piece[] = [
	imperial({
		letter: 'A',
		colour: '#e9dfc4',
		name: 'North channel chart',
		width: 20,
		height: 16.5,
		weight: 9.8,
		back: wireTwo(15, 4.125, 1.25, 7.5)
	}),
	imperial({
		letter: 'B',
		colour: '#e6d9b8',
		name: 'South channel chart',
		width: 20,
		height: 16.5,
		weight: 9.6,
		back: wireTwo(15, 4.25, 1.5, 7.5)
	}),
	imperial({
		letter: 'C',
		colour: '#bfd0cf',
		name: 'Pier mirror',
		width: 28,
		height: 38,
		weight: 46.3,
		kind: 'mirror',
		glazing: 'glass',
		frame: { width: inch(1.5), material: 'hardwood', rabbet: 6 },
		back: wireTwo(20.25, 9.5, 3.375, 10)
	}),
	imperial({
		letter: 'D',
		colour: '#c9d6b5',
		name: 'Curlew',
		width: 11,
		height: 14,
		weight: 2.4,
		back: sawtooth(0.625)
	}),
	imperial({
		letter: 'E',
		colour: '#e7cb9f',
		name: 'Redshank',
		width: 11,
		height: 14,
		weight: 2.4,
		back: sawtooth(0.625)
	}),
	imperial({
		letter: 'F',
		colour: '#ddb3a6',
		name: 'Dunlin',
		width: 11,
		height: 14,
		weight: 2.6,
		back: wireOne(8.25, 3.5, 1.75)
	}),
	imperial({
		letter: 'G',
		colour: '#b5c6d5',
		name: 'Turnstone',
		width: 11,
		height: 14,
		weight: 2.6,
		back: wireOne(8.25, 3.5, 1.875)
	}),
	imperial({
		letter: 'H',
		colour: '#f0d9b5',
		name: 'The evening ferry',
		width: 16,
		height: 12,
		weight: 3.1,
		kind: 'canvas',
		back: wireOne(11, 3, 1.25, ['ringSpan', 'ringDrop', 'pulledDrop'])
	})
];

/** Board on timber studs, two doors, a console table; imperial. */
export const STAIR_HALL: Wall = wall({
	id: 'stair-hall',
	name: 'Stair hall',
	width: inch(168),
	height: inch(96),
	skirting: inch(4.5),
	levels: {
		line: inch(48),
		readings: [
			{ id: 'middle', x: inch(84), down: inch(48.25), up: inch(47.875) },
			{ id: 'right-end', x: inch(168), down: inch(48.5), up: inch(47.125) }
		]
	},
	made: { of: 'board-timber', board: 12.7, surface: 'smooth', age: 'since-1990' },
	hints: [
		{ id: 'h1', kind: 'knock', x: inch(53.25), y: inch(44) },
		{ id: 'h2', kind: 'magnet', x: inch(68.25), y: inch(40) },
		{ id: 'h3', kind: 'knock', x: inch(85), y: inch(44) },
		{ id: 'h4', kind: 'miss', x: inch(92.5), y: inch(6) },
		{ id: 'h5', kind: 'edges', left: inch(99.75), right: inch(101.25), y: inch(6) },
		{ id: 'h6', kind: 'hit', x: inch(52.25), y: inch(6) }
	],
	features: [
		feature('street-door', 'door', 'Street door', [inch(4), inch(0), inch(34), inch(83)]),
		feature('tea-room-door', 'door', 'Tea room door', [inch(130), inch(-0.4), inch(34), inch(83)]),
		feature('console', 'furniture', 'Console table', [inch(63), inch(-0.2), inch(42), inch(32)]),
		feature('switch', 'switch', 'Switch', [inch(39.4), inch(46), inch(2.75), inch(4.5)]),
		feature('socket', 'socket', 'Socket', [inch(113), inch(12), inch(2.75), inch(4.5)])
	],
	arrangements: [
		startArrangement('opening', 'For the opening', [
			at('a', inch(55), centre(inch(66))),
			at('b', inch(55), centre(inch(47.5))),
			at('c', inch(84), { from: 'bottom', at: inch(39) }),
			at('d', inch(109), centre(inch(64.75))),
			at('e', inch(122), centre(inch(64.75))),
			at('f', inch(109), centre(inch(48.75))),
			at('g', inch(122), centre(inch(48.75)))
		])
	],
	tape: {
		across: { from: 'feature', id: 'street-door', edge: 'right' },
		up: { from: 'floor-here' },
		chain: false,
		hung: false
	}
});
