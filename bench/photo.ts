/**
 * How near photos measure, on a synthetic camera: backs with a sheet and one taped width, walls with a sheet and two taped
 * sides, and whether what was said held.
 */
import {
	figuresOfBack,
	FRAME_CORNERS,
	knownOfBack,
	nineInTen,
	normalDraw,
	readPhoto,
	seeded,
	seenBack,
	shapeOf,
	sheetAt,
	startPiece,
	type MarkedBack,
	type Point,
	type Quad
} from '../src/lib/core/index.ts';
import { findSheet } from '../src/lib/photos/find-sheet.ts';
import { edgePlaces } from '../src/lib/photos/refine-corners.ts';
import { anyBack, photographBack } from './photo/back-photo.ts';
import { surveyWalls } from './photo/walls.ts';

/** How far hands and tapes are off, one standard deviation; apart from what the core reckons with. From memory. */
const OFF = { markPx: 1, markMm: 0.3, tape: 0.8 };
const SMALL = { width: 1224, height: 1632 };
const LARGE = { width: 3000, height: 4000 };
const COUNT = Number(process.argv[2] ?? 60);
/** One in so many photos is a large one: each takes half a minute to render. */
const LARGE_EVERY = 15;

const misses = new Map<string, number[]>();
const held = new Map<string, number>();
let [found, photos, read] = [0, 0, 0];
const looked = { small: [] as number[], large: [] as number[] };

function tell(key: string, miss: number, within: number) {
	misses.set(key, [...(misses.get(key) ?? []), Math.abs(miss)]);
	if (Math.abs(miss) <= within) held.set(key, (held.get(key) ?? 0) + 1);
}

for (let index = 0; index < COUNT; index++) {
	const random = seeded(9000 + index);
	const isLarge = index % LARGE_EVERY === LARGE_EVERY - 1;
	const size = isLarge ? LARGE : SMALL;
	const scene = anyBack(random);
	const { photo, at } = photographBack(scene, size, 25, 40_000 + index);
	photos++;
	const started = process.cpuUsage().user;
	const sheet = findSheet(photo, shapeOf('a4'));
	looked[isLarge ? 'large' : 'small'].push((process.cpuUsage().user - started) / 1000);
	const { x, y, turn, width, height, out } = scene.sheet;
	const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
	const corners = [
		[0, 0],
		[width, 0],
		[width, height],
		[0, height]
	].map(([u, v]) => at(x + u! * cos - v! * sin, y + u! * sin + v! * cos, out));
	const off = sheet
		? Math.max(
				...sheet.corners.map((each, corner) =>
					Math.hypot(each.x - corners[corner]!.x, each.y - corners[corner]!.y)
				)
			)
		: Infinity;
	if (off < size.height / 400) found++;
	const isSheet = off < size.height / 400;
	const px = (OFF.markPx * size.height) / 4000;
	const put = (px0: number, py0: number, out0 = 0): Point => {
		const there = at(
			px0 + normalDraw(random, OFF.markMm),
			py0 + normalDraw(random, OFF.markMm),
			out0
		);
		return { x: there.x + normalDraw(random, px), y: there.y + normalDraw(random, px) };
	};
	const [w, h] = [scene.width / 2, scene.height / 2];
	const frame = [put(-w, -h), put(w, -h), put(w, h), put(-w, h)];
	const [one, other] = scene.rings;
	const hung = scene.hardwareOut;
	const marked = {
		...Object.fromEntries(FRAME_CORNERS.map((corner, which) => [corner, frame[which]!])),
		// Left as it hangs lies on the right of a photo of the back.
		'left-ring': put(other.x, other.y, hung),
		'right-ring': put(one.x, one.y, hung)
	} as MarkedBack;
	const edges = frame.flatMap((from, side) =>
		edgePlaces(photo, from, frame[(side + 1) % 4]!, size.height / 250).map((each) => ({
			from: FRAME_CORNERS[side]!,
			...each
		}))
	);
	const taped = { width: { length: scene.width + normalDraw(random, OFF.tape), sd: OFF.tape } };
	const reading = readPhoto(
		size,
		sheetAt('a4', (isSheet ? sheet!.corners : corners) as Quad),
		seenBack(size, marked),
		knownOfBack(edges, taped)
	);
	if (!reading.ok) {
		console.log(`photo ${index}: ${reading.error.code}`);
		continue;
	}
	read++;
	const piece = startPiece(() => 'p', [], { ...scene, hanger: 'rings' });
	const truth: Record<string, number> = {
		...{
			width: scene.width,
			height: scene.height,
			ringSpan: Math.hypot(other.x - one.x, other.y - one.y)
		},
		...{ ringDrop: other.y + h, rightDrop: one.y + h }
	};
	for (const { key, value, sd } of figuresOfBack(piece, reading.value)) {
		tell(key, value - truth[key]!, nineInTen(sd));
		tell('all', value - truth[key]!, nineInTen(sd));
	}
}

const at = (values: readonly number[], share: number) =>
	[...values].sort((a, b) => a - b)[Math.floor(share * values.length)]!;
console.log(`${photos} backs of 600 by 800, slants to 25°; ${read} read`);
console.log(`the sheet was found in ${((100 * found) / photos).toFixed(0)} %`);
for (const [name, times] of Object.entries(looked))
	if (times.length > 0)
		console.log(
			`finding it, ${name}: median ${at(times, 0.5).toFixed(0)} ms, p90 ${at(times, 0.9).toFixed(0)} ms`
		);
for (const [key, values] of misses)
	console.log(
		`${key}: median ${at(values, 0.5).toFixed(2)} mm, p90 ${at(values, 0.9).toFixed(2)} mm; held ${((100 * (held.get(key) ?? 0)) / values.length).toFixed(0)} %`
	);

const walls = surveyWalls(COUNT);
const wallMisses = walls.map(({ miss }) => miss);
console.log(
	`${COUNT} walls of 4 m: median ${at(wallMisses, 0.5).toFixed(2)} mm, p90 ${at(wallMisses, 0.9).toFixed(2)} mm; held ${((100 * walls.filter(({ held }) => held).length) / walls.length).toFixed(0)} %`
);
