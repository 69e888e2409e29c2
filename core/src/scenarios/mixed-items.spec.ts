import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { ZonePlan } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';

const zone = (sample: Sample): ZonePlan => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).zones[0] as ZonePlan;
const asked = (plan: ZonePlan): string[] => plan.chosen?.findings.map(({ code }) => code) ?? [];
const refusal = (plan: ZonePlan, method: string): string[] =>
  plan.options.find((option) => option.method === method)?.findings.flatMap(({ severity, code }) => (severity === 'rule-out' ? [code] : [])) ?? [];
const open = (plan: ZonePlan): string[] => plan.options.filter(({ verdict }) => verdict !== 'ruled-out').map(({ method }) => method);

/** Items of several materials; what practitioners of either school would accept, and the trap of each. Common practice, no source. */
describe('a trailer of steel and aluminium with plastic arches', () => {
  const TRAILER: Sample = { item: { kind: 'trailer', year: 2006 } };
  const chassis: Sample = {
    ...TRAILER,
    substrate: 'mild-steel-section',
    thickness: 4,
    area: 3,
    stack: [['alkyd-enamel', 80, 'flaking']],
    condition: { rustGrade: 'C', pitted: true },
    touching: ['aluminium-sheet'],
  };

  test('the chassis goes to something that takes the rust with it, and no caustic comes near the skins', () => {
    const plan = zone(chassis);
    expect(CATALOGUE.methods[plan.chosen?.method ?? '']?.traits).toContain('removes-rust');
    expect(refusal(plan, 'chem.caustic-spray')).toContain('touching-caustic');
  });

  test('steel never touches the aluminium skins in any school', () => {
    for (const L1 of ['plastic-only', 'brass-allowed', 'nonwoven-allowed'] as const) {
      const plan = zone({
        ...TRAILER,
        substrate: 'aluminium-sheet',
        thickness: 1.2,
        area: 6,
        stack: [
          ['epoxy-2k', 30],
          ['urethane-2k', 60, 'chalking'],
        ],
        shop: { schools: { L1 } },
      });
      expect(open(plan).some((method) => CATALOGUE.methods[method]?.traits.includes('steel-tool'))).toBe(false);
      expect(refusal(plan, 'mech.wire-wheel')).toContain('light-no-steel');
    }
  });

  test('an unmarked arch is an olefin until it sinks: release agent first, fine key, promoter', () => {
    const plan = zone({
      ...TRAILER,
      substrate: 'plastic-unmarked',
      thickness: 4,
      stack: [['lacquer-1k', 30]],
      condition: { contamination: ['silicone'] },
    });
    expect(asked(plan)).toEqual(expect.arrayContaining(['olefin-release-first', 'olefin-key']));
    expect(plan.build?.coats[0]?.base).toBe('adhesion-promoter');
    expect(plan.findings.map(({ code }) => code)).toContain('float-test');
  });
});

describe('a machine with leaded castings, brass and precision faces', () => {
  const MACHINE: Sample = {
    item: { kind: 'machine', year: 1958 },
    finish: 'machine-enamel',
    condition: { lead: 'not-tested', contamination: ['grease'] },
  };
  const casting: Sample = {
    ...MACHINE,
    substrate: 'cast-iron',
    thickness: 12,
    area: 1.4,
    stack: [
      ['alkyd-enamel', 40],
      ['alkyd-enamel', 40],
      ['alkyd-enamel', 40],
    ],
    features: ['precision-ways', 'heavy'],
    touching: ['copper-alloy'],
  };

  test('castings go wet or chemically, residue is collected, ways are masked, iron is warmed dry', () => {
    const plan = zone(casting);
    expect(plan.chosen?.method).toBe('chem.caustic-spray');
    expect(asked(plan)).toEqual(expect.arrayContaining(['lead-collect', 'precision-mask', 'cast-holds-residue', 'heavy-support']));
    expect(open(plan).some((method) => CATALOGUE.methods[method]?.traits.includes('dry-dust'))).toBe(false);
    const titles = planJob(sampleJob(casting), sampleShop(casting), CATALOGUE).operations.map(({ title }) => title);
    expect(titles).toEqual(expect.arrayContaining(['Rinse to neutral', 'Towel and warm through at once']));
  });

  test('every school of castings is followed', () => {
    const chosen = (R1: 'caustic' | 'slow-gel') => zone({ ...casting, shop: { schools: { R1 } } }).options[0]?.method;
    expect(chosen('caustic')).toBe('chem.caustic-spray');
    expect(
      zone({ ...casting, shop: { schools: { R1: 'slow-gel' } } })
        .options.find(({ method }) => method === 'chem.slow-gel')
        ?.findings.map(({ code }) => code),
    ).toContain('casting-way');
  });

  test('brass is not left under caustic without a word', () => {
    const plan = zone({ ...MACHINE, substrate: 'copper-alloy', thickness: 2, area: 0.05, finish: 'bare-polish' });
    expect(plan.options.find(({ method }) => method === 'chem.caustic-spray')?.findings.map(({ code }) => code)).toContain('copper-alkali');
    expect(plan.chosen?.method).not.toBe('chem.caustic-spray');
  });
});

describe('an aileron of a light aircraft', () => {
  const plan = zone({
    item: { kind: 'aircraft', year: 1979 },
    substrate: 'aluminium-clad',
    thickness: 0.5,
    orientation: 'vertical',
    stack: [
      ['epoxy-2k', 20],
      ['aviation-polyurethane', 60, 'chalking'],
    ],
    condition: { lead: 'not-tested' },
    features: ['seams'],
    finish: 'aviation-topcoat',
  });

  test('stripper that stays on a vertical face, seams sealed, licensed people, no abrasion of the cladding, no chromate dust', () => {
    expect(plan.chosen?.family).toBe('chem');
    expect(CATALOGUE.methods[plan.chosen?.method ?? '']).toMatchObject({ stripper: { form: 'gel', reaction: 'neutral' } });
    expect(asked(plan)).toEqual(expect.arrayContaining(['aero-licensed', 'seams-seal']));
    expect(refusal(plan, 'mech.da')).toEqual(expect.arrayContaining(['clad-no-abrasion', 'chromate-dust']));
    expect(plan.build?.coats[0]?.base).toBe('aviation-epoxy');
  });
});

describe('a yacht bottom with thin-film antifouling', () => {
  const BOTTOM: Sample = {
    item: { kind: 'boat', service: 'immersed-salt' },
    substrate: 'grp-gelcoat',
    thickness: 8,
    area: 24,
    stack: [['antifoul-thin-film', 120]],
    finish: 'antifouling',
    place: { indoors: false, temperature: 15 },
  };

  test('it comes off wet or contained, never dry sanded or burned, and the gelcoat gets a barrier', () => {
    const plan = zone(BOTTOM);
    expect(['blast.soda', 'chem.gelcoat-safe', 'blast.plastic', 'mech.hand-wet']).toContain(plan.chosen?.method);
    expect(asked(plan)).toContain('antifoul-contained');
    expect(refusal(plan, 'mech.da')).toContain('antifoul-wet');
    expect(refusal(plan, 'heat.gun')).toEqual(expect.arrayContaining(['antifoul-wet', 'heat-no-composite']));
    expect(plan.build?.coats[0]?.base).toBe('barrier-epoxy');
  });

  test('keeping it is refused whatever the school, and the way out is named', () => {
    const plan = zone({ ...BOTTOM, target: { kind: 'keep' }, condition: { crosscut: 0 } });
    expect(refusal(plan, 'keep.key')).toContain('thin-film-antifoul');
    expect(plan.findings.find(({ code }) => code === 'no-method')?.change).toContain('target set to bare');
  });
});

describe('a frame of carbon and alloy', () => {
  test('carbon is sanded wet by hand, no stripper, no blast by untrained people', () => {
    const plan = zone({
      item: { kind: 'cycle' },
      substrate: 'carbon-epoxy',
      thickness: 1.5,
      area: 0.5,
      access: 'tube',
      stack: [
        ['epoxy-2k', 25],
        ['basecoat', 15],
        ['clear-2k', 40],
      ],
      features: ['adhesive-joints'],
    });
    expect(plan.chosen?.method).toBe('mech.hand-wet');
    expect(asked(plan)).toContain('comp-stop-at-fibre');
    expect(open(plan).some((method) => method.startsWith('chem.') || method.startsWith('blast.'))).toBe(false);
  });

  test('the bonded alloy lug gets neither stripper nor grinder', () => {
    const plan = zone({
      item: { kind: 'cycle' },
      substrate: 'aluminium-sheet',
      thickness: 2,
      area: 0.1,
      access: 'tube',
      stack: [
        ['epoxy-2k', 25],
        ['clear-2k', 40],
      ],
      touching: ['carbon-epoxy'],
      features: ['adhesive-joints'],
    });
    expect(refusal(plan, 'chem.benzyl-neutral')).toContain('touching-carbon');
    expect(refusal(plan, 'mech.nonwoven-disc')).toContain('joint-no-grinder');
    expect(plan.chosen).not.toBeNull();
  });
});
