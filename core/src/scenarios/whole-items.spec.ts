import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Job } from '../model/job.ts';
import type { Operation, OperationKind } from '../model/operation.ts';
import type { Plan } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';
import { checkSequence } from '../sequence/check-sequence.ts';
import { whyHere } from '../sequence/why-here.ts';

/** One item out of several parts, the first of them saying what and where it is. */
function item(...parts: readonly (readonly [name: string, sample: Sample])[]): Job {
  const jobs = parts.map(([, sample]) => sampleJob(sample));
  return {
    ...(jobs[0] as Job),
    parts: jobs.flatMap(({ parts: [part], finish }, i) =>
      part ? [{ ...part, id: `p${i}`, name: parts[i]?.[0] ?? '', finish, zones: part.zones.map((zone) => ({ ...zone, id: `z${i}` })) }] : [],
    ),
  };
}

const VEHICLE: Sample['item'] = { kind: 'vehicle', year: 1998, service: 'outside' };
const BOAT: Sample['item'] = { kind: 'boat', year: 1991, service: 'immersed-salt' };

/** Invented items that hold most of what goes wrong at once. */
const ITEMS = {
  'stacking chairs of unknown history, flamed': item([
    'Shells',
    {
      substrate: 'pp-epdm',
      thickness: 4,
      area: 6,
      stack: [],
      target: { kind: 'keep' },
      finish: 'base-clear',
      condition: { history: 'unknown' },
      shop: { schools: { P3: 'both' } },
    },
  ]),
  'a tank with pits and a dent': item([
    'Tank',
    {
      item: VEHICLE,
      substrate: 'mild-steel-sheet',
      thickness: 1,
      role: 'tank',
      features: ['fuel-tank'],
      stack: [['alkyd-enamel', 60]],
      choice: { method: 'chem.fast-solvent' },
      finds: [
        { kind: 'pits', depth: 0.2 },
        { kind: 'dent', depth: 2 },
      ],
    },
  ]),
  'a body with filler over holes that were never welded, under two paint jobs': item([
    'Quarter',
    {
      item: VEHICLE,
      stack: [
        ['body-filler', 2000],
        ['surfacer-2k', 60, 'sound', 'refinish'],
        ['basecoat', 20, 'sound', 'refinish'],
        ['clear-2k', 50, 'sound', 'refinish'],
        ['basecoat', 20, 'sound', 'refinish'],
        ['clear-2k', 50, 'sound', 'refinish'],
      ],
      role: 'ordinary',
      choice: { method: 'chem.benzyl-neutral' },
      finds: [{ kind: 'hole', known: 'at-intake', where: 'under the filler' }, { kind: 'hole' }],
    },
  ]),
  'a two-colour wheel on its tyre': item([
    'Wheel',
    {
      item: VEHICLE,
      substrate: 'aluminium-cast',
      thickness: 8,
      role: 'wheel',
      features: ['tyre', 'threads'],
      stack: [['clear-2k', 60]],
      finish: 'base-clear',
      choice: { method: 'mech.da' },
      design: {
        kind: 'two-colour',
        colours: [
          { name: 'silver', coat: 'basecoat', dark: false, product: null, tape: null },
          { name: 'black', coat: 'basecoat', dark: true, product: null, tape: null },
        ],
        share: 30 as never,
        line: null,
      },
    },
  ]),
  'a clad skin bay of a light aircraft': item([
    'Bay',
    {
      item: { kind: 'aircraft', year: 1985 },
      substrate: 'aluminium-clad',
      thickness: 0.8,
      area: 2,
      stack: [['epoxy-2k', 25]],
      finish: 'aviation-topcoat',
      features: ['faying'],
    },
  ]),
  'a galvanised trailer with burnt-off welds': item([
    'Frame',
    {
      item: { kind: 'trailer', year: 2004, service: 'outside' },
      substrate: 'galvanised',
      thickness: 3,
      role: 'frame',
      held: 'in-place',
      area: 4,
      stack: [['alkyd-enamel', 80, 'flaking']],
      condition: { rustGrade: 'C', contamination: ['salt', 'grease'] },
    },
  ]),
  'a boat bottom with an iron keel and an antifouling that nobody knows': item(
    [
      'Bottom',
      {
        item: BOAT,
        substrate: 'grp-gelcoat',
        thickness: 14,
        area: 20,
        stack: [['antifoul-ablative', 150]],
        finish: 'antifouling',
        held: 'in-place',
        condition: { contamination: ['fouling', 'salt'], history: 'unknown' },
        choice: { method: 'chem.gelcoat-safe' },
      },
    ],
    [
      'Keel',
      {
        substrate: 'cast-iron',
        thickness: 60,
        area: 3,
        stack: [['antifoul-ablative', 150]],
        finish: 'antifouling',
        held: 'in-place',
        condition: { rustGrade: 'C' },
      },
    ],
  ),
  'a bicycle frame with a carbon fork': item(
    [
      'Frame',
      {
        item: VEHICLE,
        substrate: 'mild-steel-section',
        thickness: 1,
        role: 'frame',
        area: 0.6,
        access: 'tube',
        stack: [['powder-polyester', 90]],
        finish: 'base-clear',
      },
    ],
    [
      'Fork',
      {
        substrate: 'carbon-epoxy',
        thickness: 2,
        role: 'frame',
        area: 0.15,
        stack: [['clear-2k', 50]],
        finish: 'base-clear',
        condition: { contamination: ['wax'] },
      },
    ],
  ),
} as const;
type Name = keyof typeof ITEMS;

const SHOPS: Partial<Record<Name, Sample['shop']>> = { 'stacking chairs of unknown history, flamed': { schools: { P3: 'both' } } };
const PLANS = Object.fromEntries(
  Object.entries(ITEMS).map(([name, job]) => [name, planJob(job, sampleShop({ shop: SHOPS[name as Name] ?? {} }), CATALOGUE)]),
) as Record<Name, Plan>;
const first = ({ operations }: Plan, kind: OperationKind, on = ''): number =>
  operations.findIndex((operation) => operation.kind === kind && operation.faces.some(({ name }) => name.includes(on)));
const of = (plan: Plan, kind: OperationKind): Operation[] => plan.operations.filter((operation) => operation.kind === kind);
/** The first of each kind, in this order. */
function follows(plan: Plan, ...kinds: OperationKind[]): void {
  const at = kinds.map((kind) => first(plan, kind));
  expect([kinds, at.map((i) => i >= 0)]).toEqual([kinds, kinds.map(() => true)]);
  expect(at).toEqual([...at].sort((a, b) => a - b));
}

describe.each(Object.entries(PLANS))('%s', (_, plan) => {
  test('can be followed from the first line to the last without going back', () => {
    expect(plan.findings.map(({ code }) => code)).not.toContain('need-unmet');
    expect(checkSequence(plan.operations)).toEqual([]);
  });

  test('every line says why it stands there and what would be lost if it moved', () => {
    for (const operation of plan.operations) {
      const { why, sooner, later } = whyHere(operation, plan.operations);
      for (const says of [why, sooner, later]) expect(says).toMatch(/^[“A-Z0-9].*\.$/s);
    }
  });

  test('is dressed for what it raises, and no line names nobody', () => {
    for (const { kind, title, faces, protection, stop } of plan.operations) {
      expect([title, title.trim().length > 2]).toEqual([title, true]);
      if (['strip-tool', 'strip-round', 'key', 'coat', 'weld'].includes(kind) && stop === null)
        expect([title, protection.length > 0, faces.length > 0]).toEqual([title, true, true]);
    }
  });
});

/** Trade orders of each item; common practice, no source. */
describe('what each item is known for', () => {
  test('the chairs: washed twice, keyed, wiped, flamed last, promoted while it holds', () => {
    const plan = PLANS['stacking chairs of unknown history, flamed'];
    follows(plan, 'soak-plastic', 'key', 'flame', 'test', 'coat');
    expect(plan.operations.findLastIndex(({ kind }) => kind === 'key')).toBeLessThan(first(plan, 'flame'));
    expect(of(plan, 'soak-plastic')[0]?.title).toContain('twice');
  });

  test('the tank: purged and plugged before any tool, plugs stay through the paint, acid out of the pits and rinsed, the dent filled after', () => {
    const plan = PLANS['a tank with pits and a dent'];
    follows(plan, 'close-tank', 'strip-round', 'inspect', 'treat-pits', 'rinse-acid', 'fill', 'coat', 'cure', 'open-tank');
    expect(of(plan, 'fill').length).toBeGreaterThan(0);
  });

  test('the body: filler is ground out before the stripper, the holes under it are welded before new filler', () => {
    const plan = PLANS['a body with filler over holes that were never welded, under two paint jobs'];
    follows(plan, 'knock-filler-out', 'strip-round', 'air-out', 'open-up', 'weld', 'dress', 'coat');
    expect(plan.zones[0]?.chosen?.strip?.rounds.length).toBeLessThanOrEqual(6);
  });

  test('the wheel: tyre off or covered first, the second colour taped once the first stands it, the tape off before the cure', () => {
    const plan = PLANS['a two-colour wheel on its tyre'];
    const colours = plan.operations.filter(({ coat }) => coat?.name.startsWith('Basecoat colour'));
    expect(new Set(colours.map(({ coat }) => coat?.name))).toEqual(new Set(['Basecoat colour, silver', 'Basecoat colour, black']));
    const tape = plan.operations.findIndex(({ title }) => title.startsWith('Tape the line'));
    expect(tape).toBeGreaterThan(plan.operations.findIndex(({ coat }) => coat?.name === 'Basecoat colour, silver'));
    expect(tape).toBeLessThan(plan.operations.findIndex(({ coat }) => coat?.name === 'Basecoat colour, black'));
  });

  test('the skin: never sanded, a conversion coating takes the place of the key', () => {
    const plan = PLANS['a clad skin bay of a light aircraft'];
    expect(of(plan, 'key').filter(({ contact }) => contact !== null)).toEqual([]);
    expect(plan.operations.some(({ title }) => /conversion/i.test(title))).toBe(true);
  });

  test('the trailer: salt off before it is covered, no acid on zinc, burnt-off places zincked before the first film, nothing delivered', () => {
    const plan = PLANS['a galvanised trailer with burnt-off welds'];
    follows(plan, 'desalt', 'zinc-repair', 'coat');
    expect(plan.operations.some(({ kind, means }) => kind === 'treat-rust' || /phosphoric/i.test(means?.product ?? ''))).toBe(false);
    expect(plan.operations.some(({ kind }) => kind === 'fetch-back')).toBe(false);
  });

  test('the boat: contained before it is washed, lead and biocide kept wet, keel and bottom each their own way, launched last', () => {
    const plan = PLANS['a boat bottom with an iron keel and an antifouling that nobody knows'];
    follows(plan, 'contain', 'pressure-wash', 'strip-round', 'coat', 'launch');
    expect(plan.operations.some(({ title, faces }) => /blow/i.test(title) && faces.some(({ name }) => name.startsWith('Bottom')))).toBe(false);
    expect(plan.zones[1]?.chosen?.method).not.toBe(plan.zones[0]?.chosen?.method);
  });

  test('the bicycle: no stripper near the carbon, its wax is off before it is sanded, steel and carbon share the paint and not the key', () => {
    const plan = PLANS['a bicycle frame with a carbon fork'];
    expect(plan.zones[1]?.chosen?.method.startsWith('chem')).toBe(false);
    expect(first(plan, 'dewax', 'Fork')).toBeLessThan(first(plan, 'strip-tool', 'Fork'));
    const shared = plan.operations.filter(({ faces }) => faces.length > 1).map(({ kind }) => kind);
    expect(shared).toContain('coat');
    expect(shared).not.toContain('key');
  });
});
