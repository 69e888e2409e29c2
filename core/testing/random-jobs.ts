import fc from 'fast-check';
import { Disposition, Find } from '../src/model/find.ts';
import { CoatingId, FinishId, SubstrateId } from '../src/model/ids.ts';
import { Feature, LetGo, Role, Service, Soil, type Job } from '../src/model/job.ts';
import { Schools } from '../src/model/schools.ts';
import { SCHOOLS } from '../src/catalogue/schools.ts';
import { DEFAULT_SHOP } from '../src/model/default-shop.ts';
import type { Shop } from '../src/model/shop.ts';
import { sampleJob, type Sample } from './sample.ts';

const some = <T>(values: readonly T[], most: number) => fc.uniqueArray(fc.constantFrom(...values), { maxLength: most });

/** Any zone that can be entered: materials, stacks, damage, soil, features, targets. */
export const anySample: fc.Arbitrary<Sample> = fc.record({
  substrate: fc.constantFrom(...SubstrateId.options),
  thickness: fc.constantFrom(0.8, 1.5, 4, 10),
  area: fc.constantFrom(0.05, 0.4, 1.3, 7),
  access: fc.constantFrom('flat', 'flat', 'edge', 'crevice', 'tube', 'inside'),
  held: fc.constantFrom('laid', 'hung', 'in-place'),
  shape: fc.constantFrom(undefined, { kind: 'tube', diameter: 0.05, length: 2, count: 2 } as never),
  role: fc.constantFrom(...Role.options),
  features: some(Feature.options, 3),
  stack: fc.array(fc.tuple(fc.constantFrom(...CoatingId.options), fc.constantFrom(20, 60, 200), fc.constantFrom('sound', 'flaking', 'cracked')), {
    maxLength: 4,
  }),
  target: fc.constantFrom({ kind: 'bare' }, { kind: 'bare' }, { kind: 'keep' }, { kind: 'down-to', layer: 'layer1' }),
  condition: fc.record({
    rustGrade: fc.constantFrom('none', 'A', 'C', 'D'),
    pitted: fc.boolean(),
    perforated: fc.boolean(),
    contamination: some(Soil.options, 3),
    history: fc.constantFrom('known', 'unknown'),
    lead: fc.constantFrom('not-tested', 'suspected', 'lab-clear'),
    letGo: fc.constantFrom(null, ...LetGo.options),
  }),
  finds: fc.array(
    fc.record({
      kind: fc.constantFrom(...Find.shape.kind.options),
      known: fc.constantFrom('at-intake', 'under-the-paint'),
      loaded: fc.boolean(),
      depth: fc.constantFrom(null, 1, 8),
      disposition: fc.constantFrom(null, ...Disposition.options),
      released: fc.constantFrom(null, { by: 'A. Surveyor', at: '2026-05-01', note: '' }),
    }),
    { maxLength: 3 },
  ),
  filling: fc.constantFrom(undefined, { area: 0.05, depth: 2, hardener: 2 }),
  finish: fc.constantFrom(...FinishId.options),
}) as unknown as fc.Arbitrary<Sample>;

/** A target that names a layer wants one. */
const entered = (sample: Sample): Sample =>
  sample.target?.kind === 'down-to' && (sample.stack ?? []).length === 0 ? { ...sample, target: { kind: 'bare' } } : sample;

/** A job of one to four such parts, worked in one place. */
export const anyJob: fc.Arbitrary<Job> = fc
  .record({
    samples: fc.array(anySample, { minLength: 1, maxLength: 4 }),
    kind: fc.constantFrom('vehicle', 'boat', 'aircraft', 'machine', 'trim'),
    year: fc.constantFrom(null, 1953, 2015),
    service: fc.constantFrom(...Service.options),
    temperature: fc.constantFrom(6, 14, 20, 28),
    humidity: fc.constantFrom(40, 68, 84),
  })
  .map(({ samples, temperature, humidity, ...item }) => {
    const jobs = samples.map((sample) => sampleJob({ ...entered(sample), item, place: { temperature, humidity } } as Sample));
    const parts = jobs.flatMap(({ parts: [part], finish }, i) =>
      part ? [{ ...part, id: `part${i}`, name: `Part ${i}`, finish, zones: part.zones.map((zone) => ({ ...zone, id: `zone${i}` })) }] : [],
    );
    return { ...(jobs[0] as Job), parts };
  });

/** A shop of any school. */
export const anyShop: fc.Arbitrary<Shop> = fc
  .record(Object.fromEntries(SCHOOLS.map(({ id, sides }) => [id, fc.constantFrom(...sides.map(({ value }) => value))])))
  .map((schools) => ({ ...DEFAULT_SHOP, schools: Schools.parse(schools) }));
