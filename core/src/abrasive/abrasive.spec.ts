import fc from 'fast-check';
import { GRITS, grainOf, gritNumber } from '../catalogue/grits.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { planJob } from '../plan-job.ts';
import type { GritId, MethodId } from '../model/ids.ts';
import { planZone } from '../method/plan-zone.ts';
import { discCheck, rimSpeed, tooFast } from './disc-speed.ts';
import { gritLadder, MOST_FINER, nearestInStock } from './grit-ladder.ts';
import { buries, scratchDepth } from './scratch.ts';
import { secondsToHeat } from './spot-heat.ts';

const plan = (sample: Sample) => planZone(sampleFacts(sample), CATALOGUE);
const by = (method: MethodId): Pick<Sample, 'choice'> => ({ choice: { method, reason: 'asked' } });
const grits = (sample: Sample) => plan(sample).abrade?.steps.map(({ grit }) => grit);

test('grains of P80, P320 and P1000 (ISO 6344 / FEPA 43-1, from memory)', () => {
  expect([grainOf('P80'), grainOf('P320'), grainOf('P1000')]).toEqual([201, 46.2, 18.3]);
  expect(GRITS.map(grainOf)).toEqual([...GRITS.map(grainOf)].sort((a, b) => b - a));
});

describe('grit ladder', () => {
  const rungs = (from: GritId, to: GritId, stock: readonly GritId[] = GRITS) => gritLadder(from, to, stock).rungs.map(({ grit }) => grit);

  /** Common practice, no source. */
  test.each([
    ['rusty steel wheel', 'P60', 'P220', ['P60', 'P120', 'P220']],
    ['body filler, tops off', 'P40', 'P80', ['P40', 'P80']],
    ['alloy wheel key', 'P100', 'P100', ['P100']],
    ['hull, wet', 'P60', 'P80', ['P60', 'P80']],
  ] as const)('%s', (_, from, to, ladder) => expect(rungs(from, to)).toEqual(ladder));

  test('no rung is more than 2.2 times finer while all papers are in stock', () => {
    fc.assert(
      fc.property(fc.nat(GRITS.length - 1), fc.nat(GRITS.length - 1), (a, b) => {
        const [from, to] = [GRITS[Math.min(a, b)] as GritId, GRITS[Math.max(a, b)] as GritId];
        const ladder = gritLadder(from, to, GRITS).rungs;
        return ladder[0]?.grit === from && ladder.at(-1)?.grit === to && ladder.every(({ ratio }) => ratio === null || ratio <= MOST_FINER + 1e-9);
      }),
    );
  });

  test('with gaps in the stock it still gets there, in papers that are there, and says what it skips', () => {
    const { rungs: ladder, skipped } = gritLadder('P40', 'P240', ['P40', 'P120', 'P240']);
    expect(ladder.map(({ grit }) => grit)).toEqual(['P40', 'P120', 'P240']);
    expect(ladder[1]?.ratio).toBeCloseTo(3.4, 1);
    expect(skipped.find(({ grit }) => grit === 'P80')?.why).toContain('crossed more often');
    expect(gritLadder('P60', 'P220', GRITS).skipped.find(({ grit }) => grit === 'P80')?.why).toContain('not needed');
  });

  test('the nearest paper in stock is nearest by grain', () => {
    expect(nearestInStock('P100', ['P40', 'P80', 'P240'])).toBe('P80');
  });
});

test('a scratch is a third of the grain and is buried by twice its depth (model assumption)', () => {
  expect(scratchDepth('P80')).toBeCloseTo(67, 0);
  expect([buries(134, 'P80'), buries(133, 'P80')]).toEqual([true, false]);
});

describe('disc', () => {
  test('115 mm at 11 000 a minute is 66.2 m/s (geometry)', () => expect(rimSpeed(115, 11_000)).toBeCloseTo(66.2, 1));

  test('is refused above the speed it is made for', () => {
    const check = (diameter: number, speed: number) => discCheck({ id: 'mech.grinder-flap' }, { diameter, speed });
    expect(tooFast(check(115, 11_000) as never)).toBe(false);
    expect(tooFast(check(180, 11_000) as never)).toBe(true);
    expect(discCheck({ id: 'mech.da' }, { diameter: 300, speed: 11_000 })).toBeNull();
    const { findings } = plan({ ...by('mech.nonwoven-disc'), shop: { grinder: { diameter: 180, speed: 11_000 } } });
    expect(findings.find(({ code }) => code === 'disc-overspeed')).toMatchObject({ severity: 'stop', reason: expect.stringContaining('104 m/s') });
  });
});

test('thin and warm sheet heats sooner; a hand tool heats nothing', () => {
  const seconds = (thickness: number, ambient: number) =>
    secondsToHeat('mech.nonwoven-disc', CATALOGUE.substrates['mild-steel-sheet'], thickness, ambient) ?? 0;
  expect(seconds(0.8, 20)).toBeLessThan(seconds(3, 20));
  expect(seconds(0.8, 30)).toBeLessThan(seconds(0.8, 10));
  expect(secondsToHeat('mech.hand-dry', CATALOGUE.substrates['mild-steel-sheet'], 1, 20)).toBeNull();
});

describe('sanding of a zone', () => {
  test('starts with the paper that takes the coating off and ends in the key of the first coat', () => {
    const abrade = plan(by('mech.grinder-flap')).abrade;
    expect(abrade?.steps[0]).toMatchObject({ grit: 'P40', why: 'takes the coating off; its scratch is like P40' });
    const last = abrade?.steps.at(-1);
    expect(gritNumber(last?.grit ?? 'P12')).toBeGreaterThanOrEqual(abrade?.key[0] ?? Infinity);
    expect(gritNumber(last?.grit ?? 'P12')).toBeLessThanOrEqual(abrade?.key[1] ?? 0);
    expect(abrade?.burial?.buried).toBe(true);
  });

  test('the coat that follows decides the key: thin film, fine paper', () => {
    const thick = plan({ ...by('chem.benzyl-neutral'), finish: 'solid-2k' }).abrade;
    const thin = plan({ substrate: 'abs', stack: [['lacquer-1k', 40]], finish: 'aerosol-1k', thickness: 3 }).abrade;
    expect(gritNumber(thin?.steps.at(-1)?.grit ?? 'P12')).toBeGreaterThan(gritNumber(thick?.steps.at(-1)?.grit ?? 'P2500'));
  });

  test.each<[string, Sample, readonly [number, number]]>([
    ['steel', {}, [80, 180]],
    ['aluminium', { substrate: 'aluminium-sheet', thickness: 1.5 }, [180, 320]],
    ['olefin', { substrate: 'pp-epdm', thickness: 3, finish: 'base-clear' }, [400, 600]],
  ])('key of the first coat on %s (common practice, no source)', (_, sample, [coarse, fine]) => {
    const key = plan(sample).abrade?.key ?? [0, 0];
    expect(key[0]).toBeGreaterThanOrEqual(coarse);
    expect(key[1]).toBeLessThanOrEqual(Math.max(fine, key[0]));
  });

  test('lead and biocide are sanded wet by hand, whatever the shop owns', () => {
    const leaded = plan({ condition: { lead: 'suspected' }, ...by('chem.benzyl-neutral') }).abrade;
    expect(leaded?.forcedWet).toContain('may hold lead');
    expect(leaded?.steps.every(({ wet }) => wet)).toBe(true);
    expect(plan(by('chem.benzyl-neutral')).abrade?.forcedWet).toBeNull();
  });

  test('nothing is sanded after a hard blast, and the key step follows the ladder else', () => {
    expect(plan({ substrate: 'mild-steel-section', thickness: 4, ...by('blast.garnet') }).abrade).toBeNull();
    const sample = by('mech.grinder-flap');
    const key = planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).operations.find(({ kind }) => kind === 'key');
    expect(key?.title).toContain(plan(sample).abrade?.steps.at(-1)?.grit ?? '-');
  });

  test('a bare finish is polished up through fine papers', () => {
    const { abrade } = plan({ substrate: 'aluminium-cast', thickness: 6, finish: 'bare-polish', ...by('chem.benzyl-neutral') });
    expect(abrade?.polish.map(({ title }) => title)).toContain('Cut with a wool pad');
    expect(gritNumber(abrade?.steps.at(-1)?.grit ?? 'P12')).toBeGreaterThanOrEqual(1000);
  });

  test('only papers in stock; a gap, a missing key and scratches that show are said', () => {
    const codes = (papers: GritId[]) => plan({ ...by('mech.da'), shop: { papers } }).findings.map(({ code }) => code);
    expect(codes(['P24', 'P400'])).toEqual(expect.arrayContaining(['key-out-of-range', 'scratch-shows']));
    expect(codes(['P60', 'P180'])).toContain('ladder-gap');
    const minutes = (papers: GritId[]) => plan({ ...by('mech.da'), shop: { papers } }).chosen?.pieces[0]?.hand ?? 0;
    expect(minutes(['P120'])).toBeGreaterThan(minutes(['P80']));
    expect(grits({ ...by('mech.da'), shop: { papers: ['P80', 'P120'] } })?.every((grit) => ['P80', 'P120'].includes(grit))).toBe(true);
  });
});

describe('filler', () => {
  const fill = (filling: NonNullable<Sample['filling']>, temperature = 20) => plan({ filling, place: { temperature } }).filling;

  test('is weighed from area and depth, its hardener by mass', () => {
    const made = fill({ area: 0.1, depth: 2, hardener: 2 });
    expect(made?.mass).toBeCloseTo(0.1 * 2 * 1.8 * 1.3, 9);
    expect(made?.hardener).toBeCloseTo((made?.mass ?? 0) * 20, 9);
    expect(plan({}).filling).toBeNull();
  });

  test('pot life halves for every 10 K; warmer means more and smaller batches', () => {
    const [cool, warm] = [fill({ area: 0.6, depth: 3, hardener: 2 }, 20), fill({ area: 0.6, depth: 3, hardener: 2 }, 30)];
    expect((cool?.potLife ?? 0) / (warm?.potLife ?? 1)).toBeCloseTo(2, 9);
    expect(warm?.batch).toBeLessThan(cool?.batch ?? 0);
    expect(warm?.batches).toBeGreaterThan(cool?.batches ?? 0);
  });

  test('is laid in layers, knocked down coarse and not finished with the second paper', () => {
    const made = fill({ area: 0.05, depth: 7, hardener: 2 });
    expect(made?.layers).toBe(3);
    expect(made?.ladder.map(({ grit }) => grit).slice(0, 2)).toEqual(['P40', 'P80']);
    expect(made?.ladder.length).toBeGreaterThanOrEqual(2);
  });
});
