import {
	DxfWriter,
	LWPolylineFlags,
	point2d,
	point3d,
	TextHorizontalAlignment,
	Units
} from '@tarikjabiri/dxf';
import { PENS, type Drawing, type Drawn, type PenName } from '../../core/index.ts';

/** Colours every DXF reader knows by number, by what a line means; a choice. */
const COLOURS: Record<PenName, number> = {
	...{ outline: 7, hole: 1, bearing: 6, centre: 8, level: 5 },
	...{ bumper: 4, note: 9, join: 3, match: 3, ring: 7 }
};

/** A drawing as DXF in mm, for those who cut by machine: a layer for each pen, and one for words. */
export function drawingDxf({ ink }: Drawing): string {
	const file = new DxfWriter();
	file.setUnits(Units.Millimeters);
	for (const pen of Object.keys(PENS) as PenName[])
		file.addLayer(layer(pen), COLOURS[pen], 'Continuous');
	file.addLayer('WORDS', 9, 'Continuous');
	for (const each of ink) add(file, each);
	return file.stringify();
}

const layer = (pen: PenName): string => pen.toUpperCase();

const ALIGN = {
	start: TextHorizontalAlignment.Left,
	middle: TextHorizontalAlignment.Center,
	end: TextHorizontalAlignment.Right
};

function add(file: DxfWriter, drawn: Drawn): void {
	if (drawn.shape === 'text') {
		const { at, anchor, text, size, turn } = drawn;
		const point = point3d(at.x, at.y);
		file.addText(point, size, text, {
			...{ layerName: 'WORDS', rotation: turn, secondAlignmentPoint: point },
			horizontalAlignment: ALIGN[anchor]
		});
		return;
	}
	const layerName = layer(drawn.pen);
	if (drawn.shape === 'oval') {
		const { centre, rx, ry } = drawn;
		const middle = point3d(centre.x, centre.y);
		const upright = ry > rx;
		if (rx === ry) file.addCircle(middle, rx, { layerName });
		else
			file.addEllipse(
				middle,
				point3d(upright ? 0 : rx, upright ? ry : 0),
				Math.min(rx, ry) / Math.max(rx, ry),
				0,
				2 * Math.PI,
				{ layerName }
			);
		return;
	}
	file.addLWPolyline(
		drawn.points.map(({ x, y }) => ({ point: point2d(x, y) })),
		{ layerName, flags: drawn.closed ? LWPolylineFlags.Closed : LWPolylineFlags.None }
	);
}
