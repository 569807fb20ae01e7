import {
	backMarks,
	figuresOfBack,
	FRAME_CORNERS,
	knownOfBack,
	normalDraw,
	readPhoto,
	seeded,
	seenBack,
	sheetAt,
	startPiece,
	type MarkedBack,
	type PhotoSize,
	type Taped
} from '../../src/lib/core/index.ts';
import { edgesBetween } from '../../src/lib/photos/refine-corners.ts';
import { anyBack, photographBack, type BackScene } from './back-photo.ts';
import { besideLine, hand, lookFor, notedLength, sizeOf, type SeenSheet } from './taken.ts';
import type { Tally } from './tally.ts';

/** How far hands and tapes are off, one standard deviation; apart from what the core reckons with. From memory. */
const OFF = { mark: { mm: 0.3, px: 1 }, tape: 0.8 };

/** A rendered photo of a back after the app and a hand marked it. */
export interface MarkedPhotoOfBack {
	size: PhotoSize;
	/** As the camera notes it, mm. */
	focal: number;
	sheet: 'a4' | 'rings';
	seen: SeenSheet;
	marked: MarkedBack;
	edges: Parameters<typeof knownOfBack>[0];
	taped: Taped;
	truth: Record<string, number>;
}

export function markedPhotoOfBack(index: number, sheet: 'a4' | 'rings'): MarkedPhotoOfBack {
	const random = seeded(9000 + index);
	const size = sizeOf(index);
	const scene = anyBack(random, 600, 800, sheet);
	const taken = photographBack(scene, size, 25, 40_000 + index);
	const seen = lookFor(scene.sheet, taken);
	const put = hand(random, taken, OFF.mark);
	const frame = scene.outline.corners.map((corner) => put(corner));
	const [one, other] = scene.rings;
	const marked = {
		...Object.fromEntries(FRAME_CORNERS.map((corner, which) => [corner, frame[which]!])),
		// Left as it hangs lies on the right of a photo of the back.
		'left-ring': put(other, scene.hardwareOut),
		'right-ring': put(one, scene.hardwareOut)
	} as MarkedBack;
	const edges = edgesBetween(taken.photo, frame).map(({ side, ...each }) => ({
		from: FRAME_CORNERS[side]!,
		...each
	}));
	const truth = truthOf(scene);
	const taped = { length: truth.width + normalDraw(random, OFF.tape), sd: OFF.tape };
	return { size, focal: notedLength(taken.lens), sheet, seen, marked, edges, taped, truth };
}

/** What the core reads in such a photo, against the truth; false where it reads nothing. */
export function readBack(tally: Tally, photo: MarkedPhotoOfBack): boolean {
	const { size, focal, sheet, seen, marked, edges, taped, truth } = photo;
	const piece = startPiece(() => 'p', [], { width: 600, height: 800, hanger: 'rings' });
	const reading = readPhoto(
		size,
		sheetAt(sheet, seen.corners),
		seenBack(size, marked, backMarks(piece)),
		knownOfBack(edges, { width: taped }),
		focal
	);
	if (!reading.ok) return false;
	for (const { key, value, sd } of figuresOfBack(piece, reading.value))
		tally.tell(key, value - truth[key]!, sd);
	return true;
}

function truthOf({ outline: { corners }, rings: [one, other] }: BackScene) {
	const [a, b, c, d] = corners;
	const far = (p: typeof a, q: typeof a) => Math.hypot(p.x - q.x, p.y - q.y);
	return {
		width: (far(a, b) + far(d, c)) / 2,
		height: (far(a, d) + far(b, c)) / 2,
		ringSpan: far(one, other),
		ringDrop: besideLine(a, b, other),
		rightDrop: besideLine(a, b, one)
	};
}
