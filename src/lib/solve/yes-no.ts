import loadHighs, { type Highs } from 'highs';
import type { Solved, BinaryProgram } from '../core/index.ts';

let loaded: Promise<Highs> | null = null;

/**
 * Solves a model of yes-or-no variables; after so many seconds it answers with the best so far, and its bound.
 * A browser is told at which address the solver lies.
 */
export async function solveYesNo(
	model: BinaryProgram,
	seconds: number,
	address?: string
): Promise<Solved> {
	loaded ??= loadHighs(address === undefined ? {} : { locateFile: () => address });
	const highs = await loaded;
	return highs.withModel(dataOf(model, highs), (solving) => {
		solving.options.set({ time_limit: seconds, mip_rel_gap: 0, mip_abs_gap: 1e-6 });
		solving.run();
		return {
			values: solving.getSolution().colValue,
			cost: solving.getObjectiveValue(),
			bound: Number(solving.info.get('mip_dual_bound'))
		};
	});
}

function dataOf({ costs, rows }: BinaryProgram, { infinity, constants }: Highs) {
	const starts = [0];
	for (const { terms } of rows) starts.push(starts.at(-1)! + terms.length);
	const flat = rows.flatMap(({ terms }) => terms);
	return {
		numCols: costs.length,
		numRows: rows.length,
		colCost: costs,
		colLower: costs.map(() => 0),
		colUpper: costs.map(() => 1),
		integrality: costs.map(() => constants.variableType.integer),
		rowLower: rows.map(({ least }) => least),
		rowUpper: rows.map(({ most }) => (most === Infinity ? infinity : most)),
		matrix: {
			format: 'csr' as const,
			numRows: rows.length,
			numCols: costs.length,
			starts,
			indices: flat.map(({ at }) => at),
			values: flat.map(({ times }) => times)
		}
	};
}
