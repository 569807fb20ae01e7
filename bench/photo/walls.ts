import {
	featureMarks,
	figuresOfFeature,
	knownOfWall,
	nineInTen,
	normalDraw,
	readPhoto,
	seeded,
	seenBy,
	seenWall,
	sheetAt,
	WALL_CORNERS,
	type Point,
	type Quad
} from '../../src/lib/core/index.ts';
import { lensBefore } from './back-photo.ts';
import { anyWall, beforeMiddle } from './wall-photo.ts';

/** How far hands, tapes and houses are off, one standard deviation; apart from what the core reckons with. From memory. */
const OFF = { markPx: 1, markMm: 0.5, cornerPx: 0.2, tape: 1, squareDegrees: 0.2 };
const SIZE = { width: 4000, height: 3000 };

/** Misses of figures of things on walls of 4 m, mm, and whether what was said held; an A4 sheet and two taped sides. */
export function surveyWalls(count: number): { miss: number; held: boolean }[] {
	const told: { miss: number; held: boolean }[] = [];
	for (let index = 0; index < count; index++) {
		const random = seeded(70_000 + index);
		const scene = anyWall(random);
		const lens = beforeMiddle(scene, lensBefore(scene, SIZE, 25, random));
		const drawn = (sd: number) => normalDraw(random, sd);
		const px = (x: number, y: number, mm: number, sd: number): Point => {
			const { x: u, y: v } = seenBy(lens, SIZE, { x: x + drawn(mm), y: y + drawn(mm), z: 0 })!;
			return { x: u + drawn(sd), y: v + drawn(sd) };
		};
		const lean = () => Math.tan((drawn(OFF.squareDegrees) * Math.PI) / 180);
		const { width: w, height: h, sheet } = scene;
		const outline = [
			[h * lean(), 0],
			[w + h * lean(), w * lean()],
			[w, h],
			[0, h]
		] as const;
		const edges = outline.flatMap(([x, y], side) => {
			const [nx, ny] = outline[(side + 1) % 4]!;
			return [0.15, 0.325, 0.5, 0.675, 0.85].map((share) => ({
				...{ side, share },
				at: px(x + (nx - x) * share, y + (ny - y) * share, 0.5, 0.5)
			}));
		});
		const [cos, sin] = [Math.cos(sheet.turn), Math.sin(sheet.turn)];
		const corners = [
			[0, 0],
			[sheet.width, 0],
			[sheet.width, sheet.height],
			[0, sheet.height]
		].map(([u, v]) =>
			px(sheet.x + u! * cos - v! * sin, sheet.y + u! * sin + v! * cos, 0, OFF.cornerPx)
		);
		const marked = WALL_CORNERS.map(
			(id, corner) => [id, px(...outline[corner]!, OFF.markMm, OFF.markPx)] as const
		);
		const things = { door: scene.door, window: scene.window, socket: scene.socket };
		const traced = Object.entries(things).flatMap(([id, { x, y, width, height }]) => {
			const [upper, lower] = featureMarks(id);
			return [
				[upper, px(x, y, OFF.markMm, OFF.markPx)] as const,
				[lower, px(x + width, y + height, OFF.markMm, OFF.markPx)] as const
			];
		});
		const high = Math.hypot(outline[0][0], h);
		const taped = {
			width: { length: w + drawn(OFF.tape), sd: OFF.tape },
			height: { length: high + drawn(OFF.tape), sd: OFF.tape }
		};
		const reading = readPhoto(
			SIZE,
			sheetAt('a4', corners as unknown as Quad),
			seenWall(SIZE, Object.fromEntries([...marked, ...traced])),
			knownOfWall(edges, taped)
		);
		if (!reading.ok) {
			console.log(`wall ${index}: ${reading.error.code}`);
			continue;
		}
		for (const [id, { x, y, width, height }] of Object.entries(things)) {
			const up = h - y - height;
			// From the left end as it leans, at the height of the upper edge.
			const truth = { x: x - outline[0][0] * (1 - y / h), y: up, width, height };
			for (const [key, figure] of Object.entries(figuresOfFeature(reading.value, id))) {
				const miss = figure.value - truth[key as keyof typeof truth];
				told.push({ miss: Math.abs(miss), held: Math.abs(miss) <= nineInTen(figure.sd) });
			}
		}
	}
	return told;
}
