import { FINISHES } from '../catalogue/finishes.ts';
import { finishesFor } from '../catalogue/finishes-for.ts';
import type { Condition, Contents, Job, Part, Place, Role } from '../model/job.ts';
import { m3, m3PerHour } from '../units/quantities.ts';
import type { Answer } from './question.ts';

const condition = (label: string, change: Partial<Condition>): Answer => ({
  label,
  zone: (zone) => ({ ...zone, condition: { ...zone.condition, ...change } }),
});
const ofPart = (label: string, change: Partial<Part>): Answer => ({ label, part: (part) => ({ ...part, ...change }) });
const ofPlace = (label: string, change: Partial<Place>): Answer => ({ label, job: (job) => ({ ...job, place: { ...job.place, ...change } }) });

type Tested = 'chromate' | 'asbestos' | 'tar' | 'organotin';
const tested = (poison: Tested): readonly Answer[] => [
  condition('A laboratory found none', { [poison]: 'lab-clear' }),
  condition('It was found', { [poison]: 'present' }),
];

const ROLES: readonly (readonly [Role, string])[] = [
  ['ordinary', 'Ordinary panel or fitting'],
  ['wheel', 'Wheel or rim'],
  ['frame', 'Frame or fork'],
  ['tank', 'Tank'],
  ['pressure', 'Under pressure'],
  ['lifting', 'Something lifts by it'],
  ['spring', 'Spring'],
  ['machine-way', 'Machine way'],
];

const HELD: readonly (readonly [Contents, string])[] = [
  ['fuel', 'Fuel'],
  ['oil', 'Oil'],
  ['water', 'Water'],
  ['gas', 'Gas'],
  ['chemicals', 'Chemicals'],
];

/** Years to touch; a decade is its first year, since older paint asks for more care. */
const DECADES: readonly (readonly [year: number, label: string])[] = [
  [1950, 'Before 1960'],
  [1960, '1960s'],
  [1970, '1970s'],
  [1980, '1980s'],
  [1990, '1990s'],
  [2000, '2000s'],
  [2010, '2010 or later'],
];

/** Words of ISO 2409 for its classes, shortened. */
const CROSSCUT: readonly string[] = ['0: edges smooth', '1: small flakes', '2: along edges', '3: in part', '4: in large parts', '5: more than that'];

/** Answers to each question that can be touched, by the code under which the plan asks. Sizes of rooms are examples: common practice, no source. */
export const ANSWERS: Readonly<Record<string, (job: Job) => readonly Answer[]>> = {
  'year-not-said': () => DECADES.map(([year, label]) => ({ label, job: (job) => ({ ...job, item: { ...job.item, year } }) })),
  'finish-missing': (job) => finishesFor(job.item).map((finish) => ({ label: FINISHES[finish].name, job: (own) => ({ ...own, finish }) })),
  'lead-not-tested': () => [
    condition('A laboratory found none', { lead: 'lab-clear' }),
    condition('Lead was found', { lead: 'present' }),
    condition('Nobody tests it: treat it as leaded', { lead: 'suspected' }),
  ],
  'chromate-not-tested': () => tested('chromate'),
  'asbestos-not-tested': () => tested('asbestos'),
  'tar-not-tested': () => tested('tar'),
  'organotin-not-tested': () => tested('organotin'),
  'float-test': () => [ofPart('It floats', { floats: 'floats' }), ofPart('It sinks', { floats: 'sinks' })],
  'role-not-said': () => ROLES.map(([role, label]) => ofPart(label, { role })),
  'tank-contents': () => HELD.map(([contents, label]) => ofPart(label, { contents })),
  'crosscut-missing': () => CROSSCUT.map((label, crosscut) => condition(label, { crosscut })),
  'stack-empty': () => [
    { label: 'Never painted: key it', zone: (zone) => ({ ...zone, target: { kind: 'keep' } }) },
    condition('Bare, rust spots', { rustGrade: 'B' }),
    condition('Bare, rusty all over', { rustGrade: 'C' }),
    condition('Bare, rusty and pitted', { rustGrade: 'D', pitted: true }),
  ],
  'air-unknown': () => [
    ofPlace('A garage, 45 m³', { room: m3(45) }),
    ofPlace('A double garage, 100 m³', { room: m3(100) }),
    ofPlace('A hall, 600 m³', { room: m3(600) }),
    ofPlace('A fan of 1500 m³/h runs', { extraction: true, airFlow: m3PerHour(1500) }),
    ofPlace('It is done outdoors', { indoors: false }),
  ],
};
