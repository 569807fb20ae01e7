import { strToU8, zipSync } from 'fflate';
import type { Drawing } from '../../core/index.ts';
import { drawingDxf } from './dxf.ts';
import { drawingSvg } from './svg.ts';

const WRITERS = {
	svg: { write: drawingSvg, type: 'image/svg+xml' },
	dxf: { write: drawingDxf, type: 'image/vnd.dxf' }
};

/** A file of each drawing; several go into one zip. */
export function drawingsFile(
	drawings: readonly { name: string; drawing: Drawing }[],
	as: keyof typeof WRITERS,
	zipName: string
): { name: string; content: string | Blob; type: string } {
	const { write, type } = WRITERS[as];
	const [first, ...others] = drawings;
	if (first && others.length === 0)
		return { name: first.name, content: write(first.drawing), type };
	const files = drawings.map(({ name, drawing }) => [name, strToU8(write(drawing))] as const);
	const bytes = zipSync(Object.fromEntries(files));
	return { name: zipName, content: new Blob([bytes]), type: 'application/zip' };
}
