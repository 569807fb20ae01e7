import {
	appendBezierCurve,
	clip,
	closePath,
	degrees,
	endPath,
	lineTo,
	moveTo,
	PDFDocument,
	PrintScaling,
	popGraphicsState,
	pushGraphicsState,
	rectangle,
	rgb,
	setDashPattern,
	setLineWidth,
	setStrokingColor,
	stroke,
	type PDFFont,
	type PDFOperator,
	type PDFPage
} from '@cantoo/pdf-lib';
import * as fontkit from 'fontkit';
import {
	PENS,
	type Drawn,
	type DrawnOval,
	type DrawnText,
	type PaperPage
} from '../../core/index.ts';

/** Points in a millimetre. */
const PT = 72 / 25.4;

export interface PdfFacts {
	title: string;
	/** Bytes of a TrueType face; what is used of it goes into the file. */
	face: Uint8Array;
	/** Told after each page. */
	onpage?: (done: number, of: number) => void;
}

/** Pages at true size as a PDF that asks its reader not to scale it. */
export async function pagesPdf(
	pages: readonly PaperPage[],
	{ title, face, onpage }: PdfFacts
): Promise<Uint8Array> {
	const file = await PDFDocument.create();
	file.registerFontkit(fontkit);
	const font = await file.embedFont(face, { subset: true });
	file.setTitle(title);
	file.catalog.getOrCreateViewerPreferences().setPrintScaling(PrintScaling.None);
	for (const [index, page] of pages.entries()) {
		drawPage(file.addPage([page.width * PT, page.height * PT]), page, font);
		onpage?.(index + 1, pages.length);
	}
	return file.save();
}

function drawPage(sheet: PDFPage, { window, drawn, own }: PaperPage, font: PDFFont): void {
	const { x, y, width, height } = window;
	sheet.pushOperators(
		pushGraphicsState(),
		rectangle(x * PT, y * PT, width * PT, height * PT),
		clip(),
		endPath()
	);
	for (const each of drawn) draw(sheet, each, font);
	sheet.pushOperators(popGraphicsState());
	for (const each of own) draw(sheet, each, font);
}

function draw(sheet: PDFPage, drawn: Drawn, font: PDFFont): void {
	if (drawn.shape === 'text') {
		write(sheet, drawn, font);
		return;
	}
	const { width, colour, dash } = PENS[drawn.pen];
	sheet.pushOperators(
		setStrokingColor(colourOf(colour)),
		setLineWidth(width * PT),
		setDashPattern(
			(dash ?? []).map((each) => each * PT),
			0
		),
		...pathOf(drawn),
		stroke()
	);
}

const colourOf = (hex: string) => {
	const [red, green, blue] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255);
	return rgb(red!, green!, blue!);
};

function pathOf(drawn: Exclude<Drawn, DrawnText>): PDFOperator[] {
	if (drawn.shape === 'oval') return ovalPath(drawn);
	return [
		...drawn.points.map(({ x, y }, index) => (index === 0 ? moveTo : lineTo)(x * PT, y * PT)),
		...(drawn.closed ? [closePath()] : [])
	];
}

/** Control points of a quarter of a circle by one curve, off by 0.03 % of the radius at most. */
const KAPPA = (4 / 3) * (Math.SQRT2 - 1);

function ovalPath({ centre, rx, ry }: DrawnOval): PDFOperator[] {
	const at = (x: number, y: number): [number, number] => [
		(centre.x + x * rx) * PT,
		(centre.y + y * ry) * PT
	];
	const quarter = (from: [number, number], to: [number, number]) =>
		appendBezierCurve(
			...at(from[0] + KAPPA * to[0], from[1] + KAPPA * to[1]),
			...at(to[0] + KAPPA * from[0], to[1] + KAPPA * from[1]),
			...at(...to)
		);
	return [
		moveTo(...at(1, 0)),
		quarter([1, 0], [0, 1]),
		quarter([0, 1], [-1, 0]),
		quarter([-1, 0], [0, -1]),
		quarter([0, -1], [1, 0]),
		closePath()
	];
}

function write(sheet: PDFPage, { text, at, anchor, size, turn }: DrawnText, font: PDFFont): void {
	const wide = font.widthOfTextAtSize(text, size * PT);
	const back = { start: 0, middle: wide / 2, end: wide }[anchor];
	const angle = (turn * Math.PI) / 180;
	sheet.drawText(text, {
		...{ font, size: size * PT, rotate: degrees(turn) },
		x: at.x * PT - back * Math.cos(angle),
		y: at.y * PT - back * Math.sin(angle)
	});
}
