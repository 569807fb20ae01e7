import { RING_CARD } from '../../src/lib/core/base/ring-card.ts';
import type { Point } from '../../src/lib/core/index.ts';
import type { Layer } from './render.ts';
import { ring, turnedRect } from './scenes.ts';

/** A sheet of paper that lies on something, with the rings of a printed card on it or without: mm. */
export interface LaidSheet {
	x: number;
	y: number;
	turn: number;
	width: number;
	height: number;
	out: number;
	rings?: { across: number; down: number };
}

/** A place on a sheet, in from its upper left corner, as a place in the plane it lies in. */
function onSheet({ x, y, turn }: LaidSheet, u: number, v: number): Point {
	const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
	return { x: x + u * cos - v * sin, y: y + u * sin + v * cos };
}

/** What a sheet is known by, clockwise from the upper left: its corners, or the middles of its rings. */
export function knownPlaces(sheet: LaidSheet): Point[] {
	const { width, height, rings } = sheet;
	const { across, down } = rings ?? { across: width, down: height };
	const [left, top] = [(width - across) / 2, (height - down) / 2];
	return [
		onSheet(sheet, left, top),
		onSheet(sheet, left + across, top),
		onSheet(sheet, left + across, top + down),
		onSheet(sheet, left, top + down)
	];
}

/** A sheet as the camera sees it. */
export function sheetLayers(sheet: LaidSheet, paper: (x: number, y: number) => number): Layer[] {
	const { outer, inner } = RING_CARD;
	const printed = sheet.rings ? knownPlaces(sheet) : [];
	return [
		...printed.map((at) => ring(sheet.out, at, outer, inner, 0x1c1c1e)),
		turnedRect(sheet.out, sheet, sheet.width, sheet.height, paper)
	];
}
