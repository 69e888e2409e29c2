import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { MASKED_PLACES, MASKS } from '../catalogue/masks.ts';
import { gatherFacts } from '../facts/zone-facts.ts';
import { MethodId } from '../model/ids.ts';
import { Feature } from '../model/job.ts';
import { planJob } from '../plan-job.ts';
import { planMasking, type MaskingPlan } from './masking.ts';
import { transferShare } from './quantity.ts';

/** In a shop that masks what could come off, save where the sample says otherwise. */
function masking(given: Sample, method: MethodId = 'chem.fast-solvent'): MaskingPlan {
  const sample: Sample = { ...given, shop: { schools: { M1: 'mask' }, ...given.shop } };
  const job = sampleJob(sample);
  const shop = sampleShop(sample);
  const [zone] = gatherFacts(job, shop, CATALOGUE);
  if (!zone) throw new Error('no zone');
  return planMasking(zone, CATALOGUE.methods[method] ?? null, planJob(job, shop, CATALOGUE).zones[0]?.build ?? null);
}
const stripMask = (method: MethodId, features: Feature[] = ['glass']) =>
  masking({ features }, method).items.find(({ work }) => work === 'strip')?.mask;

/** Foil against stripper, never painter's tape: common practice, no source. Aluminium dissolves in alkali and acid: textbook chemistry. */
test.each<[MethodId, string]>([
  ['chem.fast-solvent', 'foil tape'],
  ['chem.benzyl-neutral', 'foil tape'],
  ['chem.caustic-spray', 'polyester tape'],
  ['chem.caustic-bath', 'polyester tape'],
  ['chem.benzyl-acid', 'polyester tape'],
  ['blast.glass-bead', 'blast tape'],
  ['heat.gun', 'wet cloth'],
  ['mech.da', 'cloth tape'],
  ['keep.key', 'cloth tape'],
])('glass beside %s is covered with %s', (method, mask) => expect(stripMask(method)).toBe(mask));

test('no method of the catalogue is left to a paper tape, and every tape says why', () => {
  for (const method of MethodId.options) {
    const strip = masking({ features: ['glass', 'seams', 'threads'] }, method).items.filter(({ work }) => work === 'strip');
    expect(strip).toHaveLength(3);
    for (const { mask, why, quantity } of strip) {
      expect(mask).not.toBe('low-tack tape');
      expect(why.length).toBeGreaterThan(20);
      expect(quantity).toBeGreaterThan(0);
    }
  }
});

test('every feature with a place is covered in each of its works, and in no other', () => {
  for (const feature of Feature.options) {
    const works = masking({ features: [feature] }).items.map(({ work }) => work);
    const place = MASKED_PLACES[feature];
    const tyre = feature === 'tyre';
    expect([feature, works.includes('strip'), works.includes('paint')]).toEqual([feature, place?.strip ?? false, tyre || (place?.paint ?? false)]);
  }
});

test('what comes off is not covered as well; where it sits on bare metal, its seat is for the coats', () => {
  const features: Feature[] = ['glass', 'rubber', 'sensors', 'id-plate', 'anodes', 'threads'];
  const covered = (M1: 'take-off' | 'mask') => masking({ features, shop: { schools: { M1 } } }).items.map(({ work, what }) => `${work}: ${what}`);
  expect(covered('take-off')).toEqual(['strip: Threads', 'paint: Seats of the anodes', 'paint: Threads']);
  expect(covered('mask')).toHaveLength(2 * features.length);
});

test('threads and openings take plugs, faces take tape', () => {
  expect(stripMask('chem.fast-solvent', ['threads'])).toBe('plugs');
  expect(stripMask('chem.fast-solvent', ['bearing-seats'])).toBe('foil tape');
});

test('tape along seams follows the edge of the zone, tape round a plate does not', () => {
  const metres = (feature: Feature, edge: number): number | undefined => masking({ features: [feature], edgeLength: edge }).items[0]?.quantity;
  expect(metres('seams', 6)).toBeCloseTo(2 * (metres('seams', 3) ?? 0), 9);
  expect(metres('id-plate', 6)).toBe(metres('id-plate', 3));
});

test('a tyre is masked by the shop’s habit, an edge to old paint unless it is faded out', () => {
  const names = (sample: Sample): string[] => masking(sample).items.map(({ what }) => what);
  expect(names({ features: ['tyre'] })).toContain('Tyre, with card under the lip');
  expect(names({ features: ['tyre'], shop: { schools: { P5: 'wipe' } } })).toEqual([]);
  const stays: Sample = {
    stack: [
      ['e-coat', 20],
      ['alkyd-enamel', 40],
    ],
    target: { kind: 'down-to', layer: 'layer1' },
  };
  expect(names(stays)).toContain('Edge to old paint');
  expect(names({ ...stays, shop: { schools: { X1: 'fade' } } })).not.toContain('Edge to old paint');
});

test('liquid draws a line to another material, a sander does not', () => {
  const what = (method: MethodId): string[] => masking({ touching: ['aluminium-sheet'] }, method).items.map((entry) => entry.what);
  expect(what('chem.fast-solvent')).toEqual(['Line to what stays']);
  expect(what('mech.da')).toEqual([]);
});

test('what goes to the oven is covered with what stands it; what is polished is not covered for paint', () => {
  const paint = (sample: Sample) => masking({ features: ['bearing-seats'], ...sample }).items.filter(({ work }) => work === 'paint');
  expect(paint({ finish: 'powder-sent-out' }).map(({ mask }) => mask)).toEqual(['polyester tape']);
  expect(paint({ finish: 'bare-polish', substrate: 'aluminium-sheet', thickness: 2 })).toEqual([]);
});

describe('when it comes off', () => {
  /** Peeled half an hour to an hour after the last pass: common practice, no source. */
  test('half an hour to an hour at 20 °C, later in the cold, wet for a textured film', () => {
    expect(masking({}).pull).toMatchObject({ from: 30, until: 60 });
    expect(masking({ place: { temperature: 10 } }).pull).toMatchObject({ from: 60, until: 120 });
    expect(masking({ finish: 'liner' }).pull).toMatchObject({ from: 0, until: 20 });
    expect(masking({ finish: 'powder-sent-out' }).pull).toBeNull();
  });

  test('it is a step of its own after the last coat, where something is covered', () => {
    const steps = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).operations;
    const seats = steps({ features: ['bearing-seats'] }).map(({ kind }) => kind);
    expect(seats.filter((kind) => kind === 'pull-tape')).toHaveLength(1);
    expect(seats[seats.indexOf('pull-tape') - 1]).toBe('coat');
    expect(steps({}).some(({ kind }) => kind === 'pull-tape')).toBe(false);
  });
});

describe('overspray', () => {
  test('what does not land is what the tool loses of what it is given', () => {
    const sample: Sample = { finish: 'solid-2k', area: 2 };
    const coats = planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).zones[0]?.build?.coats ?? [];
    const lost = coats.map(({ litres, thinner, apply }) => (litres + thinner) * (1 - transferShare({ apply, gun: 'hvlp', slender: false })));
    expect(masking(sample).stray).toBeCloseTo(
      lost.reduce((a, b) => a + b, 0),
      9,
    );
  });

  test('slender parts lose more, and larger ones want more sheet', () => {
    expect(masking({ access: 'tube' }).stray).toBeGreaterThan(masking({}).stray);
    expect(masking({ area: 4 }).sheet).toBeGreaterThan(masking({ area: 1 }).sheet);
    expect(masking({ finish: null }).sheet).toBe(0);
  });
});

test('the kit holds the tape that the method asks for', () => {
  const kit = (sample: Sample): string[] =>
    planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).kit.flatMap(({ id }) => (id in MASKS ? [id] : []));
  expect(kit({ features: ['seams'], choice: { method: 'chem.fast-solvent' } })).toEqual(['foil tape', 'low-tack tape']);
  expect(kit({ features: ['seams', 'threads'], choice: { method: 'blast.glass-bead', reason: 'trial' } })).toEqual(
    expect.arrayContaining(['blast tape', 'plugs', 'low-tack tape']),
  );
});
