/** Standard normal distribution: function, inverse, and the ratio that a cut-off tail needs. */

/** Abramowitz and Stegun 26.2.17, absolute error below 7.5e-8. */
export function normalCdf(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const poly = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const tail = density(z) * poly;
  return z >= 0 ? 1 - tail : tail;
}

export const density = (z: number): number => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);

/** From here on the continued fraction is the better one. */
const FAR = 3;
const FRACTION_TERMS = 60;

/** density(z) / (1 − cdf(z)), the mean of a standard normal cut off below z. Laplace's continued fraction in the far tail. */
export function hazard(z: number): number {
  if (z < FAR) return density(z) / (1 - normalCdf(z));
  let fraction = z;
  for (let k = FRACTION_TERMS; k >= 1; k--) fraction = z + k / fraction;
  return fraction;
}
