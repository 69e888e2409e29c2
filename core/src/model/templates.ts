import { metres, m2, mm, um } from '../units/quantities.ts';
import type { CoatingId, SubstrateId } from './ids.ts';
import type { Condition, Feature, Layer, Part, Zone } from './job.ts';
import { CLEAN, NEW_PART, newZone, type NewId } from './new-job.ts';
import type { Shape } from './shape.ts';

interface ZoneTemplate {
  readonly name: string;
  readonly shape: Shape;
  readonly orientation?: Zone['orientation'];
  readonly access?: Zone['access'];
  readonly condition?: Partial<Condition>;
}

/** A common part with its typical stack, from the substrate up. */
export interface PartTemplate {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  /** what it is looked for by as well */
  readonly words?: string;
  /** what it is to the item, where its kind says so */
  readonly role?: Part['role'];
  readonly substrate: SubstrateId;
  readonly thickness: number;
  readonly held?: Part['held'];
  readonly features: readonly Feature[];
  readonly stack: readonly (readonly [coating: CoatingId, film: number, state?: Layer['state'], origin?: Layer['origin']])[];
  readonly zones: readonly ZoneTemplate[];
}

const plain = (area: number): Shape => ({ kind: 'entered', area: m2(area) });
const sheet = (width: number, height: number): Shape => ({ kind: 'rectangle', width: metres(width), height: metres(height), count: 1 });
const tubes = (diameter: number, length: number): Shape => ({ kind: 'tube', diameter: metres(diameter), length: metres(length), count: 1 });
const rim = (diameter: number, width: number, hub: number): Shape => ({
  kind: 'rim',
  diameter: metres(diameter),
  width: metres(width),
  well: metres(0.02),
  hub: metres(hub),
  count: 1,
});

const FACTORY = [
  ['e-coat', 20, 'sound', 'factory'],
  ['surfacer-2k', 35, 'sound', 'factory'],
  ['basecoat', 15, 'sound', 'factory'],
  ['clear-2k', 45, 'sound', 'factory'],
] as const;

/** Films are common practice, no source; dimensions are examples to overwrite. */
export const PART_TEMPLATES: readonly PartTemplate[] = [
  {
    id: 'factory-panel',
    name: 'Steel panel, factory finish',
    says: 'Dip primer, surfacer, base and clear',
    words: 'car body door wing fender bonnet hood boot trunk roof bumper trailer van',
    role: 'ordinary',
    substrate: 'mild-steel-sheet',
    thickness: 0.8,
    features: ['seams'],
    stack: FACTORY,
    zones: [
      { name: 'Outer skin', shape: sheet(1.2, 1), condition: { lead: 'lab-clear' } },
      { name: 'Edges and folds', shape: plain(0.15), access: 'edge', orientation: 'vertical', condition: { lead: 'lab-clear' } },
    ],
  },
  {
    id: 'alloy-frame',
    name: 'Alloy tube frame, baked finish',
    says: 'Sprayed and baked colour under clear',
    words: 'bicycle bike cycle scooter wheelchair',
    role: 'frame',
    substrate: 'aluminium-sheet',
    thickness: 1.6,
    held: 'hung',
    features: ['threads', 'bearing-seats'],
    stack: [
      ['epoxy-2k', 30, 'sound', 'factory'],
      ['baked-enamel', 40, 'sound', 'factory'],
      ['clear-2k', 30, 'sound', 'factory'],
    ],
    zones: [
      { name: 'Tubes', shape: tubes(0.035, 3.4), access: 'tube', orientation: 'vertical', condition: { lead: 'lab-clear' } },
      { name: 'Nodes and lugs', shape: plain(0.05), access: 'crevice', orientation: 'vertical', condition: { lead: 'lab-clear' } },
    ],
  },
  {
    id: 'carbon-tube',
    name: 'Carbon tube part',
    says: 'Colour and clear on carbon',
    words: 'bicycle mast boom fork drone',
    role: 'frame',
    substrate: 'carbon-epoxy',
    thickness: 1.5,
    held: 'hung',
    features: ['adhesive-joints', 'bearing-seats'],
    stack: [
      ['basecoat', 20, 'sound', 'factory'],
      ['clear-2k', 50, 'sound', 'factory'],
    ],
    zones: [{ name: 'Outside', shape: tubes(0.04, 1.2), access: 'tube', orientation: 'vertical', condition: { lead: 'lab-clear' } }],
  },
  {
    id: 'alloy-wheel',
    name: 'Cast alloy wheel',
    says: 'Powder base, colour and clear',
    words: 'rim car motorcycle',
    role: 'wheel',
    substrate: 'aluminium-cast',
    thickness: 8,
    features: ['tyre', 'threads'],
    stack: [
      ['powder-polyester', 80, 'sound', 'factory'],
      ['basecoat', 15, 'sound', 'factory'],
      ['clear-2k', 40, 'chalking', 'factory'],
    ],
    zones: [
      {
        name: 'Rim and face',
        shape: rim(0.43, 0.19, 0.07),
        access: 'tube',
        orientation: 'vertical',
        condition: { contamination: ['brake-dust'], lead: 'lab-clear' },
      },
    ],
  },
  {
    id: 'steel-rim',
    name: 'Rusty steel rim',
    says: 'Old enamel, rust grade C',
    words: 'wheel tractor trailer',
    role: 'wheel',
    substrate: 'mild-steel-section',
    thickness: 3,
    features: ['heavy'],
    stack: [['alkyd-enamel', 70, 'flaking', 'unknown']],
    zones: [{ name: 'Both sides', shape: rim(0.61, 0.3, 0.2), access: 'tube', orientation: 'vertical', condition: { rustGrade: 'C', pitted: true } }],
  },
  {
    id: 'leaded-casting',
    name: 'Old machine casting',
    says: 'Three coats of old enamel on filler, lead likely',
    words: 'machine lathe engine block iron bed',
    substrate: 'cast-iron',
    thickness: 15,
    held: 'in-place',
    features: ['precision-ways', 'threads', 'heavy', 'id-plate'],
    stack: [
      ['surfacer-polyester', 150, 'sound', 'factory'],
      ['alkyd-enamel', 40, 'cracked', 'factory'],
      ['alkyd-enamel', 35, 'sound', 'refinish'],
      ['alkyd-enamel', 35, 'sound', 'refinish'],
    ],
    zones: [
      { name: 'Outside faces', shape: plain(1.2), orientation: 'vertical', condition: { contamination: ['grease'], lead: 'suspected' } },
      {
        name: 'Corners and ribs',
        shape: plain(0.2),
        access: 'crevice',
        orientation: 'vertical',
        condition: { contamination: ['grease'], lead: 'suspected' },
      },
    ],
  },
  {
    id: 'yacht-bottom',
    name: 'Yacht bottom',
    says: 'Built-up antifouling on gelcoat',
    words: 'hull boat antifouling keel launch',
    role: 'ordinary',
    substrate: 'grp-gelcoat',
    thickness: 12,
    held: 'in-place',
    features: ['anodes', 'sensors', 'heavy'],
    stack: [
      ['antifoul-ablative', 120, 'flaking', 'unknown'],
      ['antifoul-ablative', 100, 'sound', 'refinish'],
      ['antifoul-ablative', 80, 'sound', 'refinish'],
    ],
    zones: [
      {
        name: 'Below the waterline',
        shape: { kind: 'hull', waterline: metres(7.2), beam: metres(2.6), draught: metres(1.4), form: 'medium' },
        orientation: 'down',
        condition: { contamination: ['fouling', 'salt'], lead: 'lab-clear' },
      },
    ],
  },
  {
    id: 'aircraft-skin',
    name: 'Light-aircraft skin',
    says: 'Aged polyurethane over epoxy on clad aluminium',
    words: 'aeroplane plane wing fuselage glider',
    substrate: 'aluminium-clad',
    thickness: 0.6,
    held: 'in-place',
    features: ['seams', 'adhesive-joints', 'id-plate'],
    stack: [
      ['epoxy-2k', 20, 'sound', 'factory'],
      ['aviation-polyurethane', 60, 'chalking', 'factory'],
    ],
    zones: [{ name: 'Upper skin', shape: sheet(1.6, 0.9), condition: { lead: 'lab-clear' } }],
  },
  {
    id: 'olefin-bumper',
    name: 'Moulded bumper, polypropylene',
    says: 'Flexible base and clear on primer',
    words: 'trim fender bumper cover',
    role: 'ordinary',
    substrate: 'pp-epdm',
    thickness: 3,
    held: 'hung',
    features: ['sensors'],
    stack: [
      ['surfacer-2k', 25, 'sound', 'factory'],
      ['basecoat', 15, 'sound', 'factory'],
      ['clear-2k', 40, 'cracked', 'factory'],
    ],
    zones: [
      { name: 'Outside', shape: plain(0.9), orientation: 'vertical', condition: { contamination: ['silicone', 'mould-release'], lead: 'lab-clear' } },
    ],
  },
  {
    id: 'abs-fairing',
    name: 'ABS fairing',
    says: 'Base and clear on plastic',
    words: 'motorcycle scooter mudguard mud guard wing fender trim panel plastic',
    role: 'ordinary',
    substrate: 'abs',
    thickness: 3,
    held: 'hung',
    features: [],
    stack: [
      ['basecoat', 20, 'sound', 'factory'],
      ['clear-2k', 40, 'sound', 'factory'],
    ],
    zones: [{ name: 'Outside', shape: plain(0.6), orientation: 'vertical', condition: { lead: 'lab-clear' } }],
  },
  {
    id: 'steel-tank',
    name: 'Steel fuel tank',
    says: 'Two-pack repaint over factory primer',
    words: 'fuel tank motorcycle tractor',
    role: 'tank',
    substrate: 'mild-steel-sheet',
    thickness: 0.9,
    held: 'hung',
    features: ['fuel-tank', 'seams', 'sealed-hollow'],
    stack: [
      ['epoxy-2k', 30, 'sound', 'factory'],
      ['basecoat', 20, 'sound', 'refinish'],
      ['clear-2k', 60, 'sound', 'refinish'],
    ],
    zones: [{ name: 'Outside', shape: plain(0.55), orientation: 'vertical', condition: { rustGrade: 'A', lead: 'lab-clear' } }],
  },
  {
    id: 'grp-bonnet',
    name: 'Glass-fibre bonnet',
    says: 'Repainted gelcoat',
    words: 'hood gelcoat boat fibreglass fiberglass',
    role: 'ordinary',
    substrate: 'grp-gelcoat',
    thickness: 4,
    features: [],
    stack: [
      ['surfacer-2k', 60, 'sound', 'refinish'],
      ['urethane-2k', 70, 'cracked', 'refinish'],
    ],
    zones: [{ name: 'Top face', shape: sheet(1.1, 1.2), condition: { contamination: ['wax'], lead: 'lab-clear' } }],
  },
  {
    id: 'chassis-rail',
    name: 'Chassis rail, steel section',
    says: 'Old enamel and rust',
    words: 'trailer frame drawbar axle truck tractor steel section',
    role: 'frame',
    substrate: 'mild-steel-section',
    thickness: 4,
    held: 'in-place',
    features: ['seams', 'heavy'],
    stack: [['alkyd-enamel', 60, 'flaking', 'unknown']],
    zones: [
      {
        name: 'Outside',
        shape: { kind: 'box', width: metres(0.08), depth: metres(0.12), height: metres(2.2), count: 1 },
        orientation: 'vertical',
        condition: { rustGrade: 'B' },
      },
      { name: 'Inside the section', shape: plain(0.8), access: 'inside', orientation: 'vertical', condition: { rustGrade: 'B' } },
    ],
  },
  {
    id: 'blank',
    name: 'Empty part',
    says: 'Mild steel sheet, no coating yet',
    substrate: 'mild-steel-sheet',
    thickness: 1,
    features: [],
    stack: [],
    zones: [{ name: 'Zone 1', shape: { kind: 'entered', area: null } }],
  },
];

/** A part of a job from a template, with fresh ids. */
export function partFromTemplate(template: PartTemplate, newId: NewId): Part {
  return {
    id: newId(),
    name: template.name,
    substrate: template.substrate,
    floats: 'not-tested',
    thickness: mm(template.thickness),
    held: template.held ?? 'laid',
    features: [...template.features],
    finish: null,
    box: null,
    touching: [],
    ...NEW_PART,
    role: template.role ?? NEW_PART.role,
    zones: template.zones.map((zone): Zone => ({
      ...newZone(zone.name, newId),
      shape: zone.shape,
      orientation: zone.orientation ?? 'up',
      access: zone.access ?? 'flat',
      stack: template.stack.map(([coating, film, state, origin]): Layer => ({
        id: newId(),
        coating,
        thickness: um(film),
        state: state ?? 'sound',
        origin: origin ?? 'unknown',
        name: '',
        colour: '',
      })),
      condition: { ...CLEAN, ...zone.condition },
    })),
  };
}
