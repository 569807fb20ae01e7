/** Density of the normal distribution with mean 0. */
export function normalDensity(x: number, sd: number): number {
	const z = x / sd;
	return Math.exp(-0.5 * z * z) / (sd * Math.sqrt(2 * Math.PI));
}

/**
 * Φ(z), the normal distribution's share below z, to 1.2e-7.
 * Source: Numerical Recipes' rational Chebyshev fit of erfc, from memory; checked in tests by summing the density.
 */
export function normalShare(z: number): number {
	const x = Math.abs(z) / Math.SQRT2;
	const t = 1 / (1 + 0.5 * x);
	const fit = [
		-1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398,
		1.48851587, -0.82215223, 0.17087277
	].reduceRight((sum, coefficient) => sum * t + coefficient, 0);
	const tail = 0.5 * t * Math.exp(-x * x + fit);
	return z >= 0 ? 1 - tail : tail;
}
