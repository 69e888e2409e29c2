import fc from 'fast-check';
import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { gatherFacts } from '../facts/zone-facts.ts';
import type { Job } from '../model/job.ts';
import { ended } from '../units/ended.ts';
import { weighAlike } from './weigh-alike.ts';
import { weighMethods } from './weigh-methods.ts';

/** Each thing that tells two zones of a job apart, as a sample that is otherwise the same. */
const APART: readonly Sample[] = [
  {},
  { area: 2 },
  { thickness: 2 },
  { substrate: 'aluminium-sheet' },
  { stack: [['alkyd-enamel', 41]] },
  { stack: [['alkyd-enamel', 40, 'flaking']] },
  { access: 'tube' },
  { orientation: 'vertical' },
  { edgeLength: 7 },
  { creviceArea: 0.2 },
  { features: ['threads'] },
  { touching: ['zinc-diecast'] },
  { box: [0.3, 0.2, 0.1] },
  { held: 'in-place' },
  { role: 'tank' },
  { condition: { rustGrade: 'C' } },
  { condition: { lead: 'suspected' } },
  {
    stack: [
      ['e-coat', 20],
      ['alkyd-enamel', 40],
    ],
  },
  {
    stack: [
      ['e-coat', 20],
      ['alkyd-enamel', 40],
    ],
    target: { kind: 'down-to', layer: 'layer1' },
  },
  {
    stack: [
      ['e-coat', 20],
      ['alkyd-enamel', 40],
    ],
    target: { kind: 'down-to', layer: 'layer2' },
  },
  { choice: { method: 'chem.dcm', reason: 'asked for' } },
  { lay: { covered: true } },
  { finish: 'powder-sent-out' },
];

const jobOf = (samples: readonly Sample[]): Job => ({
  ...sampleJob(),
  parts: samples.flatMap((sample, i) => {
    const job = sampleJob(sample);
    const named = job.parts.map((part) => ({
      ...part,
      id: `p${i}`,
      name: `Part ${i}`,
      finish: part.finish ?? job.finish,
      zones: part.zones.map((zone) => ({ ...zone, id: `z${i}`, name: `Zone ${i}` })),
    }));
    return named;
  }),
});

test('zones of a job are weighed as if each were alone, however many are copies of each other', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...APART), { minLength: 2, maxLength: 5 }), (samples) => {
      const weigh = weighAlike(CATALOGUE);
      for (const facts of gatherFacts(jobOf(samples), sampleShop(), CATALOGUE)) expect(ended(weigh(facts))).toEqual(weighMethods(facts, CATALOGUE));
    }),
    { examples: [[[...APART]], [[...APART].reverse()]], numRuns: 60 },
  );
});

test('a copy costs no second weighing, and its findings stand at its own place', () => {
  const weigh = weighAlike(CATALOGUE);
  const [first, copy] = gatherFacts(jobOf([{}, {}]), sampleShop(), CATALOGUE).map((facts) => ended(weigh(facts)));
  expect(copy?.[0]?.pieces).toBe(first?.[0]?.pieces);
  expect(copy?.flatMap(({ findings }) => findings.map(({ path }) => path[1]))).toEqual(copy?.flatMap(({ findings }) => findings.map(() => 1)));
});
