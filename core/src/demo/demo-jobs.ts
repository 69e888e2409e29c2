import type { TestPatch } from '../model/test-patch.ts';
import { degC, m2, metres, metresPerSecond, mm, percent } from '../units/quantities.ts';
import { DEFAULT_SHOP } from '../model/default-shop.ts';
import type { Job, Part } from '../model/job.ts';
import { newJob } from '../model/new-job.ts';
import type { Shop } from '../model/shop.ts';
import { USUAL_AIR } from '../model/air-plant.ts';
import { builder, inTheShop, named } from './builder.ts';
import { patrolBuggy } from './patrol-buggy.ts';
import { HORSEBOX_NOTES, TUG_NOTES, withNotes } from './worked-notes.ts';

/** A made-up shop with made-up jobs. */
export const DEMO_SHOP: Shop = {
  ...DEFAULT_SHOP,
  name: 'Ferrow Lane Refinishing',
  equipment: [...DEFAULT_SHOP.equipment, 'caustic-tub', 'supplied-air'],
  air: { ...USUAL_AIR, freeAir: 1150, receiver: 500, hoseBore: 25, hoseLength: metres(12) },
  people: [
    {
      id: 'ar',
      name: 'A. R.',
      beard: false,
      masks: ['ffp3', 'half-p100', 'half-vapour', 'supplied-full'],
      size: 'M',
      fitTested: '2026-05-11',
      trained: ['two-pack', 'welding'],
      hours: null,
      away: [],
    },
    {
      id: 'jt',
      name: 'J. T.',
      beard: true,
      masks: ['powered-hood', 'supplied-hood'],
      size: null,
      fitTested: null,
      trained: ['two-pack', 'welding'],
      hours: null,
      away: [],
    },
    { id: 'so', name: 'S. O.', beard: false, masks: ['ffp2', 'half-p100'], size: 'S', fitTested: '2025-09-02', trained: [], hours: null, away: [] },
  ],
  cartridges: [
    { id: 'c1', person: 'ar', kind: 'vapour', opened: '2026-11-09', hours: 5.5 },
    { id: 'c2', person: 'so', kind: 'p100', opened: '2026-10-01', hours: 12 },
  ],
  contractors: [
    {
      id: 'quayside',
      name: 'Quayside Blasting',
      media: ['blast.soda', 'blast.plastic', 'blast.glass-bead'],
      composites: true,
      onSite: false,
      minimum: 140,
      perSquareMetre: 42,
      perKilogram: null,
      transport: 30,
      daysAway: 3,
      pickUpDays: ['tue', 'fri'],
    },
    {
      id: 'ironyard',
      name: 'Ironyard Blast Works',
      media: ['blast.garnet', 'blast.crushed-glass', 'blast.aluminium-oxide', 'blast.wet-abrasive'],
      composites: false,
      onSite: false,
      minimum: 90,
      perSquareMetre: 30,
      perKilogram: null,
      transport: 20,
      daysAway: 4,
      pickUpDays: ['mon'],
    },
    {
      id: 'slipway',
      name: 'Slipway Mobile Blasting',
      media: ['blast.soda', 'blast.wet-abrasive', 'blast.garnet'],
      composites: true,
      onSite: true,
      minimum: 320,
      perSquareMetre: 48,
      perKilogram: null,
      transport: 60,
      daysAway: 1,
      pickUpDays: ['tue', 'thu'],
    },
  ],
  ownRows: [
    {
      id: 'own.house-gel',
      name: 'House slow gel, 15 L drum',
      base: 'chem.slow-gel',
      note: 'Drum price; softening of enamel from our own patches.',
      figures: { price: 11, pack: 15, softening: { 'alkyd-enamel': 100 } },
    },
  ],
};

const patch = (id: string, at: string, where: string, temperature: number, minutes: number, layers: number): TestPatch => ({
  id,
  at,
  where,
  stripper: 'chem.benzyl-neutral',
  temperature: degC(temperature),
  laid: mm(1.8),
  covered: false,
  broken: false,
  brushed: false,
  minutes,
  layers,
  under: 'unharmed',
  setAside: null,
});
const COUNTERWEIGHT_PATCHES: TestPatch[] = [
  patch('cw-1', '2026-11-20T09:10:00.000Z', 'left face, low', 16, 48, 1),
  patch('cw-2', '2026-11-20T09:15:00.000Z', 'left face, high', 16, 120, 2),
  patch('cw-3', '2026-11-20T10:30:00.000Z', 'beside the pocket', 17, 20, 0),
  { ...patch('cw-4', '2026-11-21T08:40:00.000Z', 'rear face', 14, 150, 1), setAside: 'on a run, three times as thick' },
];

function baggageTug(): Job {
  const part = builder('tug-');
  return {
    ...newJob('Baggage tug 14'),
    item: { kind: 'vehicle', description: 'Airport baggage tug, apron yellow over older green', year: 1988, service: 'outside' },
    place: inTheShop(17.5, 61),
    finish: 'solid-2k',
    parts: [
      part('grp-bonnet', named('Bonnet', ['Top face'])),
      part(
        'factory-panel',
        named('Side panels', ['Outer skins', 'Edges and lips'], (zone, i) =>
          i === 0 ? { ...zone, orientation: 'vertical', shape: { kind: 'rectangle', width: metres(1.1), height: metres(0.6), count: 2 } } : zone,
        ),
      ),
      part(
        'chassis-rail',
        named('Chassis', ['Rails outside', 'Inside the section'], (zone) => ({ ...zone, condition: { ...zone.condition, lead: 'lab-clear' } })),
      ),
      part(
        'leaded-casting',
        named('Counterweight', ['Faces', 'Lifting pockets'], (zone, i) => ({
          ...zone,
          condition: { ...zone.condition, lead: 'not-tested' },
          patches: i === 0 ? COUNTERWEIGHT_PATCHES : [],
        })),
      ),
      part('leaded-casting', (hitch) => ({
        ...named('Hitch and pedal brackets', ['Faces', 'Bosses'], (zone, i) => ({
          ...zone,
          shape: { kind: 'entered', area: m2(i === 0 ? 0.18 : 0.05) },
          stack: zone.stack.filter(({ coating }) => coating === 'alkyd-enamel'),
        }))(hitch),
        role: 'frame',
        features: ['threads'],
        box: { length: metres(0.4), width: metres(0.25), height: metres(0.2) },
      })),
      part('olefin-bumper', (bumper) => ({ ...named('Bumper', ['Outside'])(bumper), finish: 'base-clear' })),
    ],
    notes: 'Back on the apron by Friday week.',
  };
}

function pilotLaunch(): Job {
  const part = builder('launch-');
  return {
    ...newJob('Pilot launch Grey Heron'),
    item: { kind: 'boat', description: 'Harbour pilot launch, 9.5 m', year: 2003, service: 'immersed-salt' },
    place: {
      indoors: false,
      kind: 'workshop',
      temperature: degC(14),
      humidity: percent(68),
      extraction: false,
      metal: null,
      wind: metresPerSecond(3),
      // Under a tent that keeps the dew off until the evening.
      paintHours: { from: '07:00', to: '19:00' },
      room: null,
      airFlow: null,
      gateReasons: {},
    },
    finish: 'antifouling',
    parts: [
      part(
        'yacht-bottom',
        named('Bottom', ['Below the waterline'], (zone) => ({
          ...zone,
          shape: { kind: 'hull', waterline: metres(9.1), beam: metres(3.1), draught: metres(0.9), form: 'full' },
        })),
      ),
    ],
    notes: 'Lift booked for two tides.',
  };
}

function horsebox(): Job {
  const part = builder('box-');
  return {
    ...newJob('Horsebox trailer'),
    item: { kind: 'trailer', description: 'Two-horse trailer', year: 2009, service: 'outside' },
    place: inTheShop(19, 52),
    finish: 'base-clear',
    parts: [
      part('alloy-frame', (frame) => ({
        ...named('Side skins', ['Skins', 'Rivet lines'], (zone, i) =>
          i === 0 ? { ...zone, access: 'flat', shape: { kind: 'rectangle', width: metres(2.9), height: metres(1.2), count: 2 } } : zone,
        )(frame),
        role: 'ordinary',
        features: ['seams', 'rubber'],
        held: 'in-place',
      })),
      part('chassis-rail', (rail): Part => ({
        ...named('Drawbar', ['Outside', 'Inside the section'], (zone) => ({ ...zone, condition: { ...zone.condition, rustGrade: 'none' } }))(rail),
        substrate: 'galvanised',
        touching: ['aluminium-sheet'],
        finish: 'solid-2k',
      })),
      part(
        'abs-fairing',
        named('Wheel arches', ['Outside'], (zone) => ({ ...zone, shape: { kind: 'entered', area: m2(0.9) } })),
      ),
      part(
        'steel-rim',
        named('Spare wheel', ['Both sides'], (zone) => ({ ...zone, condition: { ...zone.condition, lead: 'lab-clear' } })),
      ),
    ],
    notes: '',
  };
}

/** The tug and the trailer are worked examples. */
export const DEMO_JOBS: readonly Job[] = [withNotes(baggageTug(), TUG_NOTES), pilotLaunch(), withNotes(horsebox(), HORSEBOX_NOTES), patrolBuggy()];
