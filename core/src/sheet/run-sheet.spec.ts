import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import { planJob } from '../plan-job.ts';
import { choosePacks } from './kit-list.ts';

const plan = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
const titles = (sample: Sample) => plan(sample).steps.map(({ title }) => title);

describe('order of work', () => {
  test('stages follow each other and steps are numbered through', () => {
    const order = ['set-up', 'strip', 'bare', 'build', 'finish'];
    for (const job of DEMO_JOBS) {
      const { steps } = planJob(job, DEMO_SHOP, CATALOGUE);
      const ranks = steps.map(({ stage }) => order.indexOf(stage));
      expect(ranks).toEqual([...ranks].sort());
      expect(steps.map(({ number }) => number)).toEqual(steps.map((_, i) => i + 1));
    }
  });

  test('the kit is checked first and the work is written down last', () => {
    const all = titles({});
    expect([all[0], all.at(-1)]).toEqual(['Check the kit', 'Write it down']);
  });

  test('a stripper gets its patch, a broken surface, its rounds with windows, a rinse and a dry-out', () => {
    const { steps } = plan({
      stack: [
        ['e-coat', 20],
        ['clear-2k', 40],
      ],
      choice: { method: 'chem.fast-solvent', reason: '' },
    });
    const names = steps.map(({ title }) => title);
    const at = (title: string) => names.findIndex((name) => name.startsWith(title));
    const path = [
      'Test patch',
      'Break the closed surface',
      'Fast solvent gel, round 1',
      'Rinse stripper off',
      'Dry at once',
      'Key P80',
      'Two-pack epoxy primer',
    ].map(at);
    expect(path.every((i) => i >= 0)).toBe(true);
    expect(path).toEqual([...path].sort((a, b) => a - b));
    const round = steps[at('Fast solvent gel, round 1')];
    expect(round?.notBefore).toMatch(/^first check at/);
    expect(round?.notAfter).toMatch(/dries at 25 min/);
    expect(round?.protection.join()).toContain('gauntlets');
  });

  test('primer on bare steel names the flash-rust limit and why', () => {
    const primer = plan({ place: { humidity: 70 } }).steps.find(({ title }) => title.startsWith('Two-pack epoxy primer, coat 1'));
    expect(primer?.notAfter).toContain('within 8 h of bare and dry');
    expect(primer?.notAfter).toContain('70 % humidity');
  });

  test('promoter is laid on last before colour, with its ten minutes', () => {
    const job: Job = {
      ...sampleJob({}),
      parts: [
        ...sampleJob({}).parts,
        ...sampleJob({ substrate: 'pp-epdm', thickness: 3 }).parts.map((part) => ({
          ...part,
          id: 'pp',
          zones: part.zones.map((zone) => ({ ...zone, id: 'ppz' })),
        })),
      ],
    };
    const { steps } = planJob(job, sampleShop(), CATALOGUE);
    const build = steps.filter(({ stage }) => stage === 'build').map(({ title }) => title);
    const promoter = build.findIndex((title) => title.startsWith('Adhesion promoter'));
    expect(build[promoter + 3]).toMatch(/^Two-pack solid colour, coat 1/);
    expect(build.findIndex((title) => title.startsWith('Two-pack surfacer'))).toBeLessThan(promoter);
    expect(steps.find(({ title }) => title === 'Adhesion promoter for olefins, coat 3 of 3')?.hold).toContain('between 3 min and 10 min');
  });

  test('a wheel laid on a rack takes each coat in two sessions, hung in one', () => {
    const wheel = (held: 'laid' | 'hung'): Job => {
      const job = sampleJob({ substrate: 'aluminium-cast', thickness: 8 });
      const rim = { kind: 'rim', diameter: 0.43, width: 0.19, well: 0.02, hub: 0.07, count: 1 } as Job['parts'][number]['zones'][number]['shape'];
      return { ...job, parts: job.parts.map((part) => ({ ...part, held, zones: part.zones.map((zone) => ({ ...zone, shape: rim })) })) };
    };
    const waits = (held: 'laid' | 'hung') =>
      planJob(wheel(held), sampleShop(), CATALOGUE)
        .steps.filter(({ stage }) => stage === 'build')
        .reduce((sum, { wait }) => sum + wait, 0);
    expect(waits('laid')).toBeGreaterThan(waits('hung'));
  });

  test('a part that keeps its paint has no strip step but is washed and keyed', () => {
    const { steps } = plan({ target: { kind: 'keep' }, condition: { crosscut: 0 } });
    expect(steps.some(({ stage }) => stage === 'strip')).toBe(false);
    expect(steps.map(({ title }) => title)).toContain('Key what stays, P320');
  });

  test('leaded work collects its residue and hands it over', () => {
    const { steps } = plan({ condition: { lead: 'suspected' } });
    expect(steps.map(({ title }) => title)).toContain('Collect every scrap of leaded residue');
    expect(steps.find(({ title }) => title === 'Clear up and hand over waste')?.cautions[0]).toContain('hazardous-waste collector');
  });
});

describe('rust', () => {
  const bare = (sample: Sample) => plan(sample).zones[0]?.bare;
  const used = (sample: Sample) =>
    bare(sample)
      ?.treatments.filter(({ chosen }) => chosen)
      .map(({ id }) => id);
  const section: Sample = { substrate: 'mild-steel-section', thickness: 4, choice: { method: 'chem.fast-solvent', reason: '' } };

  test('treatment by grade, reach and metal; every other one says why not', () => {
    expect(used({ ...section, condition: { rustGrade: 'A' } })).toEqual(['phosphoric-etch']);
    expect(used({ ...section, condition: { rustGrade: 'C' } })).toEqual(['mechanical', 'phosphoric-etch']);
    expect(used({ ...section, access: 'inside', condition: { rustGrade: 'B' } })).toEqual(['tannic-converter']);
    expect(used({ ...section, condition: { rustGrade: 'C', perforated: true } })).toContain('cut-out-and-weld');
    expect(used({ substrate: 'high-strength-steel', thickness: 6, area: 0.1, condition: { rustGrade: 'B' } })).toContain('chelating-bath');
    expect(bare({ ...section, condition: { rustGrade: 'A' } })?.treatments.every(({ reason }) => reason.length > 10)).toBe(true);
  });

  test('hard blast leaves nothing to treat on metal without pits, and halves the time to primer', () => {
    const blasted: Sample = { ...section, choice: { method: 'blast.garnet', reason: '' }, condition: { rustGrade: 'C' } };
    expect(used(blasted)).toEqual([]);
    expect(bare(blasted)?.primeWithin).toBe((bare({ ...section, condition: { rustGrade: 'C' } })?.primeWithin ?? 0) / 2);
  });

  test('nothing rusts on plastic or kept paint', () => {
    expect(bare({ substrate: 'abs' })?.treatments).toEqual([]);
    expect(bare({ target: { kind: 'keep' }, condition: { rustGrade: 'B' } })?.treatments).toEqual([]);
  });
});

describe('kit and totals', () => {
  test.each([
    [0.3, [1, 5], { size: 1, count: 1 }],
    [4.2, [1, 5], { size: 5, count: 1 }],
    [6, [1, 5], { size: 1, count: 6 }],
    [0.4, [0.4], { size: 0.4, count: 1 }],
    [0.41, [0.4], { size: 0.4, count: 2 }],
  ])('%d from packs of %p', (quantity, packs, bought) => expect(choosePacks(quantity, packs)).toEqual(bought));

  test('packs always cover the need', () => {
    for (const job of DEMO_JOBS)
      for (const line of planJob(job, DEMO_SHOP, CATALOGUE).kit) {
        const [, count, size] = /^(\d+) × ([\d.]+)/.exec(line.buy) ?? [];
        if (count && size && line.need !== null) expect(Number(count) * Number(size)).toBeGreaterThanOrEqual(line.need - 1e-9);
      }
  });

  test('zones sent out share one trip to the blaster', () => {
    const send: Sample = { substrate: 'mild-steel-section', thickness: 4, choice: { method: 'blast.garnet', reason: '' } };
    const one = sampleJob(send);
    const part = one.parts[0] as Job['parts'][number];
    const two: Job = { ...one, parts: [part, { ...part, id: 'p2', zones: part.zones.map((zone) => ({ ...zone, id: 'z2' })) }] };
    expect(planJob(one, sampleShop(), CATALOGUE).totals.outside).toBe(145);
    expect(planJob(two, sampleShop(), CATALOGUE).totals.outside).toBe(145);
  });

  test('cost is material, contractor and wages, and hands are those of the steps', () => {
    const { totals, steps } = plan({});
    expect(totals.cost).toBeCloseTo(totals.material + totals.outside + totals.wages, 9);
    expect(totals.hand).toBeCloseTo(
      steps.reduce((sum, { hand }) => sum + hand, 0),
      9,
    );
  });
});
