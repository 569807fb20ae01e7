import type { Outline } from '../../core/index.ts';

/** The outline of a piece as an SVG path, its upper left corner at 0, 0; sizes in pixels. */
export function outlinePath(outline: Outline, width: number, height: number): string {
	if (outline.by === 'oval') {
		const [rx, ry] = [width / 2, height / 2];
		return `M0 ${ry} a${rx} ${ry} 0 1 1 ${width} 0 a${rx} ${ry} 0 1 1 ${-width} 0 Z`;
	}
	if (outline.by === 'rectangle') return `M0 0 H${width} V${height} H0 Z`;
	return `M${outline.points.map(({ x, y }) => `${x * width} ${y * height}`).join('L')}Z`;
}
