import type { ZoneFacts } from '../facts/zone-facts.ts';

const COARSE = 'P80 to P180';
const FINE = 'P400 to P1000';

/** Grits of the key: what the next film buries, unless the shop always goes coarse or always fine. Common practice, no source. */
export function keyText({ shop }: ZoneFacts, byFilm: string): string {
  return { 'by-film': byFilm, coarse: COARSE, fine: FINE }[shop.schools.K1];
}
