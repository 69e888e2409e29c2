import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BuildPlan } from '../model/build.ts';
import { onGroup, onPlastic } from '../rules/groups.ts';

type Range = readonly [coarse: number, fine: number];

/** P grits, coarsest and finest, and who wants them. */
export interface WantedKey {
  readonly range: Range;
  readonly keyFor: string;
  /** µm of wet build that goes over it; null where no film follows */
  readonly wetBuild: number | null;
}

/** A shop that always goes coarse, or always fine, on metal, laminate and paint; plastics keep their own. Common practice, no source. */
const SCHOOL: Readonly<Record<'coarse' | 'fine', Range>> = { coarse: [80, 180], fine: [400, 1000] };

/** The key that the first coat wants on this surface. Null where it wants a blasted face. */
export function wantedKey(zone: ZoneFacts, build: BuildPlan | null): WantedKey | null {
  const first = build?.coats[0];
  const { finish } = zone;
  if (!first && finish?.coats.length === 0) return { range: together(ofSurface(zone), [...finish.key.value]), keyFor: finish.name, wetBuild: null };
  if (!first) return { range: ofSurface(zone), keyFor: 'the primer', wetBuild: null };
  if (first.key === null && zone.kept.length === 0 && onGroup(zone, 'ferrous')) return null;
  return { range: together(ofSurface(zone), zone.kept.length > 0 ? null : first.key), keyFor: first.name, wetBuild: first.wetFilm * first.coats };
}

/**
 * Common practice, no source: paint that stays P320 to P800, under a textured liner P80 to P180, under antifouling P80; etch or epoxy on steel
 * P80 to P180, on aluminium P180 to P320; zinc P240 to P400; plastics P320 to P600, olefins and carbon P400 to P600; laminate and wood P180 to
 * P320, under water P80.
 */
function ofSurface(zone: ZoneFacts): Range {
  if (onGroup(zone, 'plastic-olefin') || zone.substrate.id === 'carbon-epoxy') return [400, 600];
  if (onPlastic(zone)) return [320, 600];
  const { K1 } = zone.shop.schools;
  if (onGroup(zone, 'zinc') && zone.kept.length === 0) return byFilm(zone);
  if (zone.kept.length > 0 && zone.finish?.id === 'liner') return SCHOOL.coarse;
  if (zone.kept.length > 0 && zone.finish && zone.finish.antifouling !== null) return [...zone.finish.key.value];
  return K1 === 'by-film' ? byFilm(zone) : SCHOOL[K1];
}

function byFilm(zone: ZoneFacts): Range {
  // What let go from a face that was sanded too fine is keyed coarser this time.
  if (zone.kept.length > 0 && zone.zone.condition.letGo === 'over-fine-key') return [240, 400];
  if (zone.kept.length > 0) return [320, 800];
  if (onGroup(zone, 'composite', 'wood')) return zone.service.startsWith('immersed') ? [80, 80] : [180, 320];
  if (onGroup(zone, 'zinc')) return [240, 400];
  return onGroup(zone, 'light') ? [180, 320] : [80, 180];
}

/** What both allow; where they do not meet, the finer of the two. */
function together(surface: Range, coat: Range | null): Range {
  if (!coat) return surface;
  const [coarse, fine] = [Math.max(surface[0], coat[0]), Math.min(surface[1], coat[1])];
  if (coarse <= fine) return [coarse, fine];
  return surface[0] > coat[0] ? surface : coat;
}
