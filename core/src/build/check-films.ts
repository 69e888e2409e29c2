import { coatById, type Catalogue } from '../catalogue/catalogue.ts';
import { sayFor } from '../facts/say-for.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { assumption } from '../model/basis.ts';
import type { CoatPlan } from '../model/build.ts';
import type { Finding } from '../model/finding.ts';
import { sum } from '../units/sum.ts';

const total = ({ coats, dryFilm }: CoatPlan): number => coats * dryFilm;

/** Films that are wanted but work less well, and a ground that leaves the peaks of the blast profile bare. `profile` is Rz µm. */
export function checkFilms(zone: ZoneFacts, coats: readonly CoatPlan[], profile: number, catalogue: Catalogue): Finding[] {
  return [...coats.flatMap((coat) => checkWanted(zone, coat, catalogue)), ...checkPeaks(zone, coats, profile)];
}

function checkWanted(zone: ZoneFacts, coat: CoatPlan, catalogue: Catalogue): Finding[] {
  const wanted = zone.zone.films[coat.base];
  if (wanted === undefined) return [];
  const { value, basis } = coatById(coat.base, catalogue).filmRange;
  const [thin, thick] = value;
  const say = sayFor(zone, 'caution', basis);
  const range = `it works from ${Math.round(thin)} to ${Math.round(thick)} µm`;
  const looksAt = ['dry film wanted', 'product'];
  if (wanted < thin)
    return [
      say(
        'film-thin',
        ['films', coat.base],
        `${coat.name} too thin`,
        `${Math.round(wanted)} µm dry is wanted; ${range}, below that it neither covers nor keeps water out.`,
        looksAt,
        'A thicker film; the data sheet decides.',
      ),
    ];
  if (wanted > thick)
    return [
      say(
        'film-thick',
        ['films', coat.base],
        `${coat.name} too thick`,
        `${Math.round(wanted)} µm dry is wanted; ${range}, above that solvent stays in, and the film stays soft, sags or cracks.`,
        looksAt,
        'A thinner film, with full flash between coats; the data sheet decides.',
      ),
    ];
  return [];
}

/** Dry film of the ground is counted above the peaks; model assumption. */
function checkPeaks(zone: ZoneFacts, coats: readonly CoatPlan[], profile: number): Finding[] {
  const ground = coats.filter(({ role }) => role !== 'colour');
  const film = sum(ground.length > 0 ? ground : coats, total);
  if (profile < 1 || coats.length === 0 || film >= profile) return [];
  return [
    sayFor(zone, 'caution', assumption)(
      'peaks-stand-through',
      ['films'],
      'Peaks of the blast profile stand through',
      `${Math.round(film)} µm of ground lie on a profile of Rz ${Math.round(profile)} µm: the peaks are bare or nearly so, and rust first.`,
      ['blast medium', 'pressure', 'dry film wanted', 'primer'],
      `A finer medium or less pressure, or at least ${Math.round(profile)} µm of ground.`,
    ),
  ];
}
