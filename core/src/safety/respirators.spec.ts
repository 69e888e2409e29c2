import * as fc from 'fast-check';
import { sampleJob, sampleShop } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { RESPIRATORS } from '../catalogue/respirators.ts';
import { Raised } from '../model/operation.ts';
import { RespiratorId, type Person } from '../model/person.ts';
import { planJob } from '../plan-job.ts';
import { breathingNeed, fitted, vapourFactor } from './respirators.ts';

const ALL = RespiratorId.options;
const person = (own: Partial<Person> = {}): Person => ({
  id: 'p',
  name: 'P',
  beard: false,
  masks: [...ALL],
  size: 'M',
  fitTested: '2026-06-01',
  trained: ['two-pack', 'blasting', 'welding', 'licensed'],
  hours: null,
  away: [],
  ...own,
});
const worn = (raises: readonly Raised[], own: Partial<Person> = {}, factor = 1, today: string | null = '2026-11-28') =>
  fitted(person(own), raises, { factor, today }).mask?.id ?? null;

/** Assigned protection factors: 29 CFR 1910.134 table 1, from memory. What holds what: common practice, no source. */
describe('the mask for a task', () => {
  test.each([
    ['half-p100', 10],
    ['full-vapour', 50],
    ['powered-hood', 25],
    ['supplied-full', 1000],
  ] as const)('%s protects %p times', (id, factor) => expect(RESPIRATORS[id].factor.value).toBe(factor));

  test.each<[readonly Raised[], RespiratorId | null]>([
    [[], null],
    [['splash'], null],
    [['clean-dust'], 'ffp2'],
    [['old-paint-dust'], 'ffp3'],
    [['old-paint-dust', 'toxic'], 'half-p100'],
    [['spray'], 'half-vapour'],
    [['toxic', 'spray'], 'half-vapour'],
    [['weld', 'zinc-fume'], 'powered-hood'],
    [['spray', 'isocyanate'], 'supplied-hood'],
    [['chlorinated'], 'supplied-hood'],
    [['blast', 'old-paint-dust'], 'blast-helmet'],
  ])('%j: %s', (raises, mask) => expect(worn(raises)).toBe(mask));

  test('thicker vapour asks for more than a half mask', () => {
    expect(worn(['spray'], {}, 10)).toBe('half-vapour');
    expect(worn(['spray'], {}, 11)).toBe('full-vapour');
    expect(worn(['spray'], {}, 51)).toBe('supplied-full');
    expect(worn(['spray'], {}, 1001)).toBeNull();
  });

  test('no tight mask over a beard, none untested, none tested over a year ago', () => {
    expect(worn(['spray'], { beard: true })).toBe('powered-hood');
    expect(worn(['spray'], { beard: true, masks: ['half-vapour', 'full-vapour'] })).toBeNull();
    expect(worn(['spray'], { fitTested: null })).toBe('powered-hood');
    expect(worn(['spray'], { fitTested: '2025-11-28' })).toBe('half-vapour');
    expect(worn(['spray'], { fitTested: '2025-11-27' })).toBe('powered-hood');
    expect(worn(['spray'], { fitTested: '2020-01-01' }, 1, null)).toBe('half-vapour');
  });

  test('each refusal says why', () => {
    const { refused, untrained } = fitted(person({ masks: ['ffp2', 'half-vapour', 'supplied-full'], beard: true, trained: [] }), ['isocyanate'], {
      factor: 1,
      today: null,
    });
    expect(refused.map(({ why }) => why)).toEqual([
      expect.stringContaining('dust only'),
      expect.stringContaining('cartridges do not hold'),
      expect.stringContaining('beard'),
    ]);
    expect(untrained).toEqual(['two-pack']);
  });

  test('one hazard more never lets somebody wear less', () => {
    const raised = fc.subarray([...Raised.options], { maxLength: 6 });
    const rank = (raises: readonly Raised[]) => {
      const need = breathingNeed(raises);
      return need === null ? -1 : ['dust', 'p100', 'toxic', 'vapour', 'fume', 'supplied', 'blast'].indexOf(need);
    };
    fc.assert(
      fc.property(raised, fc.constantFrom(...Raised.options), (raises, more) => {
        expect(rank([...raises, more])).toBeGreaterThanOrEqual(rank(raises));
        expect(vapourFactor([...raises, more])).toBeGreaterThanOrEqual(vapourFactor(raises));
      }),
    );
  });
});

describe('people and the plan', () => {
  const stops = (people: readonly Person[]) =>
    planJob(sampleJob(), sampleShop({ shop: { people: [...people], equipment: ['da', 'spray-gun', 'supplied-air'] } }), CATALOGUE).findings.filter(
      ({ code }) => code === 'nobody-may',
    );

  test('nobody is held against a task while no people are entered, nor where one of them may', () => {
    expect(stops([])).toEqual([]);
    expect(stops([person({ id: 'a', masks: [] }), person()])).toEqual([]);
  });

  test('two-pack colour stops where the only one with supplied air has not been trained', () => {
    const [stop, ...others] = stops([person({ id: 'a', name: 'A', trained: [] })]);
    expect(others).toEqual([]);
    expect(stop).toMatchObject({
      severity: 'stop',
      title: expect.stringMatching(/two-pack solid colour/),
      reason: 'A: not trained: two-pack paint.',
    });
  });

  test('one with a beard and a half mask stops every coat, with the reason at the mask', () => {
    const all = stops([person({ name: 'B', beard: true, masks: ['half-vapour'] })]);
    expect(all.map(({ title }) => title).join()).toMatch(/two-pack epoxy primer.*two-pack solid colour/);
    expect(all[0]?.reason).toMatch(/B: half mask.*beard/);
  });
});
