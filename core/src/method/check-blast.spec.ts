import { sampleFacts, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { AirPlant, USUAL_AIR } from '../model/air-plant.ts';
import { SubstrateId, type MethodId } from '../model/ids.ts';
import { planZone } from './plan-zone.ts';

const section: Sample = { substrate: 'mild-steel-section', thickness: 4, stack: [['alkyd-enamel', 80]], condition: { rustGrade: 'B' } };
const air = (more: Partial<AirPlant> = {}) => AirPlant.parse({ ...USUAL_AIR, ...more });
const blasted = (method: MethodId, sample: Sample = {}, plant: AirPlant | null = air()) =>
  planZone(
    sampleFacts({
      ...section,
      ...sample,
      choice: { method, at: 'blast-pot', reason: 'asked' },
      shop: { equipment: ['da', 'blast-pot'], air: plant, ...sample.shop },
    }),
    CATALOGUE,
  );
const finding = (code: string, ...of: Parameters<typeof blasted>) => blasted(...of).findings.find((known) => known.code === code);

/** Each limit of a blast, once met and once not. */
test.each<[string, string, Parameters<typeof blasted>, Parameters<typeof blasted>]>([
  [
    'pressure on sheet',
    'blast-over-pressure',
    ['blast.plastic', { substrate: 'mild-steel-sheet', thickness: 0.8, blast: { pressure: 4 } }],
    ['blast.plastic', { substrate: 'mild-steel-sheet', thickness: 0.8 }],
  ],
  [
    'pressure on light alloy',
    'blast-over-pressure',
    ['blast.plastic', { substrate: 'aluminium-sheet', thickness: 2, blast: { pressure: 2.5 } }],
    ['blast.plastic', { substrate: 'aluminium-sheet', thickness: 2, blast: { pressure: 2 } }],
  ],
  ['the medium', 'medium-over-pressure', ['blast.garnet', { blast: { pressure: 8 } }], ['blast.garnet']],
  ['too soft a jet', 'medium-under-pressure', ['blast.garnet', { blast: { pressure: 2 } }], ['blast.garnet', { blast: { pressure: 4 } }]],
  ['distance', 'blast-distance', ['blast.garnet', { blast: { distance: 0.05 } }], ['blast.garnet', { blast: { distance: 0.3 } }]],
  [
    'angle',
    'blast-angle',
    ['blast.plastic', { substrate: 'mild-steel-sheet', thickness: 0.8, blast: { angle: 90 } }],
    ['blast.plastic', { substrate: 'mild-steel-sheet', thickness: 0.8 }],
  ],
  ['hose rating', 'hose-rating', ['blast.garnet', { blast: { pressure: 5, nozzle: 'no-2' } }, air({ hoseRating: 4 })], ['blast.garnet']],
  ['cut-out', 'pressure-not-reached', ['blast.garnet', { blast: { pressure: 7, nozzle: 'no-2' } }, air({ cutOut: 6 })], ['blast.garnet']],
  ['compressor', 'compressor-too-small', ['blast.garnet', {}, air({ freeAir: 60, receiver: 20 })], ['blast.garnet']],
  ['rhythm', 'blast-rhythm', ['blast.garnet', { blast: { nozzle: 'no-5', pressure: 5 } }], ['blast.garnet']],
  ['reserve', 'no-reserve', ['blast.garnet', { blast: { nozzle: 'no-3', pressure: 4 } }, air({ freeAir: 900 })], ['blast.garnet']],
  ['hose bore', 'hose-too-narrow', ['blast.garnet', { blast: { nozzle: 'no-6' } }], ['blast.garnet', { blast: { nozzle: 'no-3' } }]],
  [
    'worn nozzle',
    'nozzle-worn',
    ['blast.garnet', {}, air({ nozzles: [{ size: 'no-4', bore: 8.5 }] })],
    ['blast.garnet', {}, air({ nozzles: [{ size: 'no-4', bore: 6.6 }] })],
  ],
  ['damp air', 'air-damp', ['blast.garnet', {}, air({ dry: false })], ['blast.garnet']],
  ['no compressor on record', 'air-missing', ['blast.garnet', {}, null], ['blast.garnet']],
  [
    'bow',
    'blast-bow',
    ['blast.plastic', { substrate: 'mild-steel-sheet', thickness: 0.8, blast: { span: 1 } }],
    ['blast.plastic', { substrate: 'mild-steel-sheet', thickness: 0.8, blast: { span: 0.1 } }],
  ],
  [
    'deep profile',
    'profile-too-deep',
    ['blast.aluminium-oxide', { finish: 'machine-enamel' }, air({ freeAir: 9000 })],
    ['blast.glass-bead', { finish: 'machine-enamel' }],
  ],
  [
    'spot gun',
    'spot-gun-area',
    ['blast.garnet', { blast: { gun: 'spot' } }],
    ['blast.garnet', { blast: { gun: 'spot' }, access: 'crevice', area: 0.02 }],
  ],
  [
    'alloy',
    'alloy-unknown',
    ['blast.plastic', { substrate: 'aluminium-sheet', thickness: 2 }],
    ['blast.plastic', { substrate: 'aluminium-sheet', thickness: 2, alloy: '5083' }],
  ],
])('%s: %s', (_, code, met, not) => {
  expect(finding(code, ...met)?.reason ?? '').toMatch(/\d|[a-z]/);
  expect(finding(code, ...not)).toBeUndefined();
});

test('a refusal says with numbers what would happen', () => {
  const { reason } = finding('blast-over-pressure', 'blast.plastic', { substrate: 'mild-steel-sheet', thickness: 0.8, blast: { pressure: 4 } }) as {
    reason: string;
  };
  expect(reason).toMatch(/2\.8 bar.*free plate bows up to [\d.]+ mm over 0\.30 m/);
});

describe('the plan of a blast', () => {
  const plan = (...of: Parameters<typeof blasted>) => blasted(...of).chosen?.blast;

  test('without a setting it is what the compressor holds all day within the limits', () => {
    const made = plan('blast.garnet');
    expect(made).toMatchObject({ duty: 1, rhythm: null, grade: 'sa-2.5', supply: 900 });
    expect((made?.demand ?? 0) * 1.2).toBeLessThanOrEqual(900 + 1e-6);
    expect(made?.set).toBeGreaterThan(made?.pressure ?? 0);
  });

  test('every input moves it', () => {
    const base = JSON.stringify(plan('blast.garnet'));
    const changes: Sample[] = [
      { blast: { nozzle: 'no-3' } },
      { blast: { pressure: 4.1 } },
      { blast: { distance: 0.45 } },
      { blast: { angle: 45 } },
      { blast: { grade: 'sa-3' } },
      { blast: { span: 0.5 } },
      { blast: { gun: 'spot' } },
      { area: 2 },
      { stack: [['liner-polyurethane', 400]] },
    ];
    expect(changes.map((change) => JSON.stringify(plan('blast.garnet', change)) === base)).toEqual(changes.map(() => false));
    const plants = [
      air({ freeAir: 1500 }),
      air({ hoseLength: 30 as AirPlant['hoseLength'] }),
      air({ hoseBore: 13 }),
      air({ nozzles: [{ size: 'no-2', bore: 3.6 }] }),
    ];
    expect(plants.map((plant) => JSON.stringify(plan('blast.garnet', {}, plant)) === base)).toEqual(plants.map(() => false));
  });

  test('a rhythm costs time of recovery', () => {
    const made = blasted('blast.garnet', { blast: { nozzle: 'no-5', pressure: 5 } });
    expect(made.chosen?.blast?.wait).toBeGreaterThan(0);
    expect(made.chosen?.wait).toBeGreaterThanOrEqual(made.chosen?.blast?.wait ?? Infinity);
  });

  test('soft media and other metals have no grade', () => {
    expect(plan('blast.soda', { substrate: 'mild-steel-sheet', thickness: 0.8 })?.grade).toBeNull();
    expect(plan('blast.glass-bead', { substrate: 'aluminium-cast', thickness: 6 })?.grade).toBeNull();
  });
});

/** What the ranking may choose is what the shop may do: no method stands open that would then be stopped by its own pressure. */
test.each(SubstrateId.options)('%s: every blast that is open works between what the medium wants and what the material stands', (substrate) => {
  for (const thickness of [0.8, 1, 1.2, 1.5, 2, 3, 6]) {
    const { options } = planZone(sampleFacts({ ...section, substrate, thickness }), CATALOGUE);
    for (const { blast, base, at, verdict } of options) {
      const method = CATALOGUE.methods[base];
      if (!blast || verdict === 'ruled-out' || method?.family !== 'blast') continue;
      const { leastPressure, pressure } = method.medium;
      const most = Math.min(pressure.value, blast.limit.pressure ?? Infinity);
      expect([base, at, thickness, blast.pressure <= most + 1e-9]).toEqual([base, at, thickness, true]);
      // A shop's own pot may be too weak for a medium: that is told where it is chosen.
      if (at !== 'blast-pot') expect([base, at, thickness, blast.pressure >= leastPressure.value - 1e-9]).toEqual([base, at, thickness, true]);
    }
  }
});
