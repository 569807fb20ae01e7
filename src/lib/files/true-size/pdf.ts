import {
	appendBezierCurve,
	beginText,
	clip,
	closePath,
	endPath,
	endText,
	lineTo,
	moveTo,
	PDFDocument,
	PrintScaling,
	popGraphicsState,
	pushGraphicsState,
	rectangle,
	rgb,
	setDashPattern,
	setFontAndSize,
	setLineWidth,
	setStrokingColor,
	setTextMatrix,
	showText,
	stroke,
	type PDFFont,
	type PDFHexString,
	type PDFName,
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

/** Points of so many mm, to a thousandth: far finer than any printer, and a third of the digits to write. */
const pt = (mm: number): number => Math.round((mm * 72_000) / 25.4) / 1000;

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
	const embedded = new Face(await file.embedFont(face, { subset: true }));
	file.setTitle(title);
	file.catalog.getOrCreateViewerPreferences().setPrintScaling(PrintScaling.None);
	for (const [index, page] of pages.entries()) {
		drawPage(file.addPage([pt(page.width), pt(page.height)]), page, embedded);
		onpage?.(index + 1, pages.length);
	}
	return file.save();
}

function drawPage(sheet: PDFPage, { window, drawn, own }: PaperPage, face: Face): void {
	const { x, y, width, height } = window;
	const name = face.on(sheet);
	const operators = (each: Drawn) =>
		each.shape === 'text' ? textPath(each, face, name) : strokePath(each);
	sheet.pushOperators(
		pushGraphicsState(),
		rectangle(pt(x), pt(y), pt(width), pt(height)),
		clip(),
		endPath(),
		...drawn.flatMap(operators),
		popGraphicsState(),
		...own.flatMap(operators)
	);
}

function strokePath(drawn: Exclude<Drawn, DrawnText>): PDFOperator[] {
	const { width, colour, dash } = PENS[drawn.pen];
	return [
		setStrokingColor(colourOf(colour)),
		setLineWidth(pt(width)),
		setDashPattern((dash ?? []).map(pt), 0),
		...pathOf(drawn),
		stroke()
	];
}

const colourOf = (hex: string) => {
	const [red, green, blue] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255);
	return rgb(red!, green!, blue!);
};

function pathOf(drawn: Exclude<Drawn, DrawnText>): PDFOperator[] {
	if (drawn.shape === 'oval') return ovalPath(drawn);
	return [
		...drawn.points.map(({ x, y }, index) => (index === 0 ? moveTo : lineTo)(pt(x), pt(y))),
		...(drawn.closed ? [closePath()] : [])
	];
}

/** Control points of a quarter of a circle by one curve, off by 0.03 % of the radius at most. */
const KAPPA = (4 / 3) * (Math.SQRT2 - 1);

function ovalPath({ centre, rx, ry }: DrawnOval): PDFOperator[] {
	const at = (x: number, y: number): [number, number] => [
		pt(centre.x + x * rx),
		pt(centre.y + y * ry)
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

/** A face in the file, with what each text comes to: most pages say the same. */
class Face {
	#font: PDFFont;
	#known = new Map<string, { codes: PDFHexString; width: number }>();

	constructor(font: PDFFont) {
		this.#font = font;
	}

	/** Its name on a page. */
	on(sheet: PDFPage): PDFName {
		return sheet.node.newFontDictionary(this.#font.name, this.#font.ref);
	}

	/** Its codes, and its width for a height of 1. */
	of(text: string): { codes: PDFHexString; width: number } {
		const known = this.#known.get(text) ?? {
			codes: this.#font.encodeText(text),
			width: this.#font.widthOfTextAtSize(text, 1)
		};
		this.#known.set(text, known);
		return known;
	}
}

function textPath({ text, at, anchor, size, turn }: DrawnText, face: Face, name: PDFName) {
	const { codes, width } = face.of(text);
	const back = { start: 0, middle: width / 2, end: width }[anchor] * size;
	const angle = (turn * Math.PI) / 180;
	const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
	return [
		beginText(),
		setFontAndSize(name, pt(size)),
		setTextMatrix(cos, sin, -sin, cos, pt(at.x - back * cos), pt(at.y - back * sin)),
		showText(codes),
		endText()
	];
}
