import fc from 'fast-check';
import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { HAZARDS } from '../catalogue/hazards.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { Guard, Raised, type Guarded, type Operation, type OperationKind } from '../model/operation.ts';
import type { Plan } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';
import { guardsAgainst } from './protection.ts';

const plan = (sample: Sample): Plan => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
const step = (sample: Sample, kind: OperationKind, title = ''): Operation => {
  const found = plan(sample).operations.find((one) => one.kind === kind && one.title.toLowerCase().includes(title));
  if (!found) throw new Error(`no ${kind} ${title}`);
  return found;
};
const guarded = ({ protection }: Operation): string => protection.map(({ guard, says }) => `${guard}: ${says}`).join('\n');

const STEEL: Sample = { substrate: 'mild-steel-section', thickness: 4, finish: 'base-clear' };
const by = (method: string, more: Sample = {}): Sample => ({ ...STEEL, ...more, choice: { method, reason: 'asked for' } });
const LEADED = { condition: { lead: 'suspected' } } satisfies Sample;
const OUTSIDE = { place: { indoors: false } } satisfies Sample;
const CLOSED = { place: { indoors: true, extraction: false } } satisfies Sample;
const AIRED = { place: { indoors: true, extraction: true } } satisfies Sample;
const POT = { shop: { equipment: ['blast-pot', 'supplied-air', 'spray-gun', 'grinder', 'da'] } } satisfies Sample;

/** What an inspector asks for at each step, and what would be wrong there. Common practice, no source; data sheets and local codes decide. */
test.each<[what: string, sample: Sample, kind: OperationKind, title: string, asks: readonly RegExp[], never: readonly RegExp[]]>([
  [
    'a wash',
    { ...STEEL, condition: { contamination: ['grease'] } },
    'degrease',
    '',
    [/hands: chemical/, /eyes: goggles/, /fire: .*rags/],
    [/breathing: supplied/],
  ],
  ['the last wipe', STEEL, 'wipe', '', [/hands: nitrile/, /fire: no flame or spark/], [/face shield/]],
  ['benzyl gel outdoors', by('chem.benzyl-neutral', OUTSIDE), 'strip-round', '', [/face shield/, /thick nitrile/, /rinse eyes/], [/breathing:/]],
  ['benzyl gel in a closed room', by('chem.benzyl-neutral', CLOSED), 'strip-round', '', [/breathing: organic-vapour/], [/supplied/]],
  ['benzyl gel under an exhaust', by('chem.benzyl-neutral', AIRED), 'strip-round', '', [/face shield/], [/breathing:/]],
  ['peroxide gel', by('chem.benzyl-peroxide', OUTSIDE), 'strip-round', '', [/kept apart/, /breathing: P100/], []],
  ['acid gel', by('chem.benzyl-acid', OUTSIDE), 'strip-round', '', [/kept apart/, /thick nitrile/], []],
  ['caustic foam', by('chem.caustic-spray', OUTSIDE), 'strip-round', '', [/face shield/, /breathing: P100/, /thick nitrile/], [/laminate/]],
  ['caustic foam in a closed room', by('chem.caustic-spray', CLOSED), 'strip-round', '', [/breathing: P100/], [/organic-vapour/]],
  ['laps blown dry', by('chem.benzyl-neutral', OUTSIDE), 'dry', '', [/goggles/], [/breathing/]],
  ['its rinse', by('chem.caustic-spray', OUTSIDE), 'rinse-off', '', [/face shield/, /boots/], []],
  [
    'fast solvent',
    by('chem.fast-solvent', AIRED),
    'strip-round',
    '',
    [/laminate .*under butyl/, /organic-vapour/, /fire: no flame, spark, heater/],
    [/supplied/],
  ],
  [
    'chlorinated',
    by('chem.dcm', AIRED),
    'strip-round',
    '',
    [/breathing: supplied air/, /laminate .*not PVA/, /exhaust at the floor/, /phosgene/],
    [/breathing: organic/],
  ],
  ['its specks, still wet', by('chem.fast-solvent', { ...AIRED, area: 2 }), 'strip-specks', '', [/laminate .*under butyl/], []],
  ['sanding old paint', by('mech.da'), 'strip-tool', 'orbital', [/breathing: P100/, /coverall/, /HEPA/], [/face shield/]],
  ['the rinse over lead', by('chem.benzyl-neutral', { ...OUTSIDE, ...LEADED }), 'rinse-off', '', [/never compressed air/, /P100 half mask/], []],
  ['its dust', by('mech.da'), 'dust-off', '', [/breathing: P100/, /never compressed air/], []],
  [
    'a flap disc',
    by('mech.grinder-flap'),
    'strip-tool',
    'flap',
    [/goggles under a face shield/, /hearing/, /nothing that melts/, /within 10 m/, /line of the disc/],
    [],
  ],
  ['wet sanding', by('mech.hand-wet'), 'strip-tool', 'wet', [/hands: chemical/, /apron/], [/P100/]],
  ['wet sanding of lead', by('mech.hand-wet', LEADED), 'strip-tool', 'wet', [/P100 half mask at least/, /no eating/, /others out/], []],
  ['keying bare steel after stripper', by('chem.benzyl-neutral'), 'key', '', [/FFP2/], [/P100/]],
  ['keying paint that stays', { ...STEEL, target: { kind: 'keep' }, condition: { crosscut: 0 } }, 'key', '', [/P100/], []],
  [
    'a glass-fibre face',
    { substrate: 'grp-laminate', thickness: 5, stack: [], target: { kind: 'keep' }, finish: 'base-clear' },
    'key',
    '',
    [/P100/, /coverall/],
    [],
  ],
  [
    'garnet from the own pot',
    by('blast.garnet', POT),
    'strip-blast',
    '',
    [/breathing: supplied-air blast helmet.*CO alarm/, /dead-man/, /second person/],
    [],
  ],
  ['plastic grain from the own pot', by('blast.plastic', POT), 'strip-blast', '', [/can explode in air/], []],
  ['dry ice', by('blast.dry-ice', POT), 'strip-blast', '', [/CO₂ monitor/, /insulated gloves/], []],
  ['phosphoric acid', by('mech.da', { condition: { rustGrade: 'C' } }), 'treat-rust', '', [/face shield/, /thick nitrile/, /kept apart/], []],
  [
    'a weld',
    by('mech.da', { role: 'ordinary', finds: [{ kind: 'hole' }] }),
    'weld',
    '',
    [/welding shade/, /fire watch/, /fume extraction/],
    [/supplied air/],
  ],
  [
    'a weld on zinc',
    by('mech.da-fine', { substrate: 'galvanised', thickness: 2, role: 'ordinary', finds: [{ kind: 'hole' }] }),
    'weld',
    '',
    [/powered or supplied air/, /100 mm round/],
    [],
  ],
  [
    'a one-pack coat from the gun',
    { ...STEEL, finish: 'machine-enamel' },
    'coat',
    'enamel',
    [/organic-vapour/, /coverall and hood/, /earthed/],
    [/supplied/],
  ],
  ['two-pack clear', STEEL, 'coat', 'clear', [/full face/, /breathing: supplied air/, /no skin bare/, /others out until it has set/], [/cartridges/]],
  ['two-pack clear from a can', { ...STEEL, laidWith: { 'clear-2k': 'aerosol' } }, 'coat', 'clear', [/breathing: supplied air/], []],
  ['two-pack surfacer', STEEL, 'coat', 'surfacer', [/breathing: supplied air/], []],
  [
    'antifouling by roller',
    {
      item: { kind: 'boat', service: 'immersed-salt' },
      substrate: 'grp-gelcoat',
      thickness: 6,
      stack: [],
      target: { kind: 'keep' },
      finish: 'antifouling',
    },
    'coat',
    'antifouling',
    [/no eating/, /children, pets and food/],
    [],
  ],
  [
    'brake drums',
    { ...STEEL, features: ['friction-lining'], condition: { contamination: ['brake-dust'] } },
    'wash-brake-dust',
    '',
    [/never blown or brushed dry/, /P100/],
    [],
  ],
  [
    'a flame',
    { substrate: 'pp-epdm', thickness: 3, stack: [], target: { kind: 'keep' }, finish: 'base-clear', shop: { schools: { P3: 'both' } } },
    'flame',
    '',
    [/leather/, /extinguisher/],
    [],
  ],
  [
    'magnesium, washed',
    { substrate: 'magnesium', thickness: 4, finish: 'base-clear', condition: { contamination: ['grease'] } },
    'degrease',
    '',
    [/chemical gloves/],
    [/hydrogen/],
  ],
  ['magnesium, wet', { substrate: 'magnesium', thickness: 4, finish: 'base-clear' }, 'key', '', [/hydrogen/], []],
  ['a buffed face', { substrate: 'aluminium-cast', thickness: 5, finish: 'bare-polish' }, 'polish', '', [/goggles/, /FFP2/], []],
  ['a fuel tank', { ...STEEL, features: ['fuel-tank'], role: 'tank' }, 'close-tank', '', [/no ignition/, /others out/], []],
  ['clearing up after a chlorinated stripper', by('chem.dcm', AIRED), 'clear-up', '', [/supplied air/, /laminate/], []],
  ['clearing up after dry sanding', by('mech.da'), 'clear-up', '', [/P100/, /never compressed air/], []],
  ['clearing up where nothing came off', { ...STEEL, stack: [], target: { kind: 'keep' } }, 'clear-up', '', [/goggles/], [/breathing/]],
  [
    'chromate, wet',
    by('mech.hand-wet', { condition: { chromate: 'present' } }),
    'strip-tool',
    'wet',
    [/P100 half mask/, /disposable coverall/, /waste apart/],
    [],
  ],
  [
    'underseal of unknown age scraped off',
    by('mech.scraper', { stack: [['underseal-bitumen', 300]], item: { year: null } }),
    'strip-tool',
    '',
    [/P100 half mask/, /no eating/],
    [],
  ],
  [
    'a lining that was tested clear',
    { ...STEEL, features: ['friction-lining'], condition: { contamination: ['brake-dust'], asbestos: 'lab-clear' } },
    'wash-brake-dust',
    '',
    [],
    [/never blown or brushed/],
  ],
  [
    'old antifouling washed down',
    {
      item: { kind: 'boat', service: 'immersed-salt', year: 2003 },
      substrate: 'grp-gelcoat',
      thickness: 6,
      stack: [['antifoul-hard', 90]],
      condition: { contamination: ['fouling'] },
      finish: 'antifouling',
    },
    'pressure-wash',
    '',
    [/P100 half mask/, /sheet below/, /others out/],
    [],
  ],
  [
    'barrier epoxy by roller',
    {
      item: { kind: 'boat', service: 'immersed-salt' },
      substrate: 'grp-gelcoat',
      thickness: 6,
      stack: [],
      target: { kind: 'keep' },
      finish: 'antifouling',
    },
    'coat',
    'barrier',
    [/organic-vapour/, /coverall/],
    [/supplied/],
  ],
  ['two-part filler', { ...STEEL, filling: { area: 0.1, depth: 2, hardener: 2 } }, 'fill', '', [/nitrile/, /no flame or spark/], [/supplied/]],
  ['filler in a closed room', { ...STEEL, ...CLOSED, filling: { area: 0.1, depth: 2, hardener: 2 } }, 'fill', '', [/organic-vapour/], []],
  ['blocking filler', { ...STEEL, filling: { area: 0.1, depth: 2, hardener: 2 } }, 'block', '', [/P100/, /HEPA/], []],
  ['a wipe in a closed room', { ...STEEL, ...CLOSED }, 'wipe', '', [/organic-vapour/, /doors open/], []],
  [
    'cavity wax',
    { ...STEEL, access: 'inside', finish: 'base-clear', choice: { method: 'keep.wax', reason: 'x' } },
    'wax-hollow',
    '',
    [/organic-vapour/, /no flame, spark/],
    [],
  ],
  ['a tank of drinking water', { ...STEEL, role: 'tank', contents: 'water' }, 'close-tank', '', [], [/no ignition/]],
  [
    'a heavy casting',
    { substrate: 'cast-iron', thickness: 60, area: 3, finish: 'machine-enamel', features: ['heavy'] },
    'support',
    '',
    [/steel toes/, /rated gear/, /two people/],
    [],
  ],
  [
    'caustic in the tub',
    by('chem.caustic-bath', { shop: { equipment: ['caustic-tub', 'spray-gun'] }, box: [0.3, 0.2, 0.2] }),
    'strip-bath',
    '',
    [/face shield/, /thick nitrile/, /kept apart/],
    [/organic-vapour/],
  ],
  [
    'hot air on enamel',
    by('heat.gun', { shop: { equipment: ['hot-air-gun', 'spray-gun'] } }),
    'strip-heat',
    '',
    [/organic-vapour/, /extinguisher/, /leather/],
    [],
  ],
  ['sanding a surfacer', { ...STEEL, finish: 'base-clear' }, 'sand-film', '', [/FFP2|P100/], [/supplied/]],
  [
    'an abraded cast face vacuumed',
    { substrate: 'carbon-epoxy', thickness: 3, stack: [], target: { kind: 'keep' }, finish: 'base-clear' },
    'dust-off',
    '',
    [/P100/, /never compressed air/],
    [],
  ],
])('%s', (_, sample, kind, title, asks, never) => {
  const said = guarded(step(sample, kind, title));
  for (const ask of asks) expect(said).toMatch(ask);
  for (const one of never) expect(said).not.toMatch(one);
});

test('what may be poisonous is never blown: not the rinse, not the dust', () => {
  const blown = ({ operations }: Plan) =>
    operations.filter(({ kind, detail }) => (kind === 'rinse-off' || kind === 'dust-off') && /blow/i.test(detail)).map(({ kind }) => kind);
  expect(blown(plan(by('chem.benzyl-neutral', LEADED)))).toEqual([]);
  expect(blown(plan(by('chem.benzyl-neutral')))).toContain('rinse-off');
});

describe('what nothing else holds', () => {
  const NO_AIR = { shop: { equipment: ['da', 'grinder', 'spray-gun'] } } satisfies Sample;
  test('two-pack spray without supplied air is a stop for surfacer, colour and clear, not for the primer alone', () => {
    const { findings, operations } = plan({ ...STEEL, ...NO_AIR });
    const stop = findings.find(({ code }) => code === 'no-supplied-air');
    expect(stop).toMatchObject({ severity: 'stop', title: 'Supplied-air set missing for two-pack surfacer, two-pack clear' });
    expect(operations.filter(({ protection }) => protection.some(({ lacks }) => lacks)).every(({ coat }) => coat !== null)).toBe(true);
    expect(plan({ ...STEEL, shop: { equipment: ['da', 'spray-gun', 'supplied-air'] } }).findings.map(({ code }) => code)).not.toContain(
      'no-supplied-air',
    );
  });
  test('what the shop lacks is marked on the kit list', () => {
    const kit = (sample: Sample) => plan(sample).kit.filter(({ group, name }) => group === 'protection' && name.startsWith('supplied air'));
    expect(kit({ ...STEEL, ...NO_AIR }).map(({ buy }) => buy)).toEqual(['the shop has none']);
    expect(kit({ ...STEEL, shop: { equipment: ['supplied-air'] } }).map(({ buy }) => buy)).toEqual(['one set a person']);
  });
  test('a laboratory that finds no lead has not looked for chromate', () => {
    const skin = (condition: Sample['condition']): Sample => ({
      item: { kind: 'aircraft', service: 'outside' },
      substrate: 'aluminium-sheet',
      thickness: 1.2,
      stack: [['etch-primer', 10]],
      condition: condition ?? {},
      finish: 'aviation-topcoat',
    });
    const dry = (condition: Sample['condition']) =>
      plan(skin(condition))
        .zones[0]?.options.find(({ method }) => method === 'mech.da')
        ?.findings.map(({ code }) => code);
    const lead = CATALOGUE.coatings['etch-primer'].oldLead;
    expect(dry({ lead: 'lab-clear' })?.includes('chromate-dust')).toBe(lead);
    expect(dry({ lead: 'lab-clear', chromate: 'lab-clear' })).not.toContain('chromate-dust');
    expect(dry({ lead: 'lab-clear', chromate: 'present' })).toContain('chromate-dust');
  });
});

describe('the worst of all that is raised', () => {
  const shop = { equipment: [] };
  const grade = (guards: readonly Guarded[], guard: Guard): number =>
    Math.max(
      -1,
      ...guards
        .filter((one) => one.guard === guard)
        .map(({ says }) =>
          Math.max(
            ...Raised.options.flatMap((raised) => (HAZARDS[raised][guard] ?? []).filter((ask) => ask.says === says).map((ask) => ask.grade ?? -1)),
          ),
        ),
    );
  test('one hazard more never lessens what is worn, and never drops a measure', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.constantFrom(...Raised.options), { maxLength: 6 }), fc.constantFrom(...Raised.options), (some, more) => {
        const [before, after] = [guardsAgainst(some, shop), guardsAgainst([...some, more], shop)];
        for (const guard of Guard.options) expect(grade(after, guard)).toBeGreaterThanOrEqual(grade(before, guard));
        const measures = (guards: readonly Guarded[]) => guards.filter((one) => grade([one], one.guard) < 0).map(({ says }) => says);
        expect(measures(after)).toEqual(expect.arrayContaining(measures(before)));
      }),
    );
  });
  test('of masks, gloves, eye and body wear only the highest is worn, and every hazard asks for something', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.constantFrom(...Raised.options), { minLength: 1, maxLength: 8 }), (raised) => {
        const guards = guardsAgainst(raised, shop);
        for (const guard of ['eyes', 'breathing', 'hands'] as const) {
          const grades = guards.filter((one) => one.guard === guard).map((one) => grade([one], guard));
          expect(new Set(grades).size).toBeLessThanOrEqual(1);
        }
        expect(guards.length).toBeGreaterThan(0);
      }),
    );
  });
  test('nothing is raised by what is left out, handed over or only looked at', () => {
    for (const { hand, raises, kind } of DEMO_JOBS.flatMap((job) => planJob(job, DEMO_SHOP, CATALOGUE).operations))
      if (hand === 0 || kind === 'inspect' || kind === 'check-kit') expect(raises).toEqual([]);
  });
  test('no step ever calls itself safe', () => {
    for (const job of DEMO_JOBS)
      for (const { title, detail, cautions } of planJob(job, DEMO_SHOP, CATALOGUE).operations)
        expect([title, detail, ...cautions].join(' ')).not.toMatch(/\b(is|are) safe\b/);
  });
});
