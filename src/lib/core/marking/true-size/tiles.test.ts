import { expect } from 'chai';
import fc from 'fast-check';
import { right, top } from '../../base/geometry/rect.ts';
import { cross, line, oval, type Drawing } from './ink.ts';
import { sheetFrames } from './page-frame.ts';
import { SHEET_NAMES, usualPrinting } from '../../base/schemas/paper.ts';
import { OVERLAP, tilesOf, type Tiling } from './tiles.ts';

const square = (width: number, height: number): Drawing => ({
	box: { x: 0, y: 0, width, height },
	ink: [
		{
			...line('outline', [0, 0], [width, 0], [width, height], [0, height]),
			closed: true
		}
	]
});
const round = (width: number, height: number): Drawing => ({
	box: { x: 0, y: 0, width, height },
	ink: [oval('outline', { x: width / 2, y: height / 2 }, width / 2, height / 2)]
});
const a4 = sheetFrames('a4', usualPrinting.margins);

function tiled(drawing: Drawing, frames = a4, whole = true): Tiling {
	const tiling = tilesOf(drawing, frames, whole);
	if (!tiling.ok) throw new Error(tiling.error.message);
	return tiling.value;
}

/** Sheets laid side by side until they reach. */
function needed(length: number, room: number): number {
	let count = 1;
	for (let reach = room; reach < length - 1e-6; reach += room - OVERLAP) count++;
	return count;
}

const share = fc.double({ min: 0, max: 1, noNaN: true });
const side = fc.double({ min: 20, max: 2400, noNaN: true });

describe('tiles', () => {
	it('are as few as can reach across and up, on the better side of the sheet', () => {
		fc.assert(
			fc.property(side, side, fc.constantFrom(...SHEET_NAMES), (width, height, sheet) => {
				const frames = sheetFrames(sheet, usualPrinting.margins);
				const fewest = Math.min(
					...frames.map(({ room }) => needed(width, room.width) * needed(height, room.height))
				);
				expect(tiled(square(width, height), frames).tiles).lengthOf(fewest);
			})
		);
	});

	it('cover the whole of it, none larger than its page, sharing their overlap', () => {
		fc.assert(
			fc.property(side, side, share, share, (...is) => {
				const [width, height, across, up] = is;
				const { tiles, frame } = tiled(square(width, height));
				const [x, y] = [across * width, up * height];
				expect(
					tiles.some(
						({ window }) =>
							x >= window.x - 1e-6 &&
							x <= right(window) + 1e-6 &&
							y >= window.y - 1e-6 &&
							y <= top(window) + 1e-6
					)
				).equal(true);
				for (const { window, row, column } of tiles) {
					expect(window.width).most(frame.room.width + 1e-6);
					expect(window.height).most(frame.room.height + 1e-6);
					const next = tiles.find((each) => each.row === row && each.column === column + 1);
					if (next) expect(right(window) - next.window.x).closeTo(OVERLAP, 1e-6);
					const under = tiles.find((each) => each.column === column && each.row === row + 1);
					if (under) expect(top(under.window) - window.y).closeTo(OVERLAP, 1e-6);
				}
			})
		);
	});

	it('have no seam through a mark', () => {
		fc.assert(
			fc.property(side, side, share, share, (width, height, across, up) => {
				// A cross with arms of 8 mm, wherever it lies on the paper.
				const [x, y] = [8 + across * Math.max(width - 16, 0), 8 + up * Math.max(height - 16, 0)];
				const { box, ink } = square(Math.max(width, 20), Math.max(height, 20));
				const { tiles } = tiled({ box, ink: [...ink, ...cross('hole', { x, y }, 8)] });
				for (const { window: one } of tiles)
					for (const { window: other } of tiles) {
						const beside = other.x > one.x && other.x < right(one);
						if (beside) expect(right(one) <= x - 8 || other.x >= x + 8).equal(true);
						const above = other.y > one.y && other.y < top(one);
						if (above) expect(top(one) <= y - 8 || other.y >= y + 8).equal(true);
					}
			})
		);
	});

	it('take two sheets of A4 for 11 by 14 in, and one for 5 by 7', () => {
		expect(tiled(square(279.4, 355.6)).tiles).lengthOf(2);
		expect(tiled(square(127, 177.8)).tiles).lengthOf(1);
	});

	it('leave out what lies off a round outline, and what carries nothing unless it is wanted', () => {
		// 1.8 m round on sheets of 285 by 183 mm room: the corner ones lie off it, the middle ones within.
		const whole = tiled(round(1800, 1800));
		expect(whole.tiles.length).below(whole.rows * whole.columns);
		const some = tiled(round(1800, 1800), a4, false);
		expect(some.tiles.length).below(whole.tiles.length);
		const has = ({ tiles }: Tiling, row: number, column: number) =>
			tiles.some((each) => each.row === row && each.column === column);
		const [row, column] = [Math.floor(whole.rows / 2), Math.floor(whole.columns / 2)];
		expect([has(whole, row, column), has(some, row, column)]).deep.equal([true, false]);
		for (let angle = 0; angle < 360; angle += 3) {
			const turned = (angle * Math.PI) / 180;
			const [x, y] = [900 + 899.9 * Math.cos(turned), 900 + 899.9 * Math.sin(turned)];
			expect(
				some.tiles.some(
					({ window }) => x >= window.x && x <= right(window) && y >= window.y && y <= top(window)
				),
				`at ${angle}`
			).equal(true);
		}
	});

	it('hang together all of them, whatever lies in the middle', () => {
		fc.assert(
			fc.property(side, side, share, share, fc.boolean(), (width, height, across, up, rounded) => {
				const piece = rounded ? round(width, height) : square(width, height);
				const at = { x: width * (0.3 + 0.4 * across), y: height * (0.3 + 0.4 * up) };
				const { tiles } = tiled(
					{ ...piece, ink: [...piece.ink, ...cross('hole', at, 8)] },
					a4,
					false
				);
				const reached = new Set([tiles[0]!]);
				for (const from of reached)
					for (const tile of tiles)
						if (Math.abs(tile.row - from.row) + Math.abs(tile.column - from.column) === 1)
							reached.add(tile);
				expect(reached.size).equal(tiles.length);
			})
		);
	});

	it('keep the whole rim where a size is off its last digit', () => {
		const { tiles, columns } = tiled(square(482.1113282145476, 2399.9999999999477), a4, false);
		expect(tiles.filter(({ row }) => row === 0)).lengthOf(columns);
	});

	it('are refused where the rims leave no room', () => {
		const wide = { left: 90, right: 90, top: 100, bottom: 100 };
		const refused = tilesOf(square(100, 100), sheetFrames('a4', wide), true);
		expect(!refused.ok && [refused.error.code, refused.error.path]).deep.equal([
			'no-room',
			'printing.margins'
		]);
	});

	it('are refused with a sentence where nobody could lay so many together', () => {
		const vast = tilesOf(square(24_000, 12_000), a4, true);
		expect(vast.ok ? null : vast.error).include({ code: 'too-many-pages' });
		expect(vast.ok ? '' : vast.error.message).match(/^This would take \d+ pages/);
		expect(tilesOf(square(4000, 3000), a4, true).ok).equal(true);
	});
});
