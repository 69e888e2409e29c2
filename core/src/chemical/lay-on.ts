import type { Stripper } from '../catalogue/strippers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { BRUSHED_OVER } from './activity.ts';

/** How a stripper is used on a face: the row of the catalogue under the shop's schools. */
export interface LayOn {
  readonly covered: boolean;
  /** share of the usual film that is laid */
  readonly film: number;
  readonly between: Stripper['betweenRounds'];
  /** activity under the way it is treated during dwell */
  readonly activity: number;
  /** the closed surface is opened with abrasive first */
  readonly breaks: boolean;
}

/** Of the usual film where the shop lays on thin; model assumption. */
const THIN = 0.5;

export function layOn({ shop: { schools }, closedTop, substrate }: ZoneFacts, stripper: Stripper): LayOn {
  const stays = stripper.form === 'foam' || stripper.form === 'bath';
  return {
    covered: schools.S4 === 'by-chemistry' || stays ? stripper.underFilm : schools.S4 === 'always',
    film: schools.S6 === 'thin' && !stays ? THIN : 1,
    between: schools.S5 === 'by-chemistry' || stays ? stripper.betweenRounds : schools.S5,
    activity: schools.S2 === 'agitate' && stripper.skinForming ? BRUSHED_OVER : 1,
    breaks: closedTop && schools.S3 === 'closed-only' && substrate.id !== 'aluminium-clad',
  };
}
