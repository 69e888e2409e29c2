import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { areaWithinWindow, windowsOf } from '../build/windows.ts';
import { sayLag } from '../sequence/why-here.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { gatherFacts, type ZoneFacts } from '../facts/zone-facts.ts';
import { Find } from '../model/find.ts';
import type { Job } from '../model/job.ts';
import type { Plan, ZonePlan } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';
import { percent } from '../units/quantities.ts';

interface Planned {
  readonly job: Plan;
  readonly zone: ZonePlan;
  readonly facts: ZoneFacts;
}
function plan(sample: Sample, finds: readonly Find[] = []): Planned {
  const plain = sampleJob(sample);
  const marked: Job = {
    ...plain,
    parts: plain.parts.map((part) => ({ ...part, zones: part.zones.map((zone) => ({ ...zone, finds: [...finds] })) })),
  };
  const shop = sampleShop(sample);
  const job = planJob(marked, shop, CATALOGUE);
  const [facts] = gatherFacts(marked, shop, CATALOGUE);
  const [zone] = job.zones;
  if (!zone || !facts) throw new Error('no zone');
  return { job, zone, facts };
}
const coats = ({ zone }: Planned): string[] => zone.build?.coats.map(({ base }) => base) ?? [];
const chain = ({ job }: Planned): string =>
  job.operations.flatMap(({ stage, title }) => (stage === 'set-up' || stage === 'bare' ? [title] : [])).join(' > ');
/** When an operation may start and must be done, as it is told. */
const told = ({ job }: Planned, title: RegExp): string => {
  const operation = job.operations.find((one) => title.test(one.title));
  return operation?.lags.map((lag) => sayLag(lag, job.operations)).join(' | ') ?? 'no such step';
};
const refusal = ({ zone }: Planned, primer: string): string[] =>
  zone.build?.primers.find(({ base, verdict }) => base === primer && verdict === 'ruled-out')?.findings.map(({ code }) => code) ?? [];
const asked = ({ zone }: Planned): string[] => zone.chosen?.findings.map(({ code }) => code) ?? [];
const windows = ({ zone, facts }: Planned) => (zone.build ? windowsOf(facts, zone.build) : []);

const TANK: Sample = {
  features: ['fuel-tank', 'threads'],
  finish: 'base-clear',
  stack: [
    ['epoxy-2k', 30],
    ['urethane-2k', 60],
  ],
  choice: { method: 'chem.fast-solvent' },
};
const FAIRING: Sample = {
  substrate: 'abs',
  thickness: 3,
  finish: 'base-clear',
  stack: [
    ['surfacer-2k', 15],
    ['urethane-2k', 60],
  ],
};
const RIM: Sample = {
  substrate: 'mild-steel-section',
  thickness: 5,
  area: 1.5,
  item: { kind: 'machine', year: 2005 },
  finish: 'machine-enamel',
  place: { humidity: 85, temperature: 16 },
  condition: { rustGrade: 'C', pitted: true },
  stack: [['alkyd-enamel', 80, 'flaking']],
  choice: { method: 'blast.garnet' },
};
const CHAIRS: Sample = {
  substrate: 'pp-epdm',
  thickness: 4,
  area: 8,
  item: { kind: 'other' },
  finish: 'aerosol-1k',
  stack: [],
  target: { kind: 'keep' },
  condition: { contamination: ['silicone'] },
};
const WHEEL: Sample = {
  substrate: 'aluminium-cast',
  thickness: 8,
  finish: 'base-clear',
  features: ['tyre', 'bearing-seats'],
  stack: [['powder-polyester', 80]],
};
const YACHT: Sample = {
  substrate: 'grp-gelcoat',
  thickness: 12,
  area: 30,
  item: { kind: 'boat', year: 1995, service: 'immersed-salt' },
  finish: 'antifouling',
  stack: [['antifoul-hard', 200]],
};
const SKIN: Sample = {
  substrate: 'aluminium-clad',
  thickness: 0.8,
  area: 10,
  item: { kind: 'aircraft', year: 1978 },
  finish: 'aviation-topcoat',
  stack: [
    ['epoxy-2k', 25],
    ['urethane-2k', 60],
  ],
};

/** Items of several trades; what practitioners of either school would accept, and the trap of each. Common practice, no source. */
describe.each(Object.entries({ TANK, FAIRING, RIM, CHAIRS, WHEEL, YACHT, SKIN }))('%s', (_, sample) => {
  const planned = plan(sample);

  test('the chain ends in a hold point before primer', () => {
    const first = planned.job.operations.findIndex(({ kind }) => kind === 'coat');
    const last = planned.job.operations.slice(0, first).findLast(({ kind }) => kind !== 'dry');
    expect(last).toMatchObject({ kind: 'test', hold: { accept: expect.any(String) } });
  });

  test('each coat stands on the run sheet with its window', () => {
    const coats = planned.zone.build?.coats ?? [];
    for (const coat of coats) {
      const steps = planned.job.operations.filter(({ title }) => title === coat.name || title.startsWith(`${coat.name}, coat`));
      expect([coat.name, steps.length]).toEqual([coat.name, coat.coats]);
      // Nothing comes over the last.
      if (coat === coats.at(-1)) expect(steps.at(-1)?.hold).toBeNull();
      else expect(steps.at(-1)?.hold?.accept).toMatch(/^Next product/);
    }
  });

  test('each closing window says what to do when it is missed, and none closes before it opens', () => {
    const all = windows(planned);
    expect(all.length).toBeGreaterThan(2);
    for (const { from, until, missed, what } of all) {
      if (until === null) continue;
      expect(until).toBeGreaterThan(from);
      expect([what, missed]).toEqual([what, expect.any(String)]);
    }
  });

  test('one primer is chosen and every other one is possible or refused by name', () => {
    const options = planned.zone.build?.primers ?? [];
    expect(options.filter(({ verdict }) => verdict === 'chosen')).toHaveLength(1);
    for (const { verdict, findings } of options)
      if (verdict === 'ruled-out') expect(findings.some(({ severity, reason }) => severity === 'rule-out' && reason.length > 20)).toBe(true);
  });
});

test('a fuel tank is purged before anything else, and its stripper rinsed and dried at once', () => {
  const tank = plan(TANK);
  expect(asked(tank)).toContain('tank-purge');
  expect(chain(tank)).toMatch(
    /^Check the kit > Find out what the tank held; drain, purge and plug it > .*Rinse stripper off > Take the strip covers off > Dry at once/,
  );
  expect(coats(tank)).toEqual(['epoxy-2k', 'surfacer-2k', 'basecoat', 'clear-2k']);
});

test('a hole found in the tank stops the job; a dent in it does not', () => {
  const find = Find.parse({ id: 'f', kind: 'hole', where: 'seam', area: null, depth: null, loaded: false });
  const stops = (kind: Find['kind']): string[] =>
    plan(TANK, [{ ...find, kind }])
      .zone.findings.filter(({ severity }) => severity === 'stop')
      .map(({ code }) => code);
  expect(stops('hole')).toContain('find-licensed');
  expect(stops('dent')).not.toContain('find-licensed');
});

test('a fairing takes the primer for plastics, no etch and no zinc', () => {
  const fairing = plan(FAIRING);
  expect(coats(fairing)[0]).toBe('plastic-primer');
  expect(refusal(fairing, 'etch-2k')).toContain('primer-ground');
  expect(refusal(fairing, 'zinc-rich')).toContain('zinc-needs-blast');
  expect(chain(fairing)).toMatch(/^Check the kit > Wash with detergent/);
});

test('a blasted rim on a humid day has its primer on within the hour; on a dry day later', () => {
  const humid = plan(RIM).zone.bare.primeWithin ?? Infinity;
  expect(humid).toBeLessThanOrEqual(60);
  expect(plan({ ...RIM, place: { humidity: 40, temperature: 20 } }).zone.bare.primeWithin).toBeGreaterThan(humid);
  expect(told(plan(RIM), /^Two-pack epoxy primer/)).toMatch(/by 30 min at the latest; later: Flash rust: 85 % humidity/);
});

test('pits that leak in a blasted rim are blasted once more, never with acid on bright steel; corrosion through two thirds is not for the shop', () => {
  const pits = Find.parse({ id: 'f', kind: 'pits', where: 'valve hole', area: null, depth: null, loaded: false });
  expect(plan(RIM, [pits]).job.operations.map(({ title }) => title)).toContain('Blast the place once more, dry, valve hole');
  const marked = plan(RIM, [{ ...pits, spot: { on: null, x: 0.2, y: 0.4 } }]).job.operations.find(({ title }) =>
    title.startsWith('Blast the place once more'),
  );
  expect(marked?.title).toMatch(/valve hole, mark 1 on the map$/);
  const stopped = plan(RIM, [{ ...pits, kind: 'corrosion', loaded: true }]);
  expect(stopped.zone.repairs[0]?.stop).toMatch(/carries load/);
});

test('chairs of an olefin with trim dressing are washed twice, promoted, and promoted in pieces', () => {
  const chairs = plan(CHAIRS);
  expect(chain(chairs)).toMatch(/^Check the kit > Soak and brush with detergent, twice > Dry > Alcohol wipe before the key > Key/);
  expect(coats(chairs)[0]).toBe('adhesion-promoter');
  const promoter = chairs.zone.build?.coats[0];
  const piece = promoter ? areaWithinWindow(chairs.facts.area, promoter) : null;
  expect(piece).toBeGreaterThan(0);
  expect(piece).toBeLessThan(8);
  const first = chairs.job.operations.find(({ title }) => title.startsWith('Adhesion promoter'));
  expect(first?.detail).toMatch(/In pieces of [\d.]+ m² at most/);
  expect(chairs.zone.findings.filter(({ severity }) => severity === 'question' || severity === 'stop')).toEqual([]);
});

test('a two-colour wheel is taped over no sooner than two-pack colour stands it', () => {
  const tape = windows(plan(WHEEL)).filter(({ what }) => what === 'tape');
  expect(tape.length).toBeGreaterThan(0);
  const cold = windows(plan({ ...WHEEL, place: { temperature: 10 } })).filter(({ what }) => what === 'tape');
  for (const [i, { from }] of tape.entries()) expect(cold[i]?.from).toBeGreaterThan(from);
  expect(asked(plan(WHEEL))).toContain('precision-mask');
});

test('the two colours of the wheel stand on the run sheet with tape between them and the peel after them', () => {
  const wheel = plan({
    ...WHEEL,
    design: {
      kind: 'two-colour',
      colours: [
        { name: 'graphite', coat: 'solid-2k', dark: true, product: null, tape: null },
        { name: 'silver', coat: 'basecoat', dark: false, product: null, tape: null },
      ],
      share: percent(40),
      line: null,
    },
  });
  const at = (title: string) => wheel.job.operations.findIndex((step) => step.title.startsWith(title));
  const order = [
    'Basecoat colour, silver, coat 1',
    'Tape the line',
    'Two-pack solid colour, graphite, coat 1',
    'Pull the line tape',
    'Two-pack clear',
  ].map(at);
  expect(order.every((i) => i > 0)).toBe(true);
  expect(order).toEqual([...order].sort((a, b) => a - b));
  expect(told(wheel, /^Pull the line tape/)).toMatch(/^from .* after “Two-pack solid colour, graphite.*, by .* at the latest/);
  expect(wheel.job.kit.map(({ name }) => name)).toEqual(
    expect.arrayContaining(['Basecoat colour, silver', 'Two-pack solid colour, graphite', 'Fine-line tape']),
  );
});

test('a yacht bottom is contained, taken to the barrier and launched inside its window', () => {
  const yacht = plan(YACHT);
  expect(asked(yacht)).toContain('antifoul-contained');
  expect(coats(yacht)).toEqual(['barrier-epoxy', 'antifouling']);
  expect(refusal(yacht, 'epoxy-2k')).toContain('immersed-barrier');
  expect(windows(yacht).map(({ what }) => what)).toContain('immerse');
  expect(told(yacht, /^Launch/)).toMatch(/after “Ablative antifouling/);
});

test('an aircraft skin keeps to its system, with a licensed person, and no steel', () => {
  const skin = plan(SKIN);
  expect(asked(skin)).toContain('aero-licensed');
  expect(coats(skin)).toEqual(['aviation-epoxy', 'aviation-topcoat']);
  expect(refusal(skin, 'epoxy-2k')).toContain('aero-system');
  expect(CATALOGUE.methods[skin.zone.chosen?.method ?? '']?.traits).not.toContain('steel-tool');
});

test('every window of a build stands on its run sheet: sanded, put together and loaded no sooner than it may', () => {
  const tank = plan(TANK);
  expect(told(tank, /^Sand the surfacer/)).toMatch(/^from .* after “Two-pack surfacer, coat 2 of 2”/);
  expect(told(tank, /^Reassemble/)).toMatch(/^from .* after “Two-pack clear/);
  expect(tank.job.operations.find(({ kind }) => kind === 'cure')?.detail).toMatch(/Handle after .*, load after/);
});

test('two colours of one product are sanded for once, and the tape round them is pulled after the second only', () => {
  const two = plan({
    ...TANK,
    finish: 'solid-2k',
    design: {
      kind: 'two-colour',
      colours: [
        { name: 'sand', coat: 'solid-2k', dark: false, product: null, tape: null },
        { name: 'moss', coat: 'solid-2k', dark: false, product: null, tape: null },
      ],
      share: percent(30),
      line: null,
    },
  });
  const { operations } = two.job;
  expect(operations.filter(({ title }) => title.startsWith('Sand the surfacer'))).toHaveLength(1);
  expect(operations.filter(({ kind }) => kind === 'pull-tape')).toHaveLength(1);
  expect(operations.findIndex(({ kind }) => kind === 'pull-tape')).toBeGreaterThan(operations.findLastIndex(({ title }) => title.includes('moss')));
});
