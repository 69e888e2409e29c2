import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { planJob } from '../plan-job.ts';

const found = (place: NonNullable<Sample['place']>, sample: Sample = {}) =>
  planJob(sampleJob({ ...sample, place }), sampleShop({ shop: { equipment: ['da', 'spray-gun', 'supplied-air'] } }), CATALOGUE).findings.flatMap(
    ({ code, severity }) => (code.startsWith('place-') ? [`${severity} ${code}`] : []),
  );
const ROLLED: Sample = {
  substrate: 'cast-iron',
  thickness: 15,
  finish: 'machine-enamel',
  choice: { method: 'chem.caustic-spray', reason: 'x' },
  laidWith: { 'machine-enamel': 'roller' },
};

/** Vapour is heavier than air, dust settles, passers-by wear nothing: common practice, no source. */
test.each<[string, NonNullable<Sample['place']>, readonly string[]]>([
  ['a workshop', { kind: 'workshop' }, []],
  ['a food room', { kind: 'food-room', extraction: true, airFlow: 20_000 }, ['stop place-food-room']],
  ['a cellar', { kind: 'cellar', extraction: false, room: 5000 }, ['stop place-cellar']],
  ['a cellar with a fan that nobody has measured', { kind: 'cellar', extraction: true }, ['stop place-cellar']],
  ['a cellar with measured extraction', { kind: 'cellar', extraction: true, airFlow: 20_000 }, []],
  ['a street', { kind: 'public', indoors: false, extraction: false }, ['caution place-public']],
])('%s', (_, place, expected) => expect(found(place)).toEqual(expected));

test('nothing is said where no step raises what the place does not bear', () => {
  const keep: Sample = { stack: [], target: { kind: 'keep' }, finish: null };
  expect(found({ kind: 'food-room' }, keep)).toEqual([]);
  expect(found({ kind: 'food-room' }, ROLLED)).toEqual(['stop place-food-room']);
});
