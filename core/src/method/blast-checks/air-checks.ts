import { freeAirThrough } from '../../blast/air-flow.ts';
import { SHORTEST_BLAST } from '../../blast/nozzle-choices.ts';
import { RESERVE } from '../../blast/sustained.ts';
import { nozzleOf } from '../../catalogue/nozzles.ts';
import { bar, litres, ROUNDING, type BlastCheck, type Blasting, type OwnBlasting } from './check.ts';

/** A blast hose is three to four bores of the nozzle wide; common practice, no source. */
const HOSE_BORES = 3;
/** A nozzle that takes so much more air is replaced; common practice, no source. */
const WORN = 1.5;

const reached = ({ set, air }: OwnBlasting): boolean => set <= air.cutOut + ROUNDING;
const tooSmall = ({ plan: { duty, rhythm } }: Blasting): boolean => duty === 0 || (rhythm !== null && rhythm.blast < SHORTEST_BLAST);
const airAsNew = ({ nozzle, plan }: OwnBlasting): number => freeAirThrough(nozzleOf(nozzle).bore, plan.pressure);

/** Nothing is known of the shop's air. */
export const AIR_MISSING: BlastCheck<Blasting> = {
  code: 'air-missing',
  severity: 'question',
  path: ['blast'],
  when: () => true,
  title: 'Compressor not entered',
  reason: ({ plan }) =>
    `Worked out for all the air that the nozzle wants${plan.demand === null ? '' : `, ${litres(plan.demand)}`}; what the shop's own compressor holds is not known.`,
  looksAt: ['air of the shop'],
  change: 'Enter compressor, receiver and hose under Shop.',
};

/** Limits of compressor, receiver, hose and nozzle. */
export const AIR_CHECKS: readonly BlastCheck<OwnBlasting>[] = [
  {
    code: 'hose-rating',
    severity: 'stop',
    path: ['blast', 'pressure'],
    when: ({ set, air }) => set > air.hoseRating + ROUNDING,
    title: 'More than the hose is rated for',
    reason: ({ set, air }) => `${bar(set)} at the pot, hose loss counted; the hose is marked ${bar(air.hoseRating)}. A burst hose whips.`,
    looksAt: ['hose rating', 'pressure'],
    change: ({ set }) => `Less pressure, or a hose rated above ${bar(set)}.`,
  },
  {
    code: 'pressure-not-reached',
    severity: 'stop',
    path: ['blast', 'pressure'],
    when: (s) => !reached(s),
    title: 'The compressor does not reach it',
    reason: ({ set, plan, air }) => `${bar(set)} is needed at the pot for ${bar(plan.pressure)} at the nozzle; it stops at ${bar(air.cutOut)}.`,
    looksAt: ['cut-out pressure', 'hose'],
    change: 'Less pressure, a shorter or wider hose.',
  },
  {
    code: 'compressor-too-small',
    severity: 'stop',
    path: ['blast', 'nozzle'],
    when: (s) => reached(s) && tooSmall(s),
    title: 'The compressor is too small for this nozzle',
    reason: ({ nozzle, demand, plan, air }) =>
      `${nozzleOf(nozzle).name} takes ${litres(demand)} at ${bar(plan.pressure)}, ${litres(demand * RESERVE)} with its reserve; the compressor delivers ${litres(air.freeAir)} and the receiver is empty in ${((plan.rhythm?.blast ?? 0) * 60).toFixed(0)} s.`,
    looksAt: ['free air', 'receiver', 'nozzle', 'pressure'],
    change: 'A smaller nozzle, a larger compressor, or send it out.',
  },
  {
    code: 'blast-rhythm',
    severity: 'caution',
    path: ['blast', 'nozzle'],
    when: (s) => reached(s) && !tooSmall(s) && s.plan.rhythm !== null,
    title: ({ plan: { rhythm } }) => `${rhythm?.blast.toFixed(1)} min on, ${rhythm?.recover.toFixed(1)} min to recover`,
    reason: ({ demand, air }) => `${litres(demand)} wanted, ${litres(air.freeAir)} delivered: the receiver of ${air.receiver} L makes up the rest.`,
    looksAt: ['free air', 'receiver', 'nozzle', 'pressure'],
    change: 'A smaller nozzle or less pressure runs all day.',
  },
  {
    code: 'no-reserve',
    severity: 'caution',
    path: ['blast', 'nozzle'],
    when: (s) => reached(s) && s.plan.rhythm === null && s.demand * RESERVE > s.air.freeAir + ROUNDING,
    title: 'No air in reserve',
    reason: ({ demand, air }) => `${litres(demand)} of ${litres(air.freeAir)}: less than the fifth that is kept for wear and leaks.`,
    looksAt: ['free air', 'nozzle', 'pressure'],
    change: 'A smaller nozzle or less pressure.',
  },
  {
    code: 'hose-too-narrow',
    severity: 'caution',
    path: ['blast', 'nozzle'],
    when: ({ bore, air }) => bore * HOSE_BORES > air.hoseBore + ROUNDING,
    title: 'Nozzle too large for the hose',
    reason: ({ bore, air, set, plan }) =>
      `A blast hose is 3 to 4 nozzle bores wide, ${Math.round(HOSE_BORES * bore)} mm here; this one is ${air.hoseBore} mm and loses ${bar(set - plan.pressure)}.`,
    looksAt: ['hose bore', 'nozzle'],
    change: 'A smaller nozzle or a wider hose.',
  },
  {
    code: 'nozzle-worn',
    severity: 'caution',
    path: ['blast', 'nozzle'],
    when: (s) => s.demand > airAsNew(s) * WORN,
    title: 'Nozzle is worn out',
    reason: (s) =>
      `${s.bore.toFixed(1)} mm instead of ${nozzleOf(s.nozzle).bore.toFixed(1)}: it takes ${litres(s.demand)} where a new one takes ${litres(airAsNew(s))}, half as much again or more.`,
    looksAt: ['bore as measured'],
    change: 'A new nozzle.',
  },
  {
    code: 'air-damp',
    severity: 'caution',
    path: ['blast'],
    when: ({ air }) => !air.dry,
    title: 'Damp air',
    reason: 'Without a drier or a drained trap the medium clogs and steel rusts behind the jet.',
    looksAt: ['drier'],
    change: 'A drier, or at least a trap that is drained.',
  },
];
