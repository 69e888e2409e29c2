import type { RunStep } from '../model/plan.ts';

/** A step before it has its number. */
export type DraftStep = Omit<RunStep, 'number'>;

const BLANK: Omit<DraftStep, 'stage' | 'title' | 'detail'> = {
  where: [],
  hand: 0,
  wait: 0,
  notBefore: null,
  notAfter: null,
  protection: [],
  cautions: [],
  hold: null,
};

export const draftStep = (step: Pick<DraftStep, 'stage' | 'title' | 'detail'> & Partial<DraftStep>): DraftStep => ({ ...BLANK, ...step });

/** Part and zone as written on the sheet. */
export const placeName = (part: string, zone: string): string => `${part}: ${zone}`;
