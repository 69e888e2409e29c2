import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { comparePlans } from '../choice/compare-plans.ts';
import { DEFAULT_SCHOOLS, Schools, type SchoolId } from '../model/schools.ts';
import type { Job } from '../model/job.ts';
import type { Plan } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';
import { CATALOGUE } from './catalogue.ts';
import { SCHOOLS } from './schools.ts';

const CHEM: Sample = { choice: { method: 'chem.fast-solvent' }, area: 3 };
const KEPT: Sample = { target: { kind: 'keep' }, finish: 'machine-enamel', condition: { crosscut: 0 } };
const ANTIFOUL: Sample = {
  substrate: 'grp-gelcoat',
  stack: [['antifoul-ablative', 80]],
  item: { service: 'immersed-salt', kind: 'boat' },
  target: { kind: 'keep' },
  finish: 'antifouling',
};
const CASTING: Sample = { substrate: 'cast-iron', thickness: 10, area: 0.2, box: [0.3, 0.2, 0.2], condition: { rustGrade: 'B' } };
const OLEFIN: Sample = { substrate: 'pp-epdm', thickness: 3, stack: [['basecoat', 15]], finish: 'base-clear' };
const RUSTY: Sample = { substrate: 'mild-steel-section', thickness: 4, condition: { rustGrade: 'A' }, choice: { method: 'chem.fast-solvent' } };

/** A job on which each side of a school shows. */
const SHOWS_ON: Readonly<Record<SchoolId, Sample>> = {
  S1: KEPT,
  S2: CHEM,
  S3: { ...CHEM, stack: [['clear-2k', 45]] },
  S4: CHEM,
  S5: { ...CHEM, stack: [['urethane-2k', 120]] },
  S6: CHEM,
  S7: CHEM,
  L1: { substrate: 'aluminium-sheet', thickness: 2, stack: [['clear-2k', 60]] },
  L2: { substrate: 'aluminium-sheet', thickness: 2 },
  B1: {},
  C1: RUSTY,
  C2: CHEM,
  C3: KEPT,
  C4: { ...CASTING, choice: { method: 'chem.slow-gel' } },
  K1: { substrate: 'wood-ply', finish: 'machine-enamel' },
  P1: {},
  P2: { finish: 'aerosol-1k', shop: { schools: { P1: 'etch-surfacer' } } },
  P3: OLEFIN,
  P4: { ...OLEFIN, condition: { perforated: true } },
  P5: { features: ['tyre'] },
  P6: {},
  W1: {},
  W2: { place: { indoors: false, temperature: 15 } },
  W3: { ...ANTIFOUL, target: { kind: 'bare' } },
  M1: { features: ['glass', 'sensors'] },
  M2: {},
  X1: { ...KEPT, finish: 'solid-2k', stack: [['e-coat', 20]] },
  F1: ANTIFOUL,
  F2: { filling: { area: 0.1, depth: 2, hardener: 2 } },
  R1: CASTING,
};

function tubeLaid(job: Job): Job {
  return {
    ...job,
    parts: job.parts.map((part) => ({
      ...part,
      held: 'laid',
      zones: part.zones.map((zone) => ({ ...zone, shape: { kind: 'tube', diameter: 0.05, length: 2, count: 1 } as never })),
    })),
  };
}

/** All that a user reads of a plan, without where it stands. */
const readable = (plan: Plan): string =>
  JSON.stringify({ zones: plan.zones, operations: plan.operations, totals: plan.totals, findings: plan.findings });

describe('schools', () => {
  test('every school has words for every side, its default first among equals, and says why', () => {
    expect(SCHOOLS.map(({ id }) => id).sort()).toEqual(Object.keys(DEFAULT_SCHOOLS).sort());
    for (const { sides, usual, id } of SCHOOLS) {
      expect(sides.length).toBeGreaterThan(1);
      expect(usual).toMatch(/\.$/);
      expect(sides[0]?.value).toBe(DEFAULT_SCHOOLS[id]);
    }
  });

  const sides = SCHOOLS.flatMap(({ id, sides: all }) => all.slice(1).map(({ value }) => [id, value] as const));
  test.each(sides)('%s set to "%s" changes a plan that it is about', (id, value) => {
    const sample = SHOWS_ON[id];
    const job = id === 'M2' ? tubeLaid(sampleJob(sample)) : sampleJob(sample);
    const shop = sampleShop(sample);
    const other = { ...shop, schools: Schools.parse({ ...shop.schools, [id]: value }) };
    expect(readable(planJob(job, other, CATALOGUE)) === readable(planJob(job, shop, CATALOGUE))).toBe(false);
  });

  test('schools that an older document does not name are the default', () => {
    expect(Schools.parse({ S1: 'always-bare' })).toEqual({ ...DEFAULT_SCHOOLS, S1: 'always-bare' });
    expect(Schools.safeParse({ S1: 'sometimes' }).success).toBe(false);
  });
});

describe('what a switch does', () => {
  const plan = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
  const withSchools = (sample: Sample, schools: Partial<Schools>): Sample => ({ ...sample, shop: { schools } });

  test('brushing over slows a skin-forming stripper to 0.4 of its pace, and leaves foam alone', () => {
    const pace = (sample: Sample) => plan(sample).zones[0]?.chosen?.strip?.pace ?? Number.NaN;
    expect(pace(withSchools(CHEM, { S2: 'agitate' }))).toBeCloseTo(0.4 * pace(CHEM), 9);
    const foam: Sample = { ...CHEM, substrate: 'cast-iron', choice: { method: 'chem.caustic-spray' } };
    expect(pace(withSchools(foam, { S2: 'agitate' }))).toBe(pace(foam));
  });

  test('a closed surface that is not broken softens 2.5 times slower in its first layer', () => {
    const closed: Sample = { ...CHEM, stack: [['clear-2k', 20]], choice: { method: 'chem.benzyl-neutral' } };
    const likely = (sample: Sample) => plan(sample).zones[0]?.chosen?.strip?.rounds[0]?.dwell.likely ?? Number.NaN;
    expect(likely(withSchools(closed, { S3: 'never' })) / likely(closed)).toBeCloseTo(2.5, 9);
  });

  test('half the film takes half the product a round and dries in half the time; under film it keeps 3.5 times as long', () => {
    const strip = (sample: Sample) => plan(sample).zones[0]?.chosen?.strip;
    const [thick, thin] = [strip(CHEM), strip(withSchools(CHEM, { S6: 'thin' }))];
    expect((thin?.litres ?? 0) / (thin?.rounds.length ?? 1)).toBeCloseTo((thick?.litres ?? 0) / (thick?.rounds.length ?? 1) / 2, 9);
    expect(thin?.workingLife).toBeCloseTo((thick?.workingLife ?? 0) / 2, 9);
    expect(strip(withSchools(CHEM, { S4: 'always' }))?.workingLife).toBeCloseTo(3.5 * (thick?.workingLife ?? 0), 9);
  });

  test('phosphate film buys weeks, and comes off before primer', () => {
    const held = plan(withSchools(CHEM, { C2: 'hold-film' }));
    expect(held.zones[0]?.bare.primeWithin).toBe(28 * 1440);
    const kinds = held.operations.map(({ kind }) => kind);
    expect(kinds.indexOf('take-film-off')).toBeGreaterThan(kinds.indexOf('hold-film'));
    expect(kinds.indexOf('key')).toBeGreaterThan(kinds.indexOf('take-film-off'));
  });

  test('heavier coats are fewer and leave the same film', () => {
    const films = (sample: Sample) => plan(sample).zones[0]?.build?.coats.map(({ coats, dryFilm }) => coats * dryFilm) ?? [];
    const heavy = plan(withSchools({ finish: 'antifouling' }, { W3: 'heavy' })).zones[0]?.build?.coats ?? [];
    expect(films(withSchools({}, { W3: 'heavy' })).map((film) => film.toFixed(6))).toEqual(films({}).map((film) => film.toFixed(6)));
    expect(heavy.every(({ coats }) => coats >= 1)).toBe(true);
  });

  test('flame alone takes a plastic primer, with clear air as hold point', () => {
    const flamed = plan(withSchools(OLEFIN, { P3: 'flame' }));
    expect(flamed.zones[0]?.build?.coats[0]?.base).toBe('plastic-primer');
    expect(flamed.operations.find(({ kind }) => kind === 'flame')?.hold?.accept).toContain('air clear');
    expect(plan(withSchools(OLEFIN, { P3: 'both' })).zones[0]?.build?.coats[0]?.base).toBe('adhesion-promoter');
  });

  test('differences between plans are told zone by zone, and none where nothing changes', () => {
    expect(comparePlans(plan(CHEM), plan(CHEM))).toEqual([]);
    const told = comparePlans(plan(CHEM), plan(withSchools(CHEM, { P1: 'etch-surfacer', S6: 'thin' })));
    expect(told).toContainEqual({ where: 'Part: Zone', what: 'primer', before: 'Two-pack epoxy primer', after: 'Two-pack etch primer' });
    expect(told.find(({ what }) => what === 'strip')?.after).toMatch(/rounds?, .* L/);
    expect(told.some(({ where, what }) => where === 'Whole job' && what === 'cost')).toBe(true);
  });
});
