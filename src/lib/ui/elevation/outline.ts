import {
	alongLine,
	ceilingLine,
	floorAt,
	floorLine,
	stairsSpan,
	wallTop,
	type Outline,
	type Point,
	type Wall
} from '../../core/index.ts';
import type { Frame } from './frame.ts';

/** The outline of a piece as an SVG path, its upper left corner at 0, 0; sizes in pixels. */
export function outlinePath(outline: Outline, width: number, height: number): string {
	if (outline.by === 'oval') {
		const [rx, ry] = [width / 2, height / 2];
		return `M0 ${ry} a${rx} ${ry} 0 1 1 ${width} 0 a${rx} ${ry} 0 1 1 ${-width} 0 Z`;
	}
	if (outline.by === 'rectangle') return `M0 0 H${width} V${height} H0 Z`;
	return `M${outline.points.map(({ x, y }) => `${x * width} ${y * height}`).join('L')}Z`;
}

/** A line along the wall as points in pixels, from its left to its right end. */
export function pathThrough(line: readonly Point[], width: number, frame: Frame): Point[] {
	const inside = line.filter(({ x }) => x > 0 && x < width);
	const ends = [0, width].map((x) => ({ x, y: alongLine(line, x) }));
	return [ends[0]!, ...inside, ends[1]!].map(({ x, y }) => ({ x: frame.x(x), y: frame.y(y) }));
}

/** The face of the wall as an SVG path. */
export function facePath(wall: Wall, frame: Frame): string {
	const ceiling = pathThrough(ceilingLine(wall), wall.width, frame);
	const floor = pathThrough(floorLine(wall.levels), wall.width, frame).toReversed();
	return `M${[...ceiling, ...floor].map(({ x, y }) => `${x} ${y}`).join(' L')} Z`;
}

/** The box a wall is drawn in: its width, and its highest place. */
export const wallBox = (wall: Wall): { width: number; height: number } => ({
	width: wall.width,
	height: wallTop(wall)
});

/** The side of a flight of stairs as an SVG path, as far as it stands before the wall. */
export function stairsPath(wall: Wall, frame: Frame): string {
	const { stairs } = wall;
	if (!stairs) return '';
	const [left, right] = stairsSpan(stairs);
	const foot = frame.y(floorAt({ ...wall, stairs: null }, stairs.x));
	const treads = Array.from({ length: stairs.steps }, (_, step) => {
		const from = stairs.up === 'right' ? left + step * stairs.going : right - step * stairs.going;
		const to = from + (stairs.up === 'right' ? stairs.going : -stairs.going);
		const y = foot - (step + 1) * stairs.rise * frame.scale;
		return `L${frame.x(from)} ${y} L${frame.x(to)} ${y}`;
	});
	const end = stairs.up === 'right' ? right : left;
	return `M${frame.x(stairs.x)} ${foot} ${treads.join(' ')} L${frame.x(end)} ${foot} Z`;
}
