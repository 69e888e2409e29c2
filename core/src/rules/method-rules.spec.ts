import { methodSubject, sampleShop, type Sample } from '../../testing/sample.ts';
import { MethodId, SubstrateId } from '../model/ids.ts';
import type { Shop } from '../model/shop.ts';
import { TestPatch } from '../model/test-patch.ts';
import { mm } from '../units/quantities.ts';
import { METHOD_RULES, rulesFor } from './method-rules.ts';
import { judge } from './rule.ts';

const SMALL_CASTING: Sample = { substrate: 'cast-iron', thickness: 8, area: 0.1, box: [0.3, 0.2, 0.2] };
const THICK_REPAINT: Sample['stack'] = [
  ['surfacer-2k', 180, 'sound', 'refinish'],
  ['urethane-2k', 90, 'sound', 'refinish'],
];
const CHROMATE: Sample = { substrate: 'aluminium-sheet', stack: [['epoxy-2k', 30]], item: { kind: 'aircraft' }, condition: { lead: 'not-tested' } };

const TRAINED = { ...(sampleShop().contractors[0] as Shop['contractors'][number]), composites: true };

type Case = readonly [method: MethodId, sample: Sample];

const CARBON: Sample = { substrate: 'carbon-epoxy', stack: [['clear-2k', 40]] };
const GRP: Sample = { substrate: 'grp-gelcoat', thickness: 5, stack: [['antifoul-ablative', 80]] };
const ALLOY: Sample = { substrate: 'aluminium-sheet', thickness: 2 };
const SECTION: Sample = { substrate: 'mild-steel-section', thickness: 4 };
const RUSTY: Sample = { ...SECTION, condition: { rustGrade: 'C' } };
const CAST: Sample = { substrate: 'cast-iron', thickness: 12 };
const ABS: Sample = { substrate: 'abs', thickness: 3, stack: [['basecoat', 15]] };
const PP: Sample = { substrate: 'pp-epdm', thickness: 3, stack: [['basecoat', 15]] };
const MAGNESIUM: Sample = { substrate: 'magnesium', thickness: 5 };
const GALVANISED: Sample = { substrate: 'galvanised', thickness: 2 };
const LEADED: Sample = { condition: { lead: 'suspected' } };
const DOWN_TO: Sample = {
  stack: [
    ['e-coat', 20],
    ['alkyd-enamel', 40],
  ],
  target: { kind: 'down-to', layer: 'layer1' },
};
const KEPT: Sample = { target: { kind: 'keep' } };

const patched = (under: TestPatch['under']): Sample => ({
  ...ABS,
  patches: [
    TestPatch.parse({
      id: 'p1',
      at: '2026-11-25T08:00:00.000Z',
      where: '',
      stripper: 'chem.plastic-safe',
      temperature: 20,
      laid: 2,
      covered: false,
      broken: false,
      brushed: false,
      minutes: 30,
      layers: 1,
      under,
    }),
  ],
});

/** Each rule once firing and once silent, on inputs that differ in what the rule is about. */
const CASES: Readonly<Record<string, { fires: Case; silent: Case }>> = {
  'comp-no-chem': { fires: ['chem.slow-gel', CARBON], silent: ['mech.hand-wet', CARBON] },
  'comp-gelcoat-only': { fires: ['chem.fast-solvent', GRP], silent: ['chem.gelcoat-safe', GRP] },
  'comp-stop-at-fibre': { fires: ['mech.hand-wet', CARBON], silent: ['mech.hand-wet', GRP] },
  'comp-hand-only': { fires: ['mech.da', CARBON], silent: ['mech.hand-wet', CARBON] },
  'comp-no-hard-blast': { fires: ['blast.garnet', GRP], silent: ['blast.soda', GRP] },
  'comp-soft-blast-trained': { fires: ['blast.soda', GRP], silent: ['blast.soda', SECTION] },
  'grp-soda': { fires: ['blast.soda', GRP], silent: ['blast.plastic', GRP] },
  'comp-gelcoat-thin': { fires: ['mech.da', GRP], silent: ['mech.hand-wet', GRP] },
  'comp-no-wire': { fires: ['mech.wire-wheel', GRP], silent: ['mech.da', GRP] },
  'light-no-caustic': { fires: ['chem.caustic-spray', ALLOY], silent: ['chem.caustic-spray', SECTION] },
  'light-no-steel': { fires: ['mech.wire-wheel', ALLOY], silent: ['mech.wire-wheel', SECTION] },
  'light-no-brass': {
    fires: ['mech.brass-brush', ALLOY],
    silent: ['mech.brass-brush', { ...ALLOY, shop: { schools: { L1: 'brass-allowed' } } }],
  },
  'light-brass-rinse': {
    fires: ['mech.brass-brush', { ...ALLOY, shop: { schools: { L1: 'brass-allowed' } } }],
    silent: ['mech.brass-brush', ALLOY],
  },
  'light-scraper': { fires: ['chem.fast-solvent', ALLOY], silent: ['chem.fast-solvent', SECTION] },
  'light-pad': {
    fires: ['mech.nonwoven-disc', { ...ALLOY, shop: { schools: { L1: 'nonwoven-allowed' } } }],
    silent: ['mech.nonwoven-disc', ALLOY],
  },
  'light-no-flap': { fires: ['mech.grinder-flap', ALLOY], silent: ['mech.grinder-flap', SECTION] },
  'light-soft-blast': { fires: ['blast.garnet', ALLOY], silent: ['blast.plastic', ALLOY] },
  'light-blast-pressure': { fires: ['blast.plastic', ALLOY], silent: ['blast.plastic', SECTION] },
  'clad-no-abrasion': { fires: ['mech.da', { substrate: 'aluminium-clad' }], silent: ['chem.benzyl-neutral', { substrate: 'aluminium-clad' }] },
  'mg-specialist': { fires: ['mech.da', MAGNESIUM], silent: ['mech.da', ALLOY] },
  'mg-test-stripper': { fires: ['chem.benzyl-neutral', MAGNESIUM], silent: ['chem.benzyl-neutral', ALLOY] },
  'galv-sweep': { fires: ['blast.plastic', GALVANISED], silent: ['blast.plastic', SECTION] },
  'galv-no-grind': { fires: ['mech.grinder-flap', GALVANISED], silent: ['mech.bristle-disc', GALVANISED] },
  'zinc-no-acid': { fires: ['chem.benzyl-acid', GALVANISED], silent: ['chem.benzyl-neutral', GALVANISED] },
  'copper-alkali': { fires: ['chem.caustic-spray', { substrate: 'copper-alloy', thickness: 3 }], silent: ['chem.caustic-spray', CAST] },
  'hss-no-acid': { fires: ['chem.benzyl-acid', { substrate: 'high-strength-steel', thickness: 6 }], silent: ['chem.benzyl-acid', SECTION] },
  'sheet-blast-hard': { fires: ['blast.garnet', { thickness: 0.8 }], silent: ['blast.garnet', { thickness: 1 }] },
  'sheet-blast-limit': { fires: ['blast.plastic', { thickness: 0.8 }], silent: ['blast.plastic', { thickness: 1.5 }] },
  'sheet-no-flap': { fires: ['mech.grinder-flap', { thickness: 0.8 }], silent: ['mech.grinder-flap', SECTION] },
  'sheet-no-needles': { fires: ['mech.needle-scaler', { thickness: 1 }], silent: ['mech.needle-scaler', RUSTY] },
  'needles-scale-only': { fires: ['mech.needle-scaler', SECTION], silent: ['mech.needle-scaler', RUSTY] },
  'wire-loose-only': { fires: ['mech.wire-wheel', SECTION], silent: ['mech.wire-wheel', { ...SECTION, stack: [['alkyd-enamel', 40, 'flaking']] }] },
  'sheet-strip-disc-heat': { fires: ['mech.nonwoven-disc', {}], silent: ['mech.nonwoven-disc', SECTION] },
  'cast-holds-residue': { fires: ['chem.slow-gel', CAST], silent: ['mech.da', CAST] },
  'cast-caustic': { fires: ['chem.caustic-spray', CAST], silent: ['chem.caustic-spray', { ...CAST, stack: [['clear-2k', 40]] }] },
  'section-blast': { fires: ['blast.garnet', RUSTY], silent: ['blast.garnet', SECTION] },
  'rust-stays': { fires: ['chem.fast-solvent', RUSTY], silent: ['blast.garnet', RUSTY] },
  'plastic-safe-only': { fires: ['chem.fast-solvent', ABS], silent: ['chem.plastic-safe', ABS] },
  'plastic-patch': { fires: ['chem.plastic-safe', ABS], silent: ['chem.plastic-safe', {}] },
  'plastic-safe-elsewhere': { fires: ['chem.plastic-safe', {}], silent: ['chem.plastic-safe', ABS] },
  'plastic-no-blast': { fires: ['blast.garnet', ABS], silent: ['blast.plastic', ABS] },
  'plastic-no-grinder': { fires: ['mech.bristle-disc', ABS], silent: ['mech.da-fine', ABS] },
  'plastic-no-coarse': { fires: ['mech.da', ABS], silent: ['mech.da-fine', ABS] },
  'olefin-key': { fires: ['mech.da-fine', PP], silent: ['mech.da-fine', ABS] },
  'olefin-release-first': { fires: ['mech.da-fine', PP], silent: ['mech.da-fine', ABS] },
  'wood-caustic': {
    fires: ['chem.caustic-spray', { substrate: 'wood-ply', thickness: 12 }],
    silent: ['chem.slow-gel', { substrate: 'wood-ply', thickness: 12 }],
  },
  'wood-no-grit': {
    fires: ['blast.garnet', { substrate: 'wood-ply', thickness: 12 }],
    silent: ['blast.organic-shell', { substrate: 'wood-ply', thickness: 12 }],
  },
  'chem-no-bite': { fires: ['chem.caustic-spray', { stack: [['clear-2k', 40]] }], silent: ['chem.caustic-spray', {}] },
  'chem-not-through': { fires: ['chem.fast-solvent', { stack: [['barrier-epoxy', 2000]] }], silent: ['chem.fast-solvent', {}] },
  'patch-harmed': { fires: ['chem.plastic-safe', patched('harmed')], silent: ['chem.plastic-safe', patched('unharmed')] },
  'dcm-law': { fires: ['chem.dcm', {}], silent: ['chem.dcm', { shop: { methyleneChloride: true } }] },
  'dcm-vapour': {
    fires: ['chem.dcm', { place: { indoors: true, extraction: false } }],
    silent: ['chem.dcm', { place: { indoors: true, extraction: true } }],
  },
  'clear-break-first': {
    fires: ['chem.fast-solvent', { stack: [['clear-2k', 40]] }],
    silent: ['chem.fast-solvent', { stack: [['clear-2k', 40, 'cracked']] }],
  },
  'lay-once': { fires: ['chem.fast-solvent', {}], silent: ['chem.slow-gel', {}] },
  'powder-no-solvent': { fires: ['chem.benzyl-neutral', { stack: [['powder-polyester', 80]] }], silent: ['chem.benzyl-neutral', {}] },
  'chem-cold': { fires: ['chem.fast-solvent', { place: { temperature: 8 } }], silent: ['chem.fast-solvent', { place: { temperature: 12 } }] },
  'chem-dries-first': {
    fires: ['chem.fast-solvent', { stack: [['epoxy-2k', 300]] }],
    silent: ['chem.fast-solvent', { stack: [['lacquer-1k', 20]] }],
  },
  'chem-hot': { fires: ['chem.fast-solvent', { place: { temperature: 34 } }], silent: ['chem.fast-solvent', { place: { temperature: 30 } }] },
  'film-too-thin': { fires: ['chem.fast-solvent', { lay: { film: mm(0.3) } }], silent: ['chem.fast-solvent', { lay: { film: mm(1) } }] },
  'film-slides': {
    fires: ['chem.fast-solvent', { orientation: 'vertical', lay: { film: mm(4) } }],
    silent: ['chem.fast-solvent', { orientation: 'up', lay: { film: mm(4) } }],
  },
  'chem-drains': { fires: ['chem.benzyl-peroxide', { orientation: 'vertical' }], silent: ['chem.benzyl-peroxide', { orientation: 'up' }] },
  'chem-overhead': { fires: ['chem.slow-gel', { orientation: 'down' }], silent: ['chem.slow-gel', { orientation: 'up' }] },
  'grease-first': { fires: ['chem.slow-gel', {}], silent: ['chem.caustic-spray', {}] },
  'seams-seal': { fires: ['chem.slow-gel', { features: ['seams'] }], silent: ['mech.da', { features: ['seams'] }] },
  'joint-keep-off': { fires: ['chem.slow-gel', { features: ['adhesive-joints'] }], silent: ['chem.slow-gel', {}] },
  'filler-knock-out': { fires: ['chem.slow-gel', { stack: [['body-filler', 500]] }], silent: ['chem.slow-gel', {}] },
  'acid-neutral': { fires: ['chem.benzyl-acid', {}], silent: ['chem.benzyl-neutral', {}] },
  'solvent-no-spark': { fires: ['chem.fast-solvent', { place: { extraction: true } }], silent: ['chem.slow-gel', { place: { extraction: false } }] },
  'slow-gel-cover': { fires: ['chem.slow-gel', {}], silent: ['chem.fast-solvent', {}] },
  'gelcoat-safe-hull': { fires: ['chem.gelcoat-safe', GRP], silent: ['chem.gelcoat-safe', {}] },
  'gelcoat-safe-elsewhere': { fires: ['chem.gelcoat-safe', {}], silent: ['chem.gelcoat-safe', GRP] },
  'lead-wet': { fires: ['mech.da', LEADED], silent: ['mech.hand-wet', LEADED] },
  'lead-collect': { fires: ['mech.hand-wet', LEADED], silent: ['mech.hand-wet', {}] },
  'antifoul-wet': { fires: ['mech.da', GRP], silent: ['mech.hand-wet', GRP] },
  'antifoul-contained': { fires: ['mech.hand-wet', GRP], silent: ['mech.hand-wet', {}] },
  'heat-no-composite': { fires: ['heat.gun', GRP], silent: ['heat.gun', SECTION] },
  'heat-no-sheet': { fires: ['heat.gun', {}], silent: ['heat.gun', SECTION] },
  'heat-fume': { fires: ['heat.gun', SECTION], silent: ['mech.da', SECTION] },
  'heat-isocyanate': { fires: ['heat.gun', { ...SECTION, stack: [['urethane-2k', 60]] }], silent: ['heat.gun', SECTION] },
  'soda-rinse': { fires: ['blast.soda', {}], silent: ['blast.plastic', {}] },
  'wet-blast-inhibit': { fires: ['blast.wet-abrasive', SECTION], silent: ['blast.garnet', SECTION] },
  'blast-contain': { fires: ['blast.garnet', { ...SECTION, place: { indoors: false } }], silent: ['blast.garnet', SECTION] },
  'friction-asbestos': { fires: ['mech.da', { features: ['friction-lining'] }], silent: ['mech.hand-wet', { features: ['friction-lining'] }] },
  'tank-purge': { fires: ['mech.hand-wet', { role: 'tank' }], silent: ['mech.hand-wet', {}] },
  'tank-no-spark': { fires: ['mech.bristle-disc', { features: ['fuel-tank'] }], silent: ['mech.hand-wet', { role: 'tank' }] },
  'aero-licensed': { fires: ['chem.benzyl-neutral', { ...ALLOY, item: { kind: 'aircraft' } }], silent: ['chem.benzyl-neutral', ALLOY] },
  'heavy-support': { fires: ['mech.da', { features: ['heavy'] }], silent: ['mech.da', {}] },
  reach: { fires: ['mech.da', { access: 'crevice' }], silent: ['mech.da', { access: 'flat' }] },
  'edge-stay-off': { fires: ['mech.grinder-flap', { ...SECTION, access: 'edge' }], silent: ['mech.quick-change', { access: 'edge' }] },
  'crevice-blast-or-brush': { fires: ['chem.slow-gel', { access: 'crevice' }], silent: ['chem.slow-gel', {}] },
  'precision-mask': { fires: ['mech.da', { features: ['threads'] }], silent: ['mech.da', {}] },
  'precision-no-grit': {
    fires: ['blast.garnet', { ...CAST, features: ['precision-ways'] }],
    silent: ['chem.slow-gel', { ...CAST, features: ['precision-ways'] }],
  },
  'keep-asks': { fires: ['keep.key', {}], silent: ['keep.key', KEPT] },
  'keep-stays': { fires: ['mech.da', KEPT], silent: ['mech.da', {}] },
  'keep-unsound': { fires: ['keep.key', { ...KEPT, condition: { crosscut: 2 } }], silent: ['keep.key', { ...KEPT, condition: { crosscut: 1 } }] },
  'keep-school': {
    fires: ['keep.key', { ...KEPT, shop: { schools: { S1: 'always-bare' } } }],
    silent: ['keep.key', KEPT],
  },
  'nothing-to-lift': { fires: ['mech.hand-wet', { stack: [] }], silent: ['mech.nonwoven-disc', { stack: [], condition: { rustGrade: 'B' } }] },
  'scraper-loose-only': {
    fires: ['mech.scraper', {}],
    silent: [
      'mech.scraper',
      {
        ...DOWN_TO,
        stack: [
          ['e-coat', 20],
          ['alkyd-enamel', 40, 'flaking'],
        ],
      },
    ],
  },
  'copper-no-steel': {
    fires: ['mech.grinder-flap', { substrate: 'copper-alloy', thickness: 3 }],
    silent: ['mech.hand-wet', { substrate: 'copper-alloy', thickness: 3 }],
  },
  'heat-no-tar': {
    fires: ['heat.flame', { substrate: 'mild-steel-section', thickness: 8, stack: [['underseal-bitumen', 300]] }],
    silent: ['heat.flame', { substrate: 'mild-steel-section', thickness: 8 }],
  },
  'pad-alone': { fires: ['mech.pad', {}], silent: ['mech.pad', KEPT] },
  'inside-no-scrape': { fires: ['chem.slow-gel', { access: 'inside' }], silent: ['chem.caustic-bath', { access: 'inside' }] },
  'keep-wax-stays': { fires: ['keep.wax', { access: 'inside' }], silent: ['keep.key', KEPT] },
  'zinc-no-coarse': { fires: ['mech.quick-change', GALVANISED], silent: ['mech.da-fine', GALVANISED] },
  'brush-alone': { fires: ['mech.brass-brush', {}], silent: ['mech.brass-brush', { stack: [['alkyd-enamel', 40, 'flaking']] }] },
  'down-to-control': { fires: ['mech.da', DOWN_TO], silent: ['mech.da-fine', DOWN_TO] },
  'down-to-chem': { fires: ['chem.fast-solvent', DOWN_TO], silent: ['mech.da-fine', DOWN_TO] },
  'not-paint': { fires: ['chem.fast-solvent', { stack: [['chrome-plate', 20]] }], silent: ['chem.fast-solvent', {}] },
  'thin-film-antifoul': {
    fires: ['keep.key', { ...GRP, stack: [['antifoul-thin-film', 60]], target: { kind: 'keep' } }],
    silent: ['keep.key', { ...GRP, target: { kind: 'keep' } }],
  },
  'hidden-filler': { fires: ['chem.fast-solvent', { stack: THICK_REPAINT }], silent: ['chem.fast-solvent', {}] },
  'tar-wet': {
    fires: ['mech.grinder-flap', { ...SECTION, stack: [['underseal-bitumen', 400]], condition: { tar: 'present' } }],
    silent: ['mech.grinder-flap', { ...SECTION, stack: [['underseal-bitumen', 400]], condition: { tar: 'lab-clear' } }],
  },
  'chromate-dust': { fires: ['mech.da', CHROMATE], silent: ['mech.hand-wet', CHROMATE] },
  'bead-thin-only': { fires: ['blast.glass-bead', { ...SECTION, stack: [['alkyd-enamel', 200]] }], silent: ['blast.glass-bead', SECTION] },
  'dry-ice-soft-only': {
    fires: ['blast.dry-ice', { ...SECTION, stack: [['powder-polyester', 80]] }],
    silent: ['blast.dry-ice', { ...SECTION, stack: [['underseal-bitumen', 400]] }],
  },
  'starch-dry': { fires: ['blast.starch', { place: { humidity: 78 } }], silent: ['blast.starch', { place: { humidity: 60 } }] },
  'silica-banned': { fires: ['blast.silica-sand', SECTION], silent: ['blast.garnet', SECTION] },
  'steel-grit-room': { fires: ['blast.steel-grit', SECTION], silent: ['blast.garnet', SECTION] },
  'clean-medium': { fires: ['blast.plastic', ALLOY], silent: ['blast.plastic', {}] },
  'flame-clear-air': { fires: ['heat.flame', { ...SECTION, place: { extraction: false } }], silent: ['heat.flame', SECTION] },
  'amorphous-cracks': { fires: ['chem.plastic-safe', { substrate: 'pmma' }], silent: ['chem.plastic-safe', { substrate: 'abs' }] },
  'touching-caustic': {
    fires: ['chem.caustic-spray', { ...CAST, touching: ['aluminium-cast'] }],
    silent: ['chem.caustic-spray', { ...CAST, touching: ['copper-alloy'] }],
  },
  'touching-carbon': {
    fires: ['chem.benzyl-neutral', { ...ALLOY, touching: ['carbon-epoxy'], features: ['adhesive-joints'] }],
    silent: ['chem.benzyl-neutral', { ...ALLOY, touching: ['carbon-epoxy'] }],
  },
  'touching-soft': { fires: ['chem.fast-solvent', { touching: ['abs'] }], silent: ['mech.da', { touching: ['abs'] }] },
  'touching-grit': { fires: ['blast.garnet', { ...SECTION, touching: ['aluminium-sheet'] }], silent: ['blast.garnet', SECTION] },
  'bath-fits': { fires: ['chem.caustic-bath', { ...CAST, box: [1.2, 0.3, 0.3] }], silent: ['chem.caustic-bath', SMALL_CASTING] },
  'bath-unmeasured': { fires: ['chem.caustic-bath', CAST], silent: ['chem.caustic-bath', SMALL_CASTING] },
  'bath-iron-only': { fires: ['chem.caustic-bath', { ...SMALL_CASTING, substrate: 'copper-alloy' }], silent: ['chem.caustic-bath', SMALL_CASTING] },
  'bath-hollow': { fires: ['chem.caustic-bath', { ...SMALL_CASTING, features: ['bearing-seats'] }], silent: ['chem.caustic-bath', SMALL_CASTING] },
  'blast-hollow': { fires: ['blast.garnet', { ...SECTION, features: ['sealed-hollow'] }], silent: ['blast.garnet', SECTION] },
  'wet-hollow': { fires: ['mech.hand-wet', { features: ['sealed-hollow'] }], silent: ['mech.hand-dry', { features: ['sealed-hollow'] }] },
  'aluminium-no-blast': { fires: ['blast.soda', { ...ALLOY, shop: { schools: { L2: 'never' } } }], silent: ['blast.soda', ALLOY] },
  'panel-no-blast': { fires: ['blast.soda', { shop: { schools: { B1: 'never' } } }], silent: ['blast.soda', {}] },
  'antifoul-strip': {
    fires: ['keep.key', { ...GRP, target: { kind: 'keep' }, shop: { schools: { F1: 'strip' } } }],
    silent: ['keep.key', { ...GRP, target: { kind: 'keep' } }],
  },
  'antifoul-overcoat': {
    fires: ['keep.key', { ...GRP, target: { kind: 'keep' } }],
    silent: ['keep.key', { ...GRP, target: { kind: 'keep' }, shop: { schools: { F1: 'strip' } } }],
  },
  'casting-way': { fires: ['chem.slow-gel', { ...CAST, shop: { schools: { R1: 'slow-gel' } } }], silent: ['chem.slow-gel', CAST] },
  'casting-small-bath': { fires: ['chem.caustic-bath', SMALL_CASTING], silent: ['chem.caustic-bath', { ...SMALL_CASTING, area: 0.9 }] },
  'blast-least-too-much': {
    fires: ['blast.garnet', { substrate: 'mild-steel-sheet', thickness: 1.2 }],
    silent: ['blast.aluminium-oxide', { substrate: 'mild-steel-sheet', thickness: 1.2 }],
  },
  'blast-needs-someone': { fires: ['blast.starch', {}], silent: ['blast.plastic', {}] },
  'carbon-blast-trained': { fires: ['blast.soda', CARBON], silent: ['blast.soda', { ...CARBON, shop: { contractors: [TRAINED] } }] },
  'agitated-slows': {
    fires: ['chem.fast-solvent', { shop: { schools: { S2: 'agitate' } } }],
    silent: ['chem.fast-solvent', {}],
  },
  'inside-trapped': { fires: ['chem.slow-gel', { access: 'inside' }], silent: ['chem.slow-gel', {}] },
  'joint-no-grinder': {
    fires: ['mech.nonwoven-disc', { features: ['adhesive-joints'] }],
    silent: ['mech.quick-change', { features: ['adhesive-joints'] }],
  },
  'light-pad-school': {
    fires: ['mech.nonwoven-disc', ALLOY],
    silent: ['mech.nonwoven-disc', { ...ALLOY, shop: { schools: { L1: 'nonwoven-allowed' } } }],
  },
  'kit-missing': { fires: ['mech.needle-scaler', RUSTY], silent: ['mech.da', RUSTY] },
  'shop-avoids': { fires: ['mech.da', { shop: { avoid: ['mech.da'] } }], silent: ['mech.da', {}] },
};

const codes = ([method, sample]: Case) => judge(METHOD_RULES, methodSubject(method, sample), []).map(({ code }) => code);

test('every rule has a firing and a silent case, and no id stands twice', () => {
  expect(METHOD_RULES.map(({ id }) => id).sort()).toEqual(Object.keys(CASES).sort());
});

test.each(Object.entries(CASES))('%s fires and stays silent', (id, { fires, silent }) => {
  expect(codes(fires)).toContain(id);
  expect(codes(silent)).not.toContain(id);
});

test('a finding carries reason, basis, what was looked at and what would change it', () => {
  const [finding] = judge(METHOD_RULES, methodSubject('chem.slow-gel', CARBON), ['parts', 0]).filter(({ code }) => code === 'comp-no-chem');
  expect(finding).toMatchObject({ severity: 'rule-out', path: ['parts', 0], basis: { kind: 'practice' } });
  expect(finding?.reason.length).toBeGreaterThan(20);
  expect(finding?.looksAt).toContain('substrate');
  expect(finding?.change).not.toBe('');
});

describe('rules and each other', () => {
  const EVERYWHERE: readonly Sample[] = SubstrateId.options.flatMap((substrate) => [
    { substrate },
    { substrate, thickness: 5, condition: { rustGrade: 'C' }, area: 0.2, box: [0.3, 0.2, 0.2] },
    { substrate, access: 'crevice', stack: [['clear-2k', 45]] },
    { substrate, stack: [['antifoul-ablative', 80]], item: { service: 'immersed-salt' } },
  ]);
  const firing = (effects: readonly string[], method: MethodId, sample: Sample): string[] =>
    judge(METHOD_RULES, methodSubject(method, sample), [])
      .filter(({ severity }) => effects.includes(severity))
      .map(({ code }) => code);

  test('no rule prefers what another always refuses', () => {
    const praised = new Map<string, boolean>();
    for (const sample of EVERYWHERE)
      for (const method of MethodId.options)
        for (const code of firing(['prefer'], method, sample))
          praised.set(code, (praised.get(code) ?? false) || firing(['rule-out'], method, sample).length === 0);
    expect([...praised].filter(([, open]) => !open).map(([code]) => code)).toEqual([]);
  });

  test('two preferences never pull against each other on the same ground: no bath and foam both for one casting', () => {
    const small = { ...SMALL_CASTING, shop: { schools: { R1: 'slow-gel' } } } as const;
    expect(firing(['prefer'], 'chem.slow-gel', small)).toContain('casting-way');
    expect(firing(['prefer'], 'chem.caustic-bath', small)).not.toContain('casting-small-bath');
  });

  test('a rule kept to one family of methods would be silent about all others', () => {
    for (const sample of EVERYWHERE)
      for (const id of MethodId.options) {
        const subject = methodSubject(id, sample);
        expect(judge(rulesFor(subject.method), subject, [])).toEqual(judge(METHOD_RULES, subject, []));
      }
  });

  test('every sentence of a rule can be read aloud: it ends, and nothing of the code shows', () => {
    for (const sample of EVERYWHERE)
      for (const method of MethodId.options)
        for (const { code, reason, change, title } of judge(METHOD_RULES, methodSubject(method, sample), [])) {
          expect([code, reason]).toEqual([code, expect.stringMatching(/[.!?]$/)]);
          expect(`${title} ${reason} ${change}`).not.toMatch(/undefined|NaN|null|\[object/);
        }
  });
});
