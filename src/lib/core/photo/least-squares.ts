import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/** Where the sum of squares is least, and how sure that is. */
export interface Fitted {
	at: number[];
	/** Sum of squares there. */
	cost: number;
	/** Covariance of what was fitted. */
	covariance: Matrix;
}

/** Steps after which a fit that does not settle is given up. */
const MOST_STEPS = 60;
/** A step that changes every figure by less than this share of its scale ends the fit. */
const SETTLED = 1e-4;
const DIFFERENCE = 1e-4;

/**
 * Least squares by Levenberg and Marquardt, with forward differences; null where it does not settle.
 *
 * @param residuals each divided by its standard deviation, so that the covariance is that of the figures.
 * @param scale how far each figure may well lie from its start, in its own unit.
 * Source: Marquardt, J. SIAM 11 (1963) 431; covariance (JᵀJ)⁻¹, JCGM 102:2011, 6.2.
 */
export function leastSquares(
	residuals: (at: readonly number[]) => number[],
	start: readonly number[],
	scale: readonly number[]
): Fitted | null {
	let at = [...start];
	let now = residuals(at);
	let cost = sumOfSquares(now);
	let damping = 1e-3;
	for (let step = 0; step < MOST_STEPS; step++) {
		const slopes = slopesAt(residuals, at, scale, now);
		const normal = slopes.transpose().mmul(slopes);
		const downhill = slopes.transpose().mmul(Matrix.columnVector(now)).mul(-1);
		for (;;) {
			const move = solved(damped(normal, damping), downhill);
			const next = move && at.map((value, index) => value + move.get(index, 0) * scale[index]!);
			const there = next && residuals(next);
			const nextCost = there ? sumOfSquares(there) : Infinity;
			if (move && next && there && nextCost <= cost) {
				[at, now, cost] = [next, there, nextCost];
				damping = Math.max(damping / 5, 1e-12);
				if (move.to1DArray().every((share) => Math.abs(share) < SETTLED)) {
					const covariance = covarianceAt(residuals, at, scale);
					return covariance && { at, cost, covariance };
				}
				break;
			}
			damping *= 4;
			if (damping > 1e12) {
				const covariance = covarianceAt(residuals, at, scale);
				return covariance && { at, cost, covariance };
			}
		}
	}
	return null;
}

const sumOfSquares = (values: readonly number[]): number => {
	const sum = values.reduce((all, value) => all + value * value, 0);
	return Number.isFinite(sum) ? sum : Infinity;
};

function slopesAt(
	residuals: (at: readonly number[]) => number[],
	at: readonly number[],
	scale: readonly number[],
	now: readonly number[]
): Matrix {
	const columns = at.map((value, index) =>
		residuals(at.with(index, value + DIFFERENCE * scale[index]!)).map(
			(each, row) => (each - now[row]!) / DIFFERENCE
		)
	);
	return new Matrix(columns).transpose();
}

function damped(normal: Matrix, damping: number): Matrix {
	const all = normal.clone();
	for (let index = 0; index < all.rows; index++)
		all.set(index, index, all.get(index, index) * (1 + damping) + 1e-15);
	return all;
}

function solved(normal: Matrix, side: Matrix): Matrix | null {
	const decomposition = new CholeskyDecomposition(normal);
	return decomposition.isPositiveDefinite() ? decomposition.solve(side) : null;
}

function covarianceAt(
	residuals: (at: readonly number[]) => number[],
	at: readonly number[],
	scale: readonly number[]
): Matrix | null {
	const slopes = slopesAt(residuals, at, scale, residuals(at));
	const inverse = solved(slopes.transpose().mmul(slopes), Matrix.eye(at.length));
	if (!inverse) return null;
	for (let row = 0; row < at.length; row++)
		for (let column = 0; column < at.length; column++)
			inverse.set(row, column, inverse.get(row, column) * scale[row]! * scale[column]!);
	return inverse;
}
