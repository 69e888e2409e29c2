import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { RunStep } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';

const strip = (sample: Sample): RunStep[] => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).steps.filter(({ stage }) => stage === 'strip');
const chosen = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).zones[0]?.chosen;
const CHEM: Sample = { choice: { method: 'chem.fast-solvent' }, stack: [['urethane-2k', 120]], area: 2 };

describe('stripper on the run sheet', () => {
  test('station, surface broken, one step a round, specks at the end', () => {
    const titles = strip(CHEM).map(({ title }) => title);
    const rounds = chosen(CHEM)?.strip?.rounds.length ?? 0;
    expect(titles[0]).toBe('Stripper station and masking');
    expect(titles[1]).toBe('Break the closed surface first');
    expect(titles.filter((title) => / round \d+ of /.test(title))).toHaveLength(rounds);
    expect(titles.at(-1)).toMatch(/^What is left: /);
  });

  test('each round waits as long as it is likely to take, with first check and the time by which it must be off', () => {
    const rounds = strip(CHEM).filter(({ title }) => title.includes('round'));
    for (const [i, { wait, notBefore, notAfter }] of rounds.entries()) {
      expect(wait).toBeCloseTo(chosen(CHEM)?.strip?.rounds[i]?.dwell.likely ?? Number.NaN, 9);
      expect(notBefore).toMatch(/^first check at /);
      expect(notAfter).toMatch(/dries at /);
    }
  });

  test('hands of the steps are hands of the way', () => {
    for (const sample of [
      CHEM,
      { choice: { method: 'mech.da' } } as Sample,
      { substrate: 'mild-steel-section', thickness: 4, choice: { method: 'blast.garnet' } } as Sample,
    ])
      expect(strip(sample).reduce((sum, { hand }) => sum + hand, 0)).toBeCloseTo(chosen(sample)?.hand ?? Number.NaN, 9);
  });

  test('a stripper chosen against the rules that stops at a layer: rounds above it, then the quickest hand method for the rest', () => {
    const sample: Sample = {
      choice: { method: 'chem.fast-solvent', reason: 'only the top has to go today' },
      stack: [
        ['powder-polyester', 80],
        ['alkyd-enamel', 40],
      ],
    };
    const titles = strip(sample).map(({ title }) => title);
    expect(titles.some((title) => / round 1 of /.test(title))).toBe(true);
    expect(titles.at(-1)).toMatch(/^The layers below: /);
    expect(strip(sample).reduce((sum, { hand }) => sum + hand, 0)).toBeCloseTo(chosen(sample)?.hand ?? Number.NaN, 9);
    expect(chosen(sample)?.strip?.reach).toBe(1);
  });

  test('between rounds as the shop has it', () => {
    const detail = (S5: 'by-chemistry' | 'straight-on') =>
      strip({ ...CHEM, shop: { schools: { S5 } } }).find(({ title }) => title.includes('round 1 of'))?.detail;
    expect(detail('by-chemistry')).toContain('rinse, dry and start afresh');
    expect(detail('straight-on')).toContain('go again straight away');
  });

  test('sections are written where the whole zone would dry first', () => {
    const detail = (area: number) => strip({ ...CHEM, area }).find(({ title }) => title.includes('round 1 of'))?.detail;
    expect(detail(20)).toMatch(/in \d+ sections of about \d+\.\d\d m²/);
    expect(detail(0.05)).not.toContain('sections');
  });

  test('specks may stay on castings only, unless the shop leaves none', () => {
    const hold = (sample: Sample) => strip({ ...CHEM, ...sample }).find(({ hold: point }) => point !== null && !point.startsWith('Count'))?.hold;
    expect(hold({ substrate: 'cast-iron', thickness: 9, choice: { method: 'chem.slow-gel' } })).toContain(
      'specks below the casting texture may stay',
    );
    expect(hold({ substrate: 'cast-iron', thickness: 9, choice: { method: 'chem.slow-gel' }, shop: { schools: { C4: 'no-speck' } } })).toContain(
      'No colour left',
    );
  });
});

describe('a delivery on the run sheet', () => {
  const sent: Sample = { substrate: 'mild-steel-section', thickness: 4, choice: { method: 'blast.garnet' } };

  test('stands before the work at the contractor, with its days, and is signed for', () => {
    const [delivery, work] = strip(sent);
    expect(delivery).toMatchObject({ title: 'Delivery to Blasting contractor', wait: 4 * 1440, where: ['Part: Zone'] });
    expect(delivery?.hold).toContain('signed for');
    expect(work?.title).toBe('At the contractor: garnet blast');
    expect(work?.wait).toBe(0);
  });

  test('nobody of the shop needs protection for it; in its own pot somebody does', () => {
    expect(strip(sent)[1]?.protection).toEqual([]);
    const own = strip({ ...sent, shop: { equipment: ['blast-pot'], contractors: [] } });
    expect(own.at(-1)?.protection.join()).toContain('supplied-air');
  });

  test('a way against the rules carries them as cautions', () => {
    const steps = strip({ substrate: 'carbon-epoxy', choice: { method: 'chem.slow-gel', reason: 'scrap piece' } });
    expect(steps.flatMap(({ cautions }) => cautions).some((caution) => caution.startsWith('Against the rules.'))).toBe(true);
  });
});
