import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { blastLimit } from '../blast/limits.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { gatherFacts } from '../facts/zone-facts.ts';
import { planJob } from '../plan-job.ts';

const MAGNESIUM: Sample = { substrate: 'magnesium', thickness: 5, features: ['seams'], choice: { method: 'mech.hand-wet' } };
const DRY: readonly string[] = ['dust-off', 'dry', 'rinse-off'];

/** Fines of magnesium are kept wet, away from air and from vacuums that are not made for them; common practice, no source. */
test('no line blows, brushes or vacuums magnesium', () => {
  const lines = planJob(sampleJob(MAGNESIUM), sampleShop(MAGNESIUM), CATALOGUE).operations;
  expect(lines.filter(({ kind }) => kind === 'dust-off').length).toBeGreaterThan(1);
  for (const { kind, title, detail, protection, raises } of lines) {
    if (kind === 'dust-off') {
      expect(protection.map(({ says }) => says).join()).not.toMatch(/vacuum|extraction at the tool/);
      expect(`${title} ${detail}`).toMatch(/wet.*no vacuum, no air.*kept wet in a lidded metal can/);
    }
    if (kind === 'dry') expect(detail).toMatch(/no jet: fines of magnesium burn/);
    // Wiped wet, it is dried in the same breath; nobody does it with bare hands.
    if (kind === 'dust-off') {
      expect(detail).toMatch(/dry cloths and warm air/);
      expect(protection.map(({ says }) => says).join()).toMatch(/[Gg]loves/);
    }
    expect(raises).not.toContain('air-jet');
    if (DRY.includes(kind)) expect(detail).not.toMatch(/[Bb]low|[Bb]rush|HEPA/);
  }
});

/** Fibres are cut by a jet that stands near: 45 to 60 cm and 2.8 bar for laminates of both kinds; common practice, no source. */
test.each([
  ['carbon-epoxy', /^Carbon: soft medium/],
  ['grp-gelcoat', /^Glass fibre: soda/],
] as const)('%s is blasted from half a metre', (substrate, reason) => {
  const sample: Sample = { substrate, thickness: 4 };
  const [zone] = gatherFacts(sampleJob(sample), sampleShop(sample), CATALOGUE);
  if (!zone) throw new Error('no zone');
  const limit = blastLimit(zone, { id: 'blast.soda' });
  expect(limit).toMatchObject({ pressure: 2.8, distance: [0.45, 0.6], angle: [30, 45] });
  expect(limit.reason).toMatch(reason);
});
