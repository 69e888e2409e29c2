import { finishSubject, primerSubject, type Sample } from '../../testing/sample.ts';
import type { FinishId, PrimerId } from '../model/ids.ts';
import { FINISH_RULES } from './book/finish.ts';
import { PRIMER_RULES } from './book/primer.ts';
import { judge } from './rule.ts';

type More = Parameters<typeof primerSubject>[2];
type Case = readonly [primer: PrimerId, sample: Sample, more?: More];

const SCHOOLS = { P1: 'etch-surfacer', P2: 'data-sheet' } as const;
const SEA: Sample = { item: { service: 'immersed-salt' } };
const KEPT_ANTIFOUL: Sample = {
  ...SEA,
  substrate: 'grp-gelcoat',
  stack: [['antifoul-ablative', 80]],
  target: { kind: 'keep' },
  finish: 'antifouling',
};
const KEPT: Sample = { target: { kind: 'keep' } };
const GRP_SEA: Sample = { ...SEA, substrate: 'grp-gelcoat', finish: 'antifouling' };
const AIRCRAFT: Sample = { substrate: 'aluminium-clad', item: { kind: 'aircraft' } };

const PRIMER_CASES: Readonly<Record<string, { fires: Case; silent: Case }>> = {
  'primer-ground': { fires: ['adhesion-promoter', {}], silent: ['adhesion-promoter', { substrate: 'pp-epdm' }] },
  'primer-joint': { fires: ['primer-1k', { finish: 'antifouling' }], silent: ['epoxy-2k', {}] },
  'primer-joint-below': { fires: ['epoxy-2k', { ...KEPT, stack: [['underseal-bitumen', 400]] }], silent: ['epoxy-2k', KEPT] },
  'primer-second': { fires: ['surfacer-2k', {}], silent: ['surfacer-2k', KEPT] },
  'not-over-live-acid': { fires: ['epoxy-2k', {}, { acidLive: true }], silent: ['epoxy-2k', {}] },
  'pack-match': { fires: ['etch-1k', {}], silent: ['etch-2k', {}] },
  'two-pack-over-one': { fires: ['primer-1k', {}], silent: ['primer-1k', { finish: 'machine-enamel' }] },
  'full-strip-epoxy': { fires: ['epoxy-2k', {}], silent: ['epoxy-2k', { shop: { schools: SCHOOLS } }] },
  'etch-school': { fires: ['etch-2k', { shop: { schools: SCHOOLS } }], silent: ['etch-2k', {}] },
  'etch-1k-spots': { fires: ['etch-1k', { area: 1 }], silent: ['etch-1k', { area: 0.2 }] },
  'etch-wet-service': { fires: ['etch-2k', {}], silent: ['etch-2k', { item: { service: 'inside' } }] },
  'hss-no-etch': { fires: ['etch-1k', { substrate: 'high-strength-steel' }], silent: ['etch-1k', {}] },
  'zinc-needs-blast': { fires: ['zinc-rich', {}, { method: 'mech.da' }], silent: ['zinc-rich', {}, { method: 'blast.garnet' }] },
  'zinc-first-outdoors': {
    fires: ['zinc-rich', { substrate: 'mild-steel-section' }],
    silent: ['zinc-rich', { substrate: 'mild-steel-section', item: { service: 'inside' } }],
  },
  'olefin-promoter': { fires: ['adhesion-promoter', { substrate: 'pp-epdm' }], silent: ['plastic-primer', { substrate: 'abs' }] },
  'immersed-barrier': { fires: ['epoxy-2k', SEA], silent: ['barrier-epoxy', SEA] },
  'barrier-dry-only': { fires: ['barrier-epoxy', {}], silent: ['barrier-epoxy', SEA] },
  'tie-over-antifoul': { fires: ['tie-coat', SEA], silent: ['tie-coat', KEPT_ANTIFOUL] },
  'barrier-over-antifoul': { fires: ['barrier-epoxy', KEPT_ANTIFOUL], silent: ['barrier-epoxy', SEA] },
  'aero-system': { fires: ['epoxy-2k', AIRCRAFT], silent: ['aviation-epoxy', AIRCRAFT] },
  'aero-elsewhere': { fires: ['aviation-epoxy', {}], silent: ['aviation-epoxy', AIRCRAFT] },
  'heat-service': { fires: ['epoxy-2k', { item: { service: 'engine-heat' } }], silent: ['high-temperature', { item: { service: 'engine-heat' } }] },
  'heat-only': { fires: ['high-temperature', {}], silent: ['high-temperature', { item: { service: 'engine-heat' } }] },
  'one-pack-under-one': { fires: ['primer-1k', { ...KEPT, finish: 'machine-enamel' }], silent: ['primer-1k', { finish: 'machine-enamel' }] },
  'primer-cold': { fires: ['epoxy-2k', { place: { temperature: 8 } }], silent: ['epoxy-2k', {}] },
  'primer-damp': { fires: ['epoxy-2k', { place: { humidity: 85 } }], silent: ['epoxy-2k', {}] },
  'gun-missing': { fires: ['epoxy-2k', { shop: { equipment: ['da'] } }], silent: ['epoxy-2k', {}] },
  'flame-then-primer': {
    fires: ['plastic-primer', { substrate: 'pp-epdm', shop: { schools: { P3: 'flame' } } }],
    silent: ['plastic-primer', { substrate: 'pp-epdm' }],
  },
  'laminate-wet': {
    fires: ['barrier-epoxy', { ...GRP_SEA, moisture: { reference: 4, readings: [{ at: '2026-11-01T08:00:00Z', value: 18 }] } }],
    silent: ['barrier-epoxy', { ...GRP_SEA, moisture: { reference: 4, readings: [{ at: '2026-11-01T08:00:00Z', value: 4.5 }] } }],
  },
  'closed-no-flame': {
    fires: ['adhesion-promoter', { substrate: 'pp-epdm', features: ['sealed-hollow'], shop: { schools: { P3: 'flame' } } }],
    silent: ['adhesion-promoter', { substrate: 'pp-epdm', shop: { schools: { P3: 'flame' } } }],
  },
  'too-fine-key': { fires: ['epoxy-2k', { shop: { schools: { K1: 'fine' } } }], silent: ['epoxy-2k', {}] },
};

const FINISH_CASES: Readonly<Record<string, { fires: readonly [FinishId, Sample]; silent: readonly [FinishId, Sample] }>> = {
  'heat-topcoat': { fires: ['solid-2k', { item: { service: 'engine-heat' } }], silent: ['heat-colour', { item: { service: 'engine-heat' } }] },
  'heat-topcoat-cold': { fires: ['heat-colour', {}], silent: ['heat-colour', { item: { service: 'engine-heat' } }] },
  'copper-antifouling': { fires: ['antifouling', { substrate: 'aluminium-sheet' }], silent: ['antifouling', { substrate: 'grp-gelcoat' }] },
  'powder-heat': { fires: ['powder-sent-out', { substrate: 'abs' }], silent: ['powder-sent-out', { substrate: 'aluminium-sheet', thickness: 3 }] },
  'powder-closed': { fires: ['powder-sent-out', { features: ['sealed-hollow'] }], silent: ['powder-sent-out', { features: ['threads'] }] },
  'powder-over-paint': { fires: ['powder-sent-out', { target: { kind: 'keep' } }], silent: ['powder-sent-out', {}] },
  'powder-temper': {
    fires: ['powder-sent-out', { substrate: 'aluminium-cast', role: 'wheel' }],
    silent: ['powder-sent-out', { substrate: 'aluminium-cast', role: 'ordinary' }],
  },
  'powder-wrought': { fires: ['powder-sent-out', { substrate: 'aluminium-sheet' }], silent: ['powder-sent-out', {}] },
  'powder-bearings': { fires: ['powder-sent-out', { features: ['bearing-seats'] }], silent: ['base-clear', { features: ['bearing-seats'] }] },
  'polish-metal-only': { fires: ['bare-polish', { substrate: 'abs' }], silent: ['bare-polish', { substrate: 'aluminium-cast' }] },
  'polish-rusts': { fires: ['bare-polish', {}], silent: ['bare-polish', { substrate: 'aluminium-cast' }] },
  'alkyd-on-zinc': { fires: ['machine-enamel', { substrate: 'galvanised' }], silent: ['machine-enamel', {}] },
  'plastic-flex': { fires: ['base-clear', { substrate: 'pp-epdm' }], silent: ['base-clear', {}] },
  'immersed-finish': { fires: ['solid-2k', SEA], silent: ['antifouling', SEA] },
  'weather-strict': {
    fires: ['solid-2k', { place: { indoors: false, temperature: 16 }, shop: { schools: { W2: 'strict' } } }],
    silent: ['solid-2k', { place: { indoors: false, temperature: 16 } }],
  },
  'fade-shows': {
    fires: ['liner', { ...KEPT, shop: { schools: { X1: 'fade' } } }],
    silent: ['liner', KEPT],
  },
  'coarse-shows': { fires: ['aerosol-1k', { shop: { schools: { K1: 'coarse' } } }], silent: ['solid-2k', { shop: { schools: { K1: 'coarse' } } }] },
  'lacquer-blush': { fires: ['aerosol-1k', { place: { humidity: 75 } }], silent: ['aerosol-1k', { place: { humidity: 65 } }] },
};

test('every rule has a firing and a silent case', () => {
  expect(PRIMER_RULES.map(({ id }) => id).sort()).toEqual(Object.keys(PRIMER_CASES).sort());
  expect(FINISH_RULES.map(({ id }) => id).sort()).toEqual(Object.keys(FINISH_CASES).sort());
});

test.each(Object.entries(PRIMER_CASES))('%s fires and stays silent', (id, { fires, silent }) => {
  const codes = (c: Case) => judge(PRIMER_RULES, primerSubject(...c), []).map(({ code }) => code);
  expect(codes(fires)).toContain(id);
  expect(codes(silent)).not.toContain(id);
});

test.each(Object.entries(FINISH_CASES))('%s fires and stays silent', (id, { fires, silent }) => {
  const codes = (c: readonly [FinishId, Sample]) => judge(FINISH_RULES, finishSubject(...c), []).map(({ code }) => code);
  expect(codes(fires)).toContain(id);
  expect(codes(silent)).not.toContain(id);
});

test.each(['tyre', 'rubber', 'friction-lining', 'adhesive-joints'] as const)('a powder oven refuses a part with its %s on', (feature) =>
  expect(judge(FINISH_RULES, finishSubject('powder-sent-out', { features: [feature] }), []).map(({ code }) => code)).toContain('powder-heat'),
);
