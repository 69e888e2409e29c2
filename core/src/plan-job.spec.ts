import fc from 'fast-check';
import { arrhenius } from '../testing/reference/softening.ts';
import { sampleJob, sampleShop, type Sample } from '../testing/sample.ts';
import { CATALOGUE } from './catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from './demo/demo-jobs.ts';
import { CoatingId, FinishId, SubstrateId } from './model/ids.ts';
import type { Job } from './model/job.ts';
import { newJob } from './model/new-job.ts';
import { Plan, type MethodOption, type ZonePlan } from './model/plan.ts';
import { planJob } from './plan-job.ts';

const plan = (sample: Sample = {}) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
const zone = (sample: Sample = {}): ZonePlan => plan(sample).zones[0] as ZonePlan;
const option = (method: MethodOption['method'], sample: Sample = {}) => zone(sample).options.find((o) => o.method === method) as MethodOption;
const refusals = ({ findings }: MethodOption) => findings.filter(({ severity }) => severity === 'rule-out');
const firstDwell = (sample: Sample) => option('chem.fast-solvent', sample).strip?.rounds[0]?.dwell.likely ?? Number.NaN;

describe('what must never be planned', () => {
  const coatings = fc.array(fc.tuple(fc.constantFrom(...CoatingId.options), fc.integer({ min: 5, max: 300 })), { minLength: 1, maxLength: 4 });

  test('no chemical method on carbon, whatever is on it, and it says why', () => {
    fc.assert(
      fc.property(coatings, (stack) => {
        const chem = zone({ substrate: 'carbon-epoxy', stack }).options.filter(({ family }) => family === 'chem');
        return chem.length > 5 && chem.every((o) => refusals(o).some(({ code, reason }) => code === 'comp-no-chem' && reason.includes('epoxy')));
      }),
    );
  });

  test('no dry sanding, blast or heat on paint suspected of lead', () => {
    fc.assert(
      fc.property(coatings, fc.constantFrom(...SubstrateId.options), (stack, substrate) => {
        const { options, chosen } = zone({ stack, substrate, thickness: 4, condition: { lead: 'suspected' } });
        const dry = options.filter(({ method }) =>
          (CATALOGUE.methods[method]?.traits ?? []).some((trait) => trait === 'dry-dust' || trait === 'heat'),
        );
        return dry.every((o) => refusals(o).some(({ code }) => code === 'lead-wet')) && !dry.some(({ method }) => method === chosen?.method);
      }),
    );
  });

  test.each(['aluminium-sheet', 'aluminium-clad', 'aluminium-cast', 'magnesium', 'galvanised', 'zinc-diecast'] as const)(
    'no caustic on %s',
    (substrate) => {
      expect(refusals(option('chem.caustic-spray', { substrate })).map(({ code }) => code)).toContain('light-no-caustic');
    },
  );

  test('a floating unmarked plastic is an olefin; so is one that nobody has floated, with a question', () => {
    const floating = zone({ substrate: 'plastic-unmarked', floats: 'floats' });
    const untested = zone({ substrate: 'plastic-unmarked' });
    expect(floating.build?.coats[0]?.product).toBe('adhesion-promoter');
    expect(untested.build?.coats[0]?.product).toBe('adhesion-promoter');
    expect(floating.findings.map(({ code }) => code)).not.toContain('float-test');
    expect(untested.findings).toContainEqual(expect.objectContaining({ code: 'float-test', severity: 'question' }));
    expect(zone({ substrate: 'plastic-unmarked', floats: 'sinks' }).build?.coats[0]?.product).toBe('plastic-primer');
  });

  test('the method chosen by the ranking is never one that a rule refuses', () => {
    fc.assert(
      fc.property(
        coatings,
        fc.constantFrom(...SubstrateId.options),
        fc.constantFrom('flat' as const, 'edge' as const, 'crevice' as const, 'inside' as const),
        (stack, substrate, access) => {
          const { chosen, findings } = zone({ stack, substrate, access });
          return chosen ? refusals(chosen).length === 0 : findings.some(({ code }) => code === 'no-method');
        },
      ),
    );
  });

  test('old machine paint that nobody tested is treated as leaded and asked about', () => {
    const old = { item: { kind: 'machine', year: 1970 }, condition: { lead: 'not-tested' } } as const;
    expect(plan(old).findings.map(({ code }) => code)).toContain('lead-not-tested');
    expect(refusals(option('mech.da', old)).map(({ code }) => code)).toContain('lead-wet');
    expect(plan({ ...old, item: { kind: 'machine', year: 2010 }, shop: { equipment: ['supplied-air', 'spray-gun', 'da'] } }).findings).toEqual([]);
  });
});

describe('dwell follows the model', () => {
  /** Closed form of the linear-parabolic law: u = L/50, t = t_ref (0.7 u + 0.3 u²). */
  test('doubling a layer of 20 µm', () => {
    const expected = (0.7 * 0.8 + 0.3 * 0.64) / (0.7 * 0.4 + 0.3 * 0.16);
    expect(firstDwell({ stack: [['lacquer-1k', 40]] }) / firstDwell({ stack: [['lacquer-1k', 20]] })).toBeCloseTo(expected, 9);
  });

  test('a workplace of 10 °C instead of 20 °C slows it by the Arrhenius factor', () => {
    const stack: Sample['stack'] = [['lacquer-1k', 20]];
    expect(firstDwell({ stack, place: { temperature: 10 } }) / firstDwell({ stack })).toBeCloseTo(1 / arrhenius(10), 9);
  });

  test('one-pack clear changed to two-pack: table 4 against 25 min, surface broken', () => {
    expect(firstDwell({ stack: [['clear-2k', 20]] }) / firstDwell({ stack: [['clear-1k', 20]] })).toBeCloseTo(25 / 4, 9);
  });

  test('weathered paint softens in 0.6 of the time', () => {
    expect(firstDwell({ stack: [['alkyd-enamel', 30, 'chalking']] }) / firstDwell({ stack: [['alkyd-enamel', 30]] })).toBeCloseTo(0.6, 9);
  });

  test('a liquid on an upright face drains, dries sooner and takes no fewer rounds', () => {
    const level = option('chem.benzyl-peroxide', { stack: [['urethane-2k', 120]], orientation: 'up' }).strip;
    const upright = option('chem.benzyl-peroxide', { stack: [['urethane-2k', 120]], orientation: 'vertical' }).strip;
    expect(upright?.workingLife).toBeLessThan(level?.workingLife ?? 0);
    expect(upright?.rounds.length).toBeGreaterThan(level?.rounds.length ?? 99);
  });

  test('under film slow gel lasts, and two nights take 300 µm of antifouling (common practice, no source)', () => {
    const strip = option('chem.slow-gel', {
      substrate: 'mild-steel-section',
      thickness: 4,
      stack: [['antifoul-ablative', 300]],
      place: { temperature: 18 },
    }).strip;
    expect(strip?.rounds).toHaveLength(2);
  });

  test('litres follow area, film and rounds', () => {
    const one = option('chem.fast-solvent', { area: 1 }).strip;
    const three = option('chem.fast-solvent', { area: 3 }).strip;
    expect(one?.litres).toBeCloseTo(2.5 * 1.15 * (one?.rounds.length ?? 0), 9);
    expect(three?.litres).toBeCloseTo(3 * (one?.litres ?? 0), 9);
  });
});

describe('the plan', () => {
  test('is valid against its schema and the same each time', () => {
    for (const job of DEMO_JOBS) {
      const first = planJob(job, DEMO_SHOP, CATALOGUE);
      expect(Plan.safeParse(first).error).toBeUndefined();
      expect(planJob(job, DEMO_SHOP, CATALOGUE)).toEqual(first);
    }
  });

  test('follows an edit in one zone and leaves the plan of the others as it was', () => {
    const job = DEMO_JOBS[2] as (typeof DEMO_JOBS)[number];
    const before = planJob(job, DEMO_SHOP, CATALOGUE);
    const [first, ...rest] = job.parts;
    const edited = { ...job, parts: [{ ...first, zones: first?.zones.map((z) => ({ ...z, access: 'crevice' as const })) }, ...rest] } as typeof job;
    const after = planJob(edited, DEMO_SHOP, CATALOGUE);
    expect(after.zones[0]).not.toEqual(before.zones[0]);
    expect(after.zones.at(-1)).toBe(before.zones.at(-1));
    expect(planJob({ ...job, place: { ...job.place, indoors: false } }, DEMO_SHOP, CATALOGUE)).not.toEqual(before);
  });

  test('advises to stop at a sound factory primer, not at factory filler', () => {
    const advice = (coating: 'e-coat' | 'surfacer-polyester') => {
      const job = sampleJob({
        stack: [
          [coating, 20],
          ['clear-2k', 40],
        ],
      });
      const parts = job.parts.map((part) => ({
        ...part,
        zones: part.zones.map((z) => ({ ...z, stack: z.stack.map((layer) => ({ ...layer, origin: 'factory' as const })) })),
      }));
      return planJob({ ...job, parts }, sampleShop(), CATALOGUE).findings.map(({ code }) => code);
    };
    expect(advice('e-coat')).toContain('factory-primer');
    expect(advice('surfacer-polyester')).not.toContain('factory-primer');
  });

  test('of an empty job asks for parts and has no steps', () => {
    const empty = planJob(newJob('New'), DEMO_SHOP, CATALOGUE);
    expect(empty.findings.map(({ code }) => code)).toEqual(['no-parts']);
    expect(empty.operations).toEqual([]);
  });

  test('asks for what is missing at the place where it is missing', () => {
    const findings = plan({ stack: [], finish: null, condition: { rustGrade: 'none' } }).findings;
    expect(findings.map(({ code }) => code)).toEqual(['stack-empty', 'finish-missing']);
    expect(findings[0]?.path).toEqual(['parts', 0, 'zones', 0, 'stack']);
  });

  test('a ruled-out choice stops the job until a reason is written, and stays marked after', () => {
    const silent = plan({ choice: { method: 'chem.dcm', reason: '' } });
    const explained = plan({ choice: { method: 'chem.dcm', reason: 'licensed site, supplied air on hire' } });
    expect(silent.findings).toContainEqual(expect.objectContaining({ code: 'override-unexplained', severity: 'stop' }));
    expect(explained.findings).toContainEqual(expect.objectContaining({ code: 'override', severity: 'caution' }));
    expect(explained.zones[0]?.chosen?.method).toBe('chem.dcm');
    expect(explained.operations.some(({ cautions }) => cautions.some((c) => c.startsWith('Against the rules')))).toBe(true);
  });

  test('every substrate and finish gets a build or a reasoned stop', () => {
    for (const substrate of SubstrateId.options)
      for (const finish of FinishId.options) {
        const { build, findings } = zone({ substrate, finish, thickness: 3 });
        const answered =
          (build?.coats.length ?? 0) > 0 || CATALOGUE.finishes[finish].coats.length === 0 || findings.some(({ severity }) => severity === 'stop');
        expect([substrate, finish, answered]).toEqual([substrate, finish, true]);
      }
  });

  test('sound paint that passes the crosscut is worth keeping, unless the shop goes bare', () => {
    const sound: Sample = { condition: { crosscut: 0 }, finish: 'machine-enamel' };
    expect(zone(sound).findings.map(({ code }) => code)).toContain('keep-sound');
    const bare = zone({ ...sound, shop: { schools: { S1: 'always-bare' } } });
    expect(bare.findings.map(({ code }) => code)).not.toContain('keep-sound');
  });

  test('school C1 decides whether acid stays live and so which primer follows', () => {
    const rusty: Sample = { condition: { rustGrade: 'B' }, choice: { method: 'chem.fast-solvent', reason: '' } };
    expect(zone(rusty).build?.coats[0]?.product).toBe('epoxy-2k');
    const wet = zone({ ...rusty, shop: { schools: { C1: 'water-only' } } });
    expect(wet.bare.acidLive).toBe(true);
    expect(wet.build?.coats[0]?.product).toBe('etch-2k');
  });

  test('the shop weights move the ranking: a dear hour makes stripper win over paper by hand', () => {
    const score = (labourRate: number) =>
      zone({ access: 'edge', shop: { labourRate } }).options.findIndex(({ method }) => method === 'mech.hand-wet');
    expect(score(150)).toBeGreaterThanOrEqual(score(1));
    expect(zone({ shop: { labourRate: 0, weights: { waitingDay: 0, risk: 0, exposure: 5000 } } }).chosen?.method).toBe('mech.hand-wet');
  });
});

test('a patch on one zone is news for every zone with that stripper, also those already planned', () => {
  const job = DEMO_JOBS[0] as Job;
  const before = planJob(job, DEMO_SHOP, CATALOGUE);
  const patched = {
    ...job,
    parts: job.parts.map((part) => ({ ...part, zones: part.zones.map((zone) => (zone.patches.length === 0 ? zone : { ...zone, patches: [] })) })),
  };
  const after = planJob(patched, DEMO_SHOP, CATALOGUE);
  const restsOn = (plan: typeof before) =>
    plan.zones.flatMap(({ options }) =>
      options.filter(({ method }) => method === 'chem.benzyl-neutral').flatMap(({ strip }) => strip?.patches ?? []),
    );
  expect(new Set(restsOn(before))).toEqual(new Set([3]));
  expect(new Set(restsOn(after))).toEqual(new Set([0]));
});
