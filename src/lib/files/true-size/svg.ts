import { PENS, type Drawing, type Drawn, type PaperPage, type Rect } from '../../core/index.ts';

/** A drawing as SVG at true size, for a cutter, a plotter or a drawing program. A layer for each pen. */
export function drawingSvg({ box, ink }: Drawing): string {
	const names = [...new Set(ink.map(layerOf))];
	const layers = names.map(
		(name) =>
			`<g id="${name}">${ink
				.filter((each) => layerOf(each) === name)
				.map(shape)
				.join('')}</g>`
	);
	return svg(box, layers.join(''));
}

/** A page as SVG at true size, cut off at its window. */
export function pageSvg({ width, height, window, drawn, own }: PaperPage, id: string): string {
	const { x, y, width: wide, height: high } = window;
	const clip = `<clipPath id="${id}"><rect x="${mm(x)}" y="${mm(-y - high)}" width="${mm(wide)}" height="${mm(high)}"/></clipPath>`;
	const inside = `<g clip-path="url(#${id})">${drawn.map(shape).join('')}</g>`;
	return svg({ x: 0, y: 0, width, height }, clip + inside + own.map(shape).join(''));
}

const layerOf = (each: Drawn): string => (each.shape === 'text' ? 'words' : each.pen);

/** Up is down in SVG: every y changes its sign. */
function svg({ x, y, width, height }: Rect, content: string): string {
	const view = [x, -y - height, width, height].map(mm).join(' ');
	return `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(width)}mm" height="${mm(height)}mm" viewBox="${view}">${content}</svg>\n`;
}

/** A thousandth of a mm is finer than any printer. */
const mm = (value: number): string => String(Math.round(value * 1000) / 1000 + 0);

function shape(drawn: Drawn): string {
	if (drawn.shape === 'text') return text(drawn);
	const { width, colour, dash } = PENS[drawn.pen];
	const pen = `fill="none" stroke="${colour}" stroke-width="${width}"${dash ? ` stroke-dasharray="${dash.join(' ')}"` : ''}`;
	if (drawn.shape === 'oval') {
		const { centre, rx, ry } = drawn;
		return `<ellipse cx="${mm(centre.x)}" cy="${mm(-centre.y)}" rx="${mm(rx)}" ry="${mm(ry)}" ${pen}/>`;
	}
	const points = drawn.points.map(({ x, y }) => `${mm(x)} ${mm(-y)}`).join('L');
	return `<path d="M${points}${drawn.closed ? 'Z' : ''}" ${pen}/>`;
}

function text({ at, anchor, text, size, turn }: Extract<Drawn, { shape: 'text' }>): string {
	const turned = turn === 0 ? '' : ` transform="rotate(${-turn} ${mm(at.x)} ${mm(-at.y)})"`;
	return `<text x="${mm(at.x)}" y="${mm(-at.y)}" font-family="'Barlow Condensed', 'Arial Narrow', sans-serif" font-weight="500" font-size="${mm(size)}" text-anchor="${anchor}"${turned}>${escaped(text)}</text>`;
}

const ESCAPES: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;' };
const escaped = (text: string): string => text.replace(/[&<>]/g, (each) => ESCAPES[each]!);
