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

/** The same step with the same wording is done for all its places together: hands add up, the longest wait counts. In order of first appearance. */
export function together(drafts: readonly DraftStep[]): DraftStep[] {
  const merged = new Map<string, DraftStep>();
  for (const draft of drafts) {
    const wording = `${draft.title} ${draft.detail}`;
    const known = merged.get(wording);
    merged.set(
      wording,
      known ? { ...known, where: [...known.where, ...draft.where], hand: known.hand + draft.hand, wait: Math.max(known.wait, draft.wait) } : draft,
    );
  }
  return [...merged.values()];
}
