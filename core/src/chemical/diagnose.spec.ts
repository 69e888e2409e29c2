import { sampleFacts, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { MethodId } from '../model/ids.ts';
import { mm } from '../units/quantities.ts';
import { diagnose, restart, SYMPTOMS, type Symptom } from './diagnose.ts';
import { dwellSetting } from './dwell-setting.ts';

function causes(symptom: Symptom, elapsed: number, sample: Sample, id: MethodId = 'chem.fast-solvent') {
  const method = CATALOGUE.methods[id];
  if (method?.family !== 'chem') throw new RangeError(id);
  const facts = sampleFacts(sample);
  return diagnose(facts, dwellSetting(facts, method.stripper), symptom, elapsed);
}
const first = (...given: Parameters<typeof causes>) => causes(...given)[0]?.cause;

const CLEAR: Sample = {
  stack: [
    ['e-coat', 20],
    ['basecoat', 20],
    ['clear-2k', 50],
  ],
};

/** What the trade puts first; common practice, no source. */
test.each<[string, string | undefined, string]>([
  ['dried crust after an hour', first('crust', 60, CLEAR), 'Left on too long'],
  ['nothing after 3 min', first('nothing', 3, CLEAR), 'Too early to tell'],
  ['nothing, top not broken', first('nothing', 40, { ...CLEAR, lay: { broken: false } }), 'The closed surface was not broken'],
  ['nothing in a cold shop', first('nothing', 24, { stack: [['alkyd-enamel', 40]], place: { temperature: 4 } }), 'Too cold'],
  [
    'nothing on silicone',
    first('nothing', 20, { stack: [['alkyd-enamel', 40]], condition: { contamination: ['silicone'] } }),
    'Grease, wax or silicone on top',
  ],
  ['streaks of a liquid on a wall', first('streaks', 60, { ...CLEAR, orientation: 'vertical' }, 'chem.benzyl-peroxide'), 'It drained off the face'],
  ['lanes on a broken clear', first('lanes', 20, CLEAR), 'The surface is open only in the scratches'],
  ['lanes after brushing', first('lanes', 20, { stack: [['alkyd-enamel', 40]], lay: { brushed: true } }), 'Brushed over during dwell'],
  [
    'stops at powder',
    first('stops', 20, {
      stack: [
        ['powder-polyester', 80],
        ['alkyd-enamel', 20],
      ],
    }),
    'This stripper does not work on the next layer',
  ],
  ['soft too early', first('stuck', 3, CLEAR), 'Scraped too early'],
])('%s', (_, cause, expected) => expect(cause).toBe(expected));

test('every symptom has causes with numbers of this job, the likeliest first', () => {
  for (const symptom of Object.keys(SYMPTOMS) as Symptom[]) {
    const found = causes(symptom, 25, { ...CLEAR, lay: { film: mm(1) }, place: { indoors: false, temperature: 27 } });
    expect(found.length).toBeGreaterThan(0);
    expect(found.map(({ weight }) => weight)).toEqual(found.map(({ weight }) => weight).sort((a, b) => b - a));
    expect(JSON.stringify(found)).not.toMatch(/NaN|Infinity|undefined/);
  }
});

test('what is entered changes the answer: the same crust in a cool shop under film has other causes', () => {
  const hot = causes('crust', 10, { ...CLEAR, place: { temperature: 32 } }).map(({ cause }) => cause);
  const cool = causes('crust', 10, { ...CLEAR, place: { temperature: 15 }, lay: { covered: true } }).map(({ cause }) => cause);
  expect(hot).toContain('Warm metal or warm air dries it');
  expect(cool).not.toContain('Warm metal or warm air dries it');
  expect(cool).not.toContain('Not covered');
});

/** Common practice, no source. */
describe('a crust', () => {
  test('that was worked over leads with that, one that was left with the time; neither is ever wetted again', () => {
    expect(first('crust', 60, { ...CLEAR, lay: { brushed: true } })).toBe('Brushed over during dwell');
    expect(first('crust', 20, { ...CLEAR, place: { temperature: 32 } })).toBe('Left on too long');
    for (const { change } of causes('crust', 60, CLEAR)) expect(change).not.toMatch(/wet it again/i);
  });
  test('is taken off dry, rinsed, dried, tried on a square and begun afresh; never sanded where it may hold lead', () => {
    expect(restart(sampleFacts(CLEAR)).map(({ title }) => title)).toEqual([
      'Scrape or sand the crust off',
      'Rinse and dry',
      'Try a square',
      'Start afresh',
    ]);
    expect(restart(sampleFacts({ ...CLEAR, condition: { lead: 'suspected' } }))[0]?.detail).toContain('no dry sanding');
    expect(restart(sampleFacts({ ...CLEAR, substrate: 'abs' }))[0]?.title).toContain('plastic');
  });
  test('every cause asks one question of its own', () => {
    const asked = (Object.keys(SYMPTOMS) as Symptom[]).flatMap((symptom) => causes(symptom, 25, CLEAR).map(({ asks }) => asks));
    for (const question of asked) expect(question).toMatch(/\?$/);
  });
});
