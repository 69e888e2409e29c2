import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Zone } from '../model/job.ts';
import type { StripPlan } from '../model/plan.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import { planRhythm, type Rhythm } from './rhythm.ts';
import { SECTION_CHANGE, workRates } from './work-rates.ts';

/** min of one section; zones of one access scrape at one rate. */
export interface SectionWork {
  readonly layOn: number;
  readonly scrape: number;
  readonly rinse: number;
}

type Worked = Pick<ZoneFacts, 'area' | 'zone' | 'shop' | 'substrate'>;

/** What one of `sections` equal sections takes. */
export function sectionWork(zone: Worked, stripper: Stripper, sections: number): SectionWork {
  const area = zone.area / sections;
  const { layOn, scrape, rinse } = workRates(zone, stripper);
  return { layOn: area * layOn + (sections > 1 ? SECTION_CHANGE : 0), scrape: area * scrape, rinse: area * rinse };
}

/** The sections of a zone as they are worked in rotation. */
export function zoneRhythm(zone: Worked, stripper: Stripper, plan: StripPlan, people: 1 | 2, sections = plan.sections): Rhythm {
  return planRhythm({
    ...sectionWork(zone, stripper, sections),
    sections,
    dwells: plan.rounds.map(({ dwell }) => dwell.likely),
    rinseEachRound: plan.between === 'rinse-and-dry',
    life: stripper.form === 'bath' ? 1e9 : plan.workingLife,
    people,
  });
}

/** In which order the sections lie on the part; common practice, no source. */
export function sectionOrder({ access, orientation }: Pick<Zone, 'access' | 'orientation'>): string {
  if (access === 'tube') return 'one tube after the other, joint to joint, the top one first';
  if (access === 'inside' || access === 'crevice') return 'from the far end towards the opening, so that nothing is dragged over what is done';
  if (orientation === 'vertical') return 'from the top down, so that drips fall on paint that is still to come off';
  if (orientation === 'down') return 'from the far side towards you, never above your face';
  return 'from the far edge towards you, one panel finished before the next';
}
