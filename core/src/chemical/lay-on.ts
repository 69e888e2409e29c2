import type { Stripper } from '../catalogue/strippers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { AS_USUAL } from '../model/test-patch.ts';

/** How a stripper is used on a face: the row of the catalogue under the shop's schools and the zone's own choice. */
export interface LayOn {
  /** mm laid on */
  readonly laid: number;
  readonly covered: boolean;
  readonly between: Stripper['betweenRounds'];
  readonly brushed: boolean;
  /** the closed surface is opened with abrasive first */
  readonly broken: boolean;
  /** a liquid is fed from the top and stays on an upright face */
  readonly fed: boolean;
}

/** Of the usual film where the shop lays on thin; model assumption. */
const THIN = 0.5;

export function layOn({ shop: { schools }, zone, closedTop, substrate }: ZoneFacts, stripper: Stripper): LayOn {
  const own = zone.lay ?? AS_USUAL;
  const bath = stripper.form === 'bath';
  const stays = stripper.form === 'foam' || bath;
  const thin = schools.S6 === 'thin' && !stays ? THIN : 1;
  return {
    laid: (bath ? null : own.film) ?? stripper.wetFilm.value * thin,
    covered: (bath ? null : own.covered) ?? (schools.S4 === 'by-chemistry' || stays ? stripper.underFilm : schools.S4 === 'always'),
    between: schools.S5 === 'by-chemistry' || stays ? stripper.betweenRounds : schools.S5,
    brushed: (bath ? null : own.brushed) ?? (schools.S2 === 'agitate' && stripper.skinForming),
    broken: own.broken ?? (closedTop && schools.S3 === 'closed-only' && substrate.id !== 'aluminium-clad'),
    fed: own.fed,
  };
}
