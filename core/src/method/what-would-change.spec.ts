import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { planJob } from '../plan-job.ts';
import { singleOpenings, whatWouldOpen } from './what-would-change.ts';

const changes = (method: string, sample: Sample = {}): string[][] =>
  whatWouldOpen(sampleFacts(sample), method, CATALOGUE).map((opening) => [...opening.changes]);

describe('what would open a method', () => {
  test('a laboratory result opens dry sanding on suspected lead', () => {
    expect(changes('mech.da', { condition: { lead: 'suspected' } })).toEqual([['a laboratory result that finds no lead']]);
  });
  test('nothing but the material would let stripper onto carbon', () => {
    expect(changes('chem.fast-solvent', { substrate: 'carbon-epoxy', stack: [['clear-2k', 40]] })).toEqual([]);
  });
  test('a method that is open needs nothing', () => {
    expect(changes('mech.da')).toEqual([]);
  });
  test('cracked paint can be kept only when it is sound and the target says so', () => {
    expect(changes('keep.key', { stack: [['alkyd-enamel', 40, 'cracked']], finish: 'machine-enamel' })).toEqual([
      ['layers that are all sound, with a crosscut of class 0 or 1', 'the target set to keep and key'],
    ]);
  });
  test('two refusals need two changes', () => {
    const sample: Sample = { condition: { lead: 'suspected' }, shop: { avoid: ['mech.da'] } };
    expect(changes('mech.da', sample)).toEqual([
      ['a laboratory result that finds no lead', "the method taken off the shop's list of those it avoids"],
    ]);
  });
  test.each<[string, Sample, string]>([
    ['chem.dcm', {}, 'lawful use of methylene chloride and supplied air declared in the shop'],
    ['keep.key', { finish: 'machine-enamel' }, 'the target set to keep and key'],
    [
      'blast.soda',
      { substrate: 'aluminium-sheet', thickness: 2, shop: { schools: { L2: 'never' } } },
      'school “Blasting aluminium” set to “Soft media, trained hand”',
    ],
    ['chem.caustic-spray', { substrate: 'cast-iron', thickness: 9, touching: ['aluminium-cast'] }, 'the joined aluminium cast taken off'],
    ['mech.grinder-flap', { substrate: 'mild-steel-section', thickness: 5, features: ['fuel-tank'] }, 'no fuel tank on the part'],
    ['heat.flame', { substrate: 'mild-steel-section', thickness: 5, place: { extraction: false } }, 'forced ventilation'],
    ['chem.caustic-bath', { substrate: 'cast-iron', thickness: 9 }, 'the outside size of the part entered, if it fits the tub'],
    [
      'mech.scraper',
      {
        target: { kind: 'down-to', layer: 'layer1' },
        stack: [
          ['e-coat', 20],
          ['alkyd-enamel', 40],
        ],
      },
      'paint that is flaking everywhere',
    ],
  ])('%s', (method, sample, change) => {
    expect(changes(method, sample)).toContainEqual([change]);
  });
});

describe('no method left', () => {
  const stuck: Sample = { access: 'inside', shop: { avoid: ['keep.wax'] } };
  const stop = planJob(sampleJob(stuck), sampleShop(stuck), CATALOGUE).findings.find(({ code }) => code === 'no-method');

  test('says which rules block', () => {
    expect(stop?.severity).toBe('stop');
    expect(stop?.reason).toContain('Does not reach');
    expect(stop?.reason).toContain('Nobody scrapes inside a hollow');
  });
  test('and which single change opens which method', () => {
    expect(stop?.change).toMatch(/list of those it avoids \(.*flush, dry and wax.*\)/);
  });
});

describe('single changes of a zone without a method', () => {
  const zones: readonly (readonly [string, Sample])[] = [
    ['leaded liner inside', { condition: { lead: 'suspected' }, access: 'inside', stack: [['liner-polyurethane', 500]] }],
    ['carbon', { substrate: 'carbon-epoxy', stack: [['clear-2k', 40]] }],
    ['fuel tank', { substrate: 'mild-steel-section', thickness: 5, features: ['fuel-tank'] }],
    ['a shop that avoids everything', { shop: { avoid: Object.values(CATALOGUE.methods).map(({ id }) => id) } }],
  ];
  test.each(zones)('%s: they agree with what is told of each method alone', (_, sample) => {
    const zone = sampleFacts(sample);
    const together = singleOpenings(zone, CATALOGUE);
    for (const { ref, name } of Object.values(CATALOGUE.methods)) {
      const alone = whatWouldOpen(zone, ref, CATALOGUE).filter(({ changes: tried }) => tried.length === 1);
      if (alone.length === 0) continue;
      const named = [...together].flatMap(([says, names]) => (names.includes(name) ? [says] : []));
      expect(named).toEqual(alone.flatMap(({ changes: tried }) => tried));
    }
  });
  test('a change that opens nothing is not told', () => {
    for (const [, sample] of zones)
      expect([...singleOpenings(sampleFacts(sample), CATALOGUE).values()].every((names) => names.length > 0)).toBe(true);
  });
});
