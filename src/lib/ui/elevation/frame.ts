/** How mm on the wall become pixels on the screen. */
export interface Frame {
	/** Pixels per mm. */
	scale: number;
	/** Pixels of the wall's left end and of its level datum. */
	left: number;
	floor: number;
	width: number;
	height: number;
	x: (mm: number) => number;
	y: (mm: number) => number;
}

/** How much closer a drawing is looked at, and how far it is moved then, px. */
export interface Zoom {
	k: number;
	x: number;
	y: number;
}

/** The whole wall. */
export const WHOLE: Zoom = { k: 1, x: 0, y: 0 };

/** A frame looked at closer. */
export function zoomed(frame: Frame, { k, x, y }: Zoom): Frame {
	const scale = frame.scale * k;
	const left = frame.left * k + x;
	const floor = frame.floor * k + y;
	return {
		...{ scale, left, floor, width: frame.width * k, height: frame.height * k },
		x: (mm) => left + mm * scale,
		y: (mm) => floor - mm * scale
	};
}

export const sameFrame = (a: Frame, b: Frame): boolean =>
	a.scale === b.scale &&
	a.left === b.left &&
	a.floor === b.floor &&
	a.width === b.width &&
	a.height === b.height;

/** Pixels kept free round the wall: side tape, top air, floorboards and floor tape. */
export const MARGIN = { left: 46, right: 14, top: 40, bottom: 66 };

/** Fits a wall into a box of pixels, its floor towards the bottom. */
export function fitWall(
	box: { width: number; height: number },
	wall: { width: number; height: number },
	margin = MARGIN
): Frame {
	const scale = Math.max(
		Math.min(
			(box.width - margin.left - margin.right) / wall.width,
			(box.height - margin.top - margin.bottom) / wall.height
		),
		0.001
	);
	const width = wall.width * scale;
	const height = wall.height * scale;
	const left = margin.left + Math.max(0, (box.width - margin.left - margin.right - width) / 2);
	const floor = box.height - margin.bottom;
	return {
		scale,
		left,
		floor,
		width,
		height,
		x: (mm) => left + mm * scale,
		y: (mm) => floor - mm * scale
	};
}
