import type { HookKind } from '$lib/core/index.ts';

/** A part of a fixing cut through, mm: x into the wall from its face, y down from the middle of its hole. */
export interface Shape {
	of: 'steel' | 'plastic' | 'brass' | 'pad';
	path: string;
	/** Its outline alone is drawn, so thick, mm. */
	line?: number;
}

const steel = (path: string, line?: number): Shape => ({
	of: 'steel',
	path,
	...(line !== undefined && { line })
});

/** A bar lying along the hole. */
const bar = (from: number, to: number, half: number): string =>
	`M${from} ${-half}H${to}V${half}H${from}Z`;

/** A shank with a thread from one depth to another, and its point. */
function threaded(from: number, to: number, half: number, pitch: number): string {
	const turns = Math.floor((to - from) / pitch);
	const teeth = (side: number) =>
		Array.from({ length: turns }, (_, turn) => {
			const at = from + turn * pitch;
			return `L${at} ${side * half * 0.6}L${at + pitch / 2} ${side * half}`;
		}).join('');
	const back = Array.from({ length: turns }, (_, turn) => {
		const at = to - turn * pitch;
		return `L${at} ${half * 0.6}L${at - pitch / 2} ${half}`;
	}).join('');
	return `M${from} ${-half * 0.6}${teeth(-1)}L${to + half} 0${back}L${from} ${half * 0.6}Z`;
}

/** A head that stands off the wall, with the bare shank behind it. */
const headed = (half: number, out = 8): string =>
	`M${-out - 2} ${-half * 1.9}h2V${-half}H0V${half}H${-out}v${half * 0.9}h-2Z`;

const woodScrew = (half: number, length: number): Shape[] => [
	steel(headed(half)),
	steel(bar(0, length / 3, half * 0.8)),
	steel(threaded(length / 3, length, half, 3))
];

/** A nail driven downwards at an angle, degrees, its head outside. */
function nailed(angle: number, length: number, thick: number, down = 0): Shape[] {
	const [x, y] = [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)];
	return [
		steel(`M${-8 * x} ${down - 8 * y}L${length * x} ${down + length * y}`, thick),
		steel(
			`M${-8 * x - 2 * y} ${down - 8 * y + 2 * x}L${-8 * x + 2 * y} ${down - 8 * y - 2 * x}`,
			1.6
		)
	];
}

/** A picture hook’s strip of brass, its bearing so far below the nail. */
const hooked = (dy: number, out: number): Shape => ({
	of: 'brass',
	path: `M-1.5 -6V${dy + 3}Q${-out} ${dy + 8} ${-out - 3} ${dy - 4}`,
	line: 2
});

const plastic = (path: string): Shape => ({ of: 'plastic', path });

const machineScrew = (half: number, length: number): Shape[] => [
	steel(headed(half)),
	steel(bar(0, length, half * 0.85))
];

/** Behind a board of 12.7 mm. */
const BACK = 13;

const RIBBED = [0, 5, 10, 15].map((at) => `M${at} -3.4l5 1.2v4.4l-5 1.2Z`).join('');
const SCREW: readonly Shape[] = woodScrew(2.1, 45);
const NAIL: readonly Shape[] = nailed(30, 26, 1.8);
const RAIL: readonly Shape[] = [
	{ of: 'brass', path: 'M-2 -14Q-2 -24 -8 -24Q-15 -24 -15 -14V8Q-15 16 -9 16', line: 2.4 }
];
const CLAMPED = (half: number, length: number): Shape[] => [
	steel(`M-6 ${-half * 2}h3V${-half}H0V${half}H-3V${half * 2}H-6Z`),
	steel(bar(0, length / 3, half * 0.8)),
	steel(threaded(length / 3, length, half, 3))
];

/** Each fixing cut through, as it sits; one that is forgotten does not compile. */
export const FIXING_SHAPES: Readonly<Record<HookKind, readonly Shape[]>> = {
	'picture-hook-1': [hooked(19, 5), ...nailed(45, 26, 1.6)],
	'picture-hook-2': [hooked(25, 6), ...nailed(45, 30, 1.8), ...nailed(45, 30, 1.8, 5)],
	'picture-hook-3': [hooked(32, 8), ...nailed(45, 32, 2), ...nailed(45, 32, 2, 5)],
	screw: SCREW,
	'screw-6': woodScrew(1.8, 38),
	'screw-12': woodScrew(2.8, 55),
	'deck-screw': woodScrew(2.4, 60),
	'bugle-screw': woodScrew(3.1, 72),
	'plate-screw': CLAMPED(2.1, 45),
	'cleat-screw': CLAMPED(2.4, 58),
	'security-screw': [
		steel('M-7 -5Q-10 0 -7 5H-4V2H0V-2H-4V-5Z'),
		steel(bar(0, 14, 1.7)),
		steel(threaded(14, 45, 2.1, 3))
	],
	nail: NAIL,
	'nail-6d': nailed(10, 42, 2.9),
	'nail-8d': nailed(10, 55, 3.3),
	'rail-hook': RAIL,
	'track-hook': [
		steel('M-10 -26h16v10h-4v-5h-8v5h-4Z'),
		steel('M-4 -21V14', 1.2),
		steel('M-7.5 8h7v7h-7Z')
	],
	'adhesive-strip': [
		{ of: 'pad', path: 'M-2 -16H0V16H-2Z' },
		{ of: 'pad', path: 'M-4.5 -16h2V16h-2Z' }
	],
	'push-pin': [steel('M-9 -4h3l3 2v4l-3 2h-3Z'), steel('M-3 0H9', 1.1)],
	'spring-wire-hook': [steel('M-6 4Q-9 10 -4 10Q-1 10 -1 4V0H14Q22 0 24 8Q27 22 14 24', 2)],
	'hard-wall-hook': [
		{ of: 'plastic', path: 'M-4 -6H0V18Q-4 25 -9 12L-6 10Q-4 16 -4 10Z' },
		steel('M-6 -3H11M-6 2H11', 1.2)
	],
	'latched-hook': [
		steel(threaded(0, 32, 2, 3)),
		steel('M0 0H-6Q-8 8 -15 8Q-22 8 -22 0Q-22 -6 -17 -7', 2.6),
		steel('M-17 -7L-7 -2', 1.2)
	],
	'ribbed-plug': [plastic(RIBBED), ...woodScrew(1.6, 24)],
	'folding-anchor': [
		plastic(`M0 -4.7H${BACK}V4.7H0Z`),
		plastic(
			`M${BACK} -4.7L${BACK + 4} -15L${BACK + 8} -13L${BACK + 10} 0L${BACK + 8} 13L${BACK + 4} 15L${BACK} 4.7Z`
		),
		...machineScrew(1.8, 34)
	],
	'drill-plastic': [plastic(threaded(0, 30, 6.5, 6)), ...machineScrew(1.8, 34)],
	'drill-metal': [{ of: 'brass', path: threaded(0, 32, 6.5, 6) }, ...machineScrew(1.8, 36)],
	'hollow-wall-anchor': [
		steel(
			`M0 -6H-1.2V6H0V4.6H${BACK}L${BACK + 3} 15L${BACK + 13} 3V-3L${BACK + 3} -15L${BACK} -4.6H0Z`
		),
		...machineScrew(1.7, 42)
	],
	'spring-toggle': [
		...machineScrew(2.2, 62),
		steel(
			`M${BACK + 14} 0L${BACK} -24l4 -2L${BACK + 20} -3ZM${BACK + 14} 0L${BACK} 24l4 2L${BACK + 20} 3Z`
		)
	],
	'strap-toggle': [
		plastic(`M-2 -7H0V-3H${BACK}V3H0V7H-2Z`),
		steel(`M${BACK} -26h6v52h-6Z`),
		...machineScrew(2.9, 42)
	],
	'masonry-plug': [plastic('M0 -3H18L34 -4.4V-1H18V1H34V4.4L18 3H0Z'), ...woodScrew(2.2, 38)],
	'old-nail': NAIL,
	'old-screw': SCREW,
	'old-anchor': [plastic(RIBBED), ...woodScrew(1.8, 26)]
};
