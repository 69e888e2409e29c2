import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { OperationKind } from '../model/operation.ts';
import { planJob } from '../plan-job.ts';

const AREA = 2;
/** min to start and min/m² on a face of 2 m²; the rates are model assumptions. */
const face = (start: number, perSquareMetre: number): number => start + perSquareMetre * AREA;

type Minutes = Partial<Record<OperationKind, number | readonly [hand: number, wait: number]>>;

/** Reckoned by hand at 20 °C; of a kind that comes more than once, the first. */
test.each<[string, Sample, Minutes]>([
  [
    'a soiled steel section with tyre and glass, put together from products of different makers',
    {
      substrate: 'mild-steel-section',
      thickness: 4,
      choice: { method: 'chem.benzyl-neutral' },
      condition: { contamination: ['grease', 'brake-dust', 'salt', 'fouling'] },
      features: ['tyre', 'heavy', 'glass', 'rubber', 'faying'],
      item: { kind: 'boat', service: 'outside' },
      shop: { schools: { P6: 'mix' } },
    },
    {
      'check-kit': 15,
      'hold-sheets': 15,
      'make-safe': 10,
      support: 20,
      'take-apart': 2 * 15,
      'pressure-wash': face(5, 4),
      degrease: face(5, 4),
      'wash-brake-dust': face(5, 4),
      desalt: face(5, 4),
      dry: [face(3, 4), 15],
      'rinse-off': face(3, 8),
      'uncover-strip': face(3, 3),
      inspect: face(5, 3),
      'dust-off': face(3, 4),
      wipe: face(3, 5),
      test: face(3, 2),
      'sand-film': 15 * AREA,
      'clean-film': face(3, 5),
      'check-covered': 5,
      cure: [5, 48 * 60],
      refit: 30,
      'clear-up': 30,
      'write-down': 10,
    },
  ],
  [
    'a leaded, rusty iron tank under caustic',
    {
      substrate: 'cast-iron',
      thickness: 8,
      stack: [['alkyd-enamel', 60]],
      choice: { method: 'chem.caustic-spray' },
      condition: { rustGrade: 'C', lead: 'suspected' },
      role: 'tank',
      finish: 'machine-enamel',
    },
    {
      'close-tank': 30,
      contain: 20,
      neutralise: face(3, 6),
      dry: [face(3, 4), 20],
      'rinse-acid': face(3, 6),
      'open-tank': 10,
    },
  ],
  [
    'a steel panel with an old hole, filler, a dent and pits, after chlorinated stripper',
    {
      choice: { method: 'chem.dcm', reason: 'trade licence' },
      role: 'ordinary',
      finds: [{ kind: 'hole' }, { kind: 'dent', depth: 2 }, { kind: 'old-filler' }, { kind: 'pits', depth: 0.2 }],
    },
    { 'air-out': [3, 12 * 60], 'open-up': 20, dress: 15, 'key-for-fill': 10, fill: [3 * 15, 20], block: 3 * 20 },
  ],
  [
    'the same panel after another stripper',
    { choice: { method: 'chem.fast-solvent' }, role: 'ordinary', finds: [{ kind: 'hole' }] },
    { 'try-patch': 15, 'air-out': [3, 60], 'open-up': 20 },
  ],
  [
    'a plastic of unknown history, flamed and promoted',
    {
      substrate: 'pp-epdm',
      thickness: 3,
      stack: [],
      target: { kind: 'keep' },
      condition: { history: 'unknown' },
      shop: { schools: { P3: 'both' } },
    },
    {
      'soak-plastic': [face(5, 20), 30],
      'wipe-release': face(3, 5),
      wipe: [face(3, 5), 10],
      'flame-clean': [2 * face(3, 6), 10],
      flame: face(3, 6),
      dry: [face(3, 4), 20],
    },
  ],
  [
    'a waxed laminate',
    { substrate: 'grp-laminate', thickness: 5, stack: [['alkyd-enamel', 100]], choice: { method: 'mech.da' }, condition: { contamination: ['wax'] } },
    { dewax: [face(5, 4), 15], wipe: [face(3, 5), 20] },
  ],
  [
    'zinc with burnt-off places',
    { substrate: 'galvanised', thickness: 2, condition: { rustGrade: 'B' } },
    { derust: face(3, 12), 'zinc-repair': [face(3, 12), 60] },
  ],
  [
    'threads, plugged for the strip and again for the paint: 5 min, and 6 for the place',
    { substrate: 'mild-steel-section', thickness: 4, features: ['threads'], choice: { method: 'chem.benzyl-neutral' } },
    { 'cover-for-strip': 5 + 6, 'cover-for-paint': 5 + 6 },
  ],
  [
    'a hollow',
    { substrate: 'mild-steel-section', thickness: 3, access: 'inside' },
    { 'flush-hollow': face(10, 6), 'wax-hollow': 20, 'check-covered': 5 },
  ],
  [
    'steel held under a phosphate film',
    { substrate: 'mild-steel-section', thickness: 4, choice: { method: 'chem.benzyl-neutral' }, shop: { schools: { C2: 'hold-film' } } },
    { 'hold-film': face(3, 4), 'take-film-off': [face(3, 10), 15] },
  ],
])('%s', (_, sample, minutes) => {
  const given: Sample = { finish: 'base-clear', ...sample, area: AREA, place: { temperature: 20 } };
  const { operations } = planJob(sampleJob(given), sampleShop(given), CATALOGUE);
  const found = Object.entries(minutes).map(([kind, wanted]) => {
    const one = operations.find((operation) => operation.kind === kind);
    const [hand, wait] = [one?.hand ?? NaN, one?.wait ?? NaN].map((value) => Number(value.toFixed(2)));
    return [kind, typeof wanted === 'number' ? hand : [hand, wait]];
  });
  expect(Object.fromEntries(found)).toEqual(minutes);
});
