/**
 * Closed forms of the linear-parabolic law (form of Deal and Grove 1965), written out on their own: with a share 0.3 of the
 * reference time in transport, r = 50/(0.7 t) µm/min and b = 50²/(0.6 t) µm²/min, a stack from the top down needs
 * Σ [ L/r + L²/(2b) + L Σ_above L_j/b_j ].
 */
export function stackTime(films: readonly (readonly [thickness: number, reference: number])[]): number {
  let total = 0;
  for (let i = 0; i < films.length; i++) {
    const [thickness, reference] = films[i] as readonly [number, number];
    const u = thickness / 50;
    total += 0.7 * reference * u + 0.3 * reference * u * u;
    for (let j = 0; j < i; j++) {
      const [above, aboveReference] = films[j] as readonly [number, number];
      total += (thickness * above * 0.6 * aboveReference) / 2500;
    }
  }
  return total;
}

/** Arrhenius 1889: exp(E/R (1/293.15 − 1/T)), E = 51 kJ/mol. */
export const arrhenius = (celsius: number): number => Math.exp((51_000 / 8.314462618) * (1 / 293.15 - 1 / (273.15 + celsius)));
