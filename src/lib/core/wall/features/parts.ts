import type { Ink, Part } from './types.ts';

export const block = (
	ink: Ink,
	[x, y, width, height]: [number, number, number, number],
	least?: number
): Part => ({ as: 'rect', ink, x, y, width, height, ...(least === undefined ? {} : { least }) });

export const disc = (ink: Ink, x: number, y: number, r: number, least?: number): Part => ({
	as: 'disc',
	ink,
	x,
	y,
	r,
	...(least === undefined ? {} : { least })
});

export const stroke = (ink: Ink, x: number, y: number, dx: number, dy: number): Part => ({
	as: 'line',
	ink,
	x,
	y,
	dx,
	dy
});

/** Width of a usual door or window casing, mm; never more than a quarter of the whole. From memory. */
export const casingOf = (width: number): number => Math.min(70, width / 4);
