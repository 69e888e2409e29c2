import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import { LetGo } from '../model/job.ts';
import type { Operation, OperationKind } from '../model/operation.ts';
import type { Plan } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';

const plan = (sample: Sample): Plan => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
const all = ({ operations }: Plan, kind: OperationKind): Operation[] => operations.filter((operation) => operation.kind === kind);
const minutes = (given: Plan, kind: OperationKind): number => all(given, kind).reduce((sum, { hand }) => sum + hand, 0);

/** What one answer asks for, every later one keeps. Common practice, no source. */
describe('what was asked for binds all that follows', () => {
  test('a test patch is a tenth of the zone and a tenth of a square metre at most, and asks for the substrate', () => {
    const patch = (area: number) => all(plan({ area, choice: { method: 'chem.benzyl-neutral' } }), 'try-patch')[0];
    expect([0.2, 0.5, 1, 4].map((area) => patch(area)?.detail.split(' in a ', 1).join())).toEqual(['200 cm²', '500 cm²', '1000 cm²', '1000 cm²']);
    expect(patch(1)?.hold?.accept).toContain('unharmed');
  });

  test('from cans each coat takes 0.4 L for 1.25 m²; whole cans for all zones of the mix, no thinner', () => {
    const canned = (area: number) => plan({ area, finish: 'base-clear', laidWith: { 'clear-2k': 'aerosol' } });
    const clear = (given: Plan) => given.zones[0]?.build?.coats.find(({ base }) => base === 'clear-2k');
    for (const area of [0.5, 1.25, 3]) {
      const coat = clear(canned(area));
      expect(coat?.litres).toBeCloseTo((area * (coat?.coats ?? 0) * 0.4) / 1.25, 9);
      expect(coat?.cans).toBe(Math.ceil((area * (coat?.coats ?? 0)) / 1.25));
      expect(coat?.thinner).toBe(0);
    }
    expect(clear(plan({ finish: 'base-clear' }))?.cans).toBeNull();
  });

  test('crevices go to a tool that reaches them', () => {
    const helped = plan({ area: 2, creviceArea: 0.3, thickness: 3 }).zones.flatMap(({ options }) => options);
    const crevices = helped.flatMap(({ pieces }) => pieces.filter(({ place }) => place === 'crevices'));
    expect(crevices.length).toBeGreaterThan(0);
    for (const { method } of crevices) expect(CATALOGUE.methods[method]?.reach).toContain('crevice');
  });

  test('a stripper called weak on this coating never stands first', () => {
    const weak = ['gelcoat-safe-elsewhere', 'plastic-safe-elsewhere'];
    const zones: Sample[] = [
      { substrate: 'abs', thickness: 3, stack: [['basecoat', 20]] },
      { substrate: 'grp-gelcoat', thickness: 5, stack: [['antifoul-ablative', 100]] },
    ];
    for (const zone of zones) {
      const { options } = plan(zone).zones[0] ?? { options: [] };
      const open = options.filter(({ verdict }) => verdict !== 'ruled-out');
      const marked = open.map(({ findings }) => findings.some(({ code }) => weak.includes(code)));
      expect(marked).toEqual([...marked].sort((a, b) => Number(a) - Number(b)));
    }
  });

  /** Powder wants a disc or a blast; leaded enamel that was baked wants a gel, since wet sanding by hand takes ten times the hours. */
  test('on powder no stripper stands first; on leaded baked enamel the slow gel stands before wet sanding by hand', () => {
    const first = (zone: Sample) => plan(zone).zones[0]?.options[0]?.method;
    expect(first({ stack: [['powder-polyester', 80]] })).not.toMatch(/^chem/);
    expect(
      first({
        stack: [
          ['baked-enamel', 40],
          ['surfacer-2k', 60],
          ['alkyd-enamel', 45],
        ],
        condition: { lead: 'present' },
      }),
    ).toBe('chem.slow-gel');
  });

  test('a top opened because somebody wants it costs its hands, one left closed does not', () => {
    const broken = (value: boolean) => plan({ stack: [['clear-2k', 60]], choice: { method: 'chem.benzyl-neutral' }, lay: { broken: value } });
    // 10 m²/h over 1 m².
    expect(minutes(broken(true), 'break-top')).toBeCloseTo(6, 9);
    expect(all(broken(false), 'break-top')).toEqual([]);
  });

  test('a layer that stays stays: the blaster reads where to stop, and what lies bare is not looked for', () => {
    const given = plan({
      thickness: 3,
      stack: [
        ['e-coat', 20],
        ['alkyd-enamel', 60],
      ],
      target: { kind: 'down-to', layer: 'layer1' },
      choice: { method: 'blast.plastic', reason: 'asked for' },
    });
    const blasted = all(given, 'strip-blast')[0];
    expect(blasted?.detail).toContain('Wanted: down to factory dip primer, which stays whole');
    expect(blasted?.detail).not.toMatch(/free of paint/);
  });

  test('a part that stays in place goes to no contractor', () => {
    const held = (held: 'hung' | 'in-place') =>
      planJob(sampleJob({ held, thickness: 4 }), DEMO_SHOP, CATALOGUE).zones[0]?.options.flatMap(({ verdict, sentOut, name }) =>
        verdict !== 'ruled-out' && sentOut && !name.includes('on site') ? [name] : [],
      ) ?? [];
    expect(held('hung').length).toBeGreaterThan(0);
    expect(held('in-place')).toEqual([]);
  });
});

describe('why the old coat let go changes what is done', () => {
  test.each(LetGo.options)('%s is answered, as a caution where a layer is to stay', (letGo) => {
    const stays = {
      stack: [
        ['e-coat', 20],
        ['alkyd-enamel', 60],
      ],
      target: { kind: 'down-to', layer: 'layer1' },
    } satisfies Sample;
    const say = (sample: Sample) => plan(sample).findings.find(({ code }) => code === 'let-go');
    expect(say({ condition: { letGo } })).toMatchObject({ severity: 'prefer' });
    expect(say({ ...stays, condition: { letGo } })?.severity).toBe(letGo === 'missed-window' ? 'prefer' : 'caution');
    expect(say(stays)).toBeUndefined();
  });

  test('too fine a key is keyed coarser; what has soaked in is washed out for twice as long', () => {
    const kept: Sample = { stack: [['alkyd-enamel', 60]], target: { kind: 'keep' }, condition: { crosscut: 0 } };
    const grit = (sample: Sample) => Number(/P(\d+)/.exec(all(plan(sample), 'key')[0]?.title ?? '')?.[1]);
    expect(grit({ ...kept, condition: { crosscut: 0, letGo: 'over-fine-key' } })).toBeLessThan(grit(kept));
    const wash = (sample: Sample) => minutes(plan(sample), 'degrease');
    // 5 min to start, 4 and 8 min/m².
    expect([wash({ condition: { contamination: ['grease'] } }), wash({ condition: { letGo: 'soaked' } })]).toEqual([9, 13]);
  });
});

describe('what is put together', () => {
  const boat: Sample = {
    item: { kind: 'boat', service: 'immersed-salt' },
    substrate: 'grp-gelcoat',
    thickness: 6,
    area: 4,
    stack: [['antifoul-ablative', 100]],
    finish: 'antifouling',
  };
  test('a boat is launched last, once the film may be handled and inside its window', () => {
    const given = plan(boat);
    const launch = all(given, 'launch')[0];
    const last = given.operations.findLast(({ coat }) => coat);
    const immerse = launch?.lags.find(({ what }) => what === 'immerse');
    expect(immerse?.least).toBeGreaterThanOrEqual(last?.wait ?? Infinity);
    expect(immerse?.most ?? Infinity).toBeGreaterThan(immerse?.least ?? Infinity);
    expect(launch?.number).toBeGreaterThan(all(given, 'cure')[0]?.number ?? Infinity);
  });
  test('a heavy part that lies is turned only once the film bears it, never after the flash alone', () => {
    const ring: NonNullable<Sample['shape']> = { kind: 'ring', outer: 1.2, inner: 0.7, count: 1 } as never;
    const given = plan({ thickness: 20, substrate: 'mild-steel-section', shape: ring, held: 'laid', sides: 'both', features: ['heavy'] });
    const turn = all(given, 'turn')[0];
    const before = given.operations.findLast(({ coat, number }) => coat && number < (turn?.number ?? 0));
    expect(turn?.lags.find(({ what }) => what === 'turn')?.least).toBeGreaterThanOrEqual(before?.wait ?? Infinity);
    expect(turn?.lags.find(({ what }) => what === 'turn')?.least).toBeGreaterThan(60);
  });
});
