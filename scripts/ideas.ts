/** Draws the first three ideas of every set piece on one sheet: docs/screenshots/ideas.png. */
import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { arrange, type Candidate } from '../src/lib/core/index.ts';
import { lintLayout } from '../src/lib/core/layout/lint-layout.ts';
import type { Place } from '../src/lib/core/layout/types.ts';
import { chromiumPath } from './lib/chromium.mjs';
import { SET_PIECES, type SetPiece } from '../src/lib/core/layout/set-pieces.kit.test.ts';

const CELL = { width: 330, height: 235 };
const IDEAS = 3;
const [out = 'docs/screenshots/ideas.png', only = ''] = process.argv.slice(2);

const TONES = ['#6b7f8f', '#8f7a5b', '#5f7a68', '#9a6b5a', '#7c6f8a', '#a08c52'];

function drawn(
	{ wall, things, stairs, request }: SetPiece,
	candidate: Candidate | undefined
): string {
	const scale = Math.min(CELL.width / wall.width, (CELL.height - 24) / wall.height);
	const at = (x: number, y: number) =>
		`${(x * scale).toFixed(1)} ${((wall.height - y) * scale).toFixed(1)}`;
	const box = (
		{ x, y, width, height }: { x: number; y: number; width: number; height: number },
		style: string
	) =>
		`<path d="M${at(x, y)}L${at(x + width, y)}L${at(x + width, y + height)}L${at(x, y + height)}Z" style="${style}"/>`;
	const LOOK = {
		furniture: 'fill:#8a5a3a',
		opening: 'fill:#fbf8f1;stroke:#c9b48c;stroke-width:2',
		free: 'fill:none;stroke:#1f6f9c;stroke-dasharray:4 3'
	};
	const steps = stairs
		? Array.from({ length: Math.ceil(wall.width / stairs.going) }, (_, index) =>
				box(
					{
						x: index * stairs.going,
						y: 0,
						width: stairs.going,
						height: Math.max(0, (index - 3) * stairs.rise)
					},
					'fill:#b08a5c'
				)
			).join('')
		: '';
	const sizes = new Map(request.pieces.map((item) => [item.id, item]));
	const pieces = (candidate?.placements ?? [])
		.map(({ id, x, y }: Place) => {
			const { width, height } = sizes.get(id)!;
			const mat = Math.min(width, height) * 0.14;
			return (
				box({ x, y, width, height }, 'fill:#3b2b20') +
				box({ x: x + 20, y: y + 20, width: width - 40, height: height - 40 }, 'fill:#f6f1e6') +
				box(
					{
						x: x + mat + 20,
						y: y + mat + 20,
						width: width - 2 * mat - 40,
						height: height - 2 * mat - 40
					},
					`fill:${TONES[Number(id) % TONES.length]}`
				)
			);
		})
		.join('');
	const issues = lintLayout({
		pieces: (candidate?.placements ?? []).map(({ id, x, y }) => {
			const { width, height } = sizes.get(id)!;
			return { id, letter: id, rect: { x, y, width, height } };
		}),
		beneath: things.flatMap(({ rect, of }) => (of === 'furniture' ? [{ ...rect, name: of }] : [])),
		openings: things.flatMap(({ rect, of }) => (of === 'opening' ? [rect] : [])),
		anyHeight: stairs !== undefined,
		centreLine: 57 * 25.4,
		floor: 0
	});
	const said = candidate
		? `${candidate.name} · ${(100 * (1 - candidate.scores.total)).toFixed(0)}${issues.length > 0 ? ` · ${issues.map(({ code }) => code).join(', ')}` : ''}`
		: 'nothing';
	return `<figure><svg width="${CELL.width}" height="${CELL.height - 24}" viewBox="0 0 ${wall.width * scale} ${wall.height * scale}">${box({ x: 0, y: 0, ...wall }, 'fill:#e9dcc3')}${things.map(({ rect, of }) => box(rect, LOOK[of])).join('')}${steps}<path d="M${at(0, 57 * 25.4)}L${at(wall.width, 57 * 25.4)}" style="stroke:#1f6f9c55"/>${pieces}</svg><figcaption class="${issues.length > 0 ? 'bad' : ''}">${said}</figcaption></figure>`;
}

const cells = SET_PIECES.filter(({ name }) => name.includes(only)).map((set) => {
	const started = performance.now();
	const found = arrange(set.request);
	const took = performance.now() - started;
	console.log(
		`${set.name}: ${found.ok ? found.value.candidates.length : found.error.message}, ${took.toFixed(0)} ms`
	);
	const ideas = Array.from({ length: IDEAS }, (_, index) =>
		drawn(set, found.ok ? found.value.candidates[index] : undefined)
	);
	return `<section><h2>${set.name}</h2><div>${ideas.join('')}</div></section>`;
});

const browser = await chromium.launch({
	executablePath: chromiumPath(),
	args: ['--no-sandbox', '--disable-gpu']
});
const page = await browser.newPage({
	viewport: { width: 2 * IDEAS * (CELL.width + 12) + 40, height: 800 }
});
await page.setContent(
	`<style>body{margin:8px;background:#fbf5e8;font:14px sans-serif;color:#2f2620;display:grid;grid-template-columns:1fr 1fr;gap:6px 20px}h2{margin:0 0 2px;font-size:15px}section>div{display:flex;gap:10px}figure{margin:0}figcaption{font-size:13px}.bad{color:#b3261e}</style>${cells.join('')}`
);
mkdirSync('docs/screenshots', { recursive: true });
await page.screenshot({ path: out, fullPage: true });
await browser.close();
