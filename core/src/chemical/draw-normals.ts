import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Numbers thrown away first: near seeds start alike. */
const WARM_UP = 24;

/** A seeded source of standard normal numbers (Box and Muller 1958): the same seed gives the same numbers, in the same order. */
export function normalSource(seed: number): () => number {
  const generator = xoroshiro128plus(seed);
  for (let i = 0; i < WARM_UP; i++) generator.next();
  let spare = Number.NaN;
  return () => {
    if (!Number.isNaN(spare)) {
      const value = spare;
      spare = Number.NaN;
      return value;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - uniformFloat64(generator)));
    const angle = 2 * Math.PI * uniformFloat64(generator);
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}
