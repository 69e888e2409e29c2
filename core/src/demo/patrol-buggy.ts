import type { Job, Part, Zone } from '../model/job.ts';
import { newJob } from '../model/new-job.ts';
import { m2, metres, mm } from '../units/quantities.ts';
import { builder, inTheShop, named, type PartChange } from './builder.ts';

const sentTo =
  (method: string, at: string): ((zone: Zone) => Zone) =>
  (zone) => ({ ...zone, choice: { method, at, reason: 'nobody here blasts', by: 'hand' } });
const box = (length: number, width: number, height: number): Part['box'] => ({
  length: metres(length),
  width: metres(width),
  height: metres(height),
});

/** A boat and a car in one: everything on it that a blaster has to be told about differently. */
export function patrolBuggy(): Job {
  const part = builder('buggy-');
  const clear = (zone: Zone): Zone => ({ ...zone, condition: { ...zone.condition, lead: 'lab-clear' } });
  const bonnet: PartChange = (hood) => ({
    ...named('Bonnet', ['Outer skin', 'Edges and returns'], (zone, i) =>
      i === 0
        ? sentTo(
            'blast.plastic',
            'quayside',
          )({ ...zone, shape: { kind: 'panel', width: metres(1.35), height: metres(1.1), crown: 6, openings: m2(0.08), faces: 1, count: 1 } })
        : zone,
    )(hood),
    thickness: mm(0.9),
    box: box(1.4, 1.15, 0.18),
  });
  return {
    ...newJob('Shore patrol buggy 3'),
    item: { kind: 'vehicle', description: 'Amphibious patrol buggy of a lifeguard station', year: 2001, service: 'outside' },
    place: inTheShop(16, 72),
    finish: 'solid-2k',
    parts: [
      part('factory-panel', bonnet),
      part('chassis-rail', (rails) => ({
        ...named('Frame rails', ['Outside', 'Inside the section'], (zone, i) =>
          i === 0 ? sentTo('blast.garnet', 'ironyard')(clear(zone)) : clear(zone),
        )(rails),
        held: 'hung',
        box: box(2.6, 0.8, 0.2),
        features: ['threads', 'bearing-seats', 'id-plate', 'sealed-hollow'],
      })),
      part('alloy-wheel', (rims) => ({
        ...named('Rims', ['Rim and face'], (zone) =>
          sentTo('blast.plastic', 'quayside')({ ...zone, shape: zone.shape.kind === 'rim' ? { ...zone.shape, count: 4 } : zone.shape }),
        )(rims),
        alloy: 'AlSi7Mg, T6',
        box: box(0.45, 0.45, 0.2),
      })),
      part('yacht-bottom', (tub) => ({
        ...named('Tub', ['Below the waterline'], (zone) =>
          sentTo(
            'blast.soda',
            'quayside',
          )({
            ...zone,
            shape: { kind: 'hull', waterline: metres(3.4), beam: metres(1.7), draught: metres(0.4), form: 'light' },
          }),
        )(tub),
        thickness: mm(6),
        held: 'laid',
        finish: 'antifouling',
      })),
      part('alloy-wheel', (housing) => ({
        ...named('Gearbox housing', ['Outside'], (zone) =>
          sentTo(
            'blast.glass-bead',
            'quayside',
          )({
            ...zone,
            shape: { kind: 'box', width: metres(0.42), depth: metres(0.3), height: metres(0.28), count: 1 },
            condition: { ...zone.condition, contamination: ['grease'] },
            access: 'flat',
          }),
        )(housing),
        role: 'ordinary',
        thickness: mm(7),
        held: 'hung',
        features: ['bearing-seats', 'threads', 'vents'],
        box: box(0.42, 0.3, 0.28),
      })),
    ],
    orders: [
      { contractor: 'quayside', readyAt: '2026-12-04T13:00:00.000Z', note: 'Rims stacked in the blue crate.' },
      { contractor: 'ironyard', readyAt: '2026-12-03T09:30:00.000Z', note: '' },
    ],
    notes: 'Station reopens in spring.',
  };
}
