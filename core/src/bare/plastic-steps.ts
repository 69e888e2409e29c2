import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BareStep } from '../model/bare.ts';
import { onGroup } from '../rules/groups.ts';
import { WATER_BREAK, type Add } from './bare-step.ts';
import { bondSteps } from './bond-steps.ts';
import { washesFirst } from './washes-first.ts';

/** Plastics: washed, made to take paint, keyed and wiped. */
export function plasticSteps(zone: ZoneFacts, wayOff: Method | null, add: Add): BareStep[] {
  const olefin = onGroup(zone, 'plastic-olefin');
  const dressed = zone.zone.condition.contamination.some((c) => c === 'silicone' || c === 'mould-release');
  return [
    ...(wayOff?.family === 'chem'
      ? [add('rinse', { title: 'Rinse stripper off', detail: 'Water and a soft brush; no thinner.', means: 'water' })]
      : []),
    ...(washesFirst(zone)
      ? [
          add('soap-wash', {
            title: dressed ? 'Soak and brush with detergent, twice' : 'Wash with detergent and warm water',
            detail: 'Household soap does not take silicone off; use a plastics detergent.',
            wait: dressed ? 30 : 10,
            means: 'plastics-detergent',
          }),
        ]
      : []),
    ...bondSteps(zone, add),
    add(
      'wash-key',
      olefin
        ? {
            title: 'Release agent off, wipe, then key P400 to P600',
            detail: 'Isopropyl alcohol or plastics cleaner before scuffing and again after; scuffing first drives it in.',
            means: 'alcohol',
          }
        : {
            title: 'Wipe with isopropyl alcohol, key P320 to P600',
            detail: 'Only a solvent that the plastic stands; fine even scuff.',
            means: 'alcohol',
          },
    ),
    ...flameSteps(zone, olefin, add),
    add('final-wash', {
      title: 'Antistatic wipe and dry',
      detail: 'Second cloth dry; wait until the alcohol is gone.',
      wait: 10,
      means: 'antistatic',
    }),
    add('water-break', {
      title: 'Water-break look',
      detail: 'Beads after keying mean release agent is still there.',
      wait: 10,
      hold: WATER_BREAK,
      means: 'test-water',
    }),
  ];
}

/** Flame raises the surface energy of an olefin by oxidation, and fades within hours to a day; common practice, no source. */
const flameSteps = (zone: ZoneFacts, olefin: boolean, add: Add): BareStep[] =>
  olefin && zone.shop.schools.P3 !== 'promoter'
    ? [
        add('flame', {
          title: 'Flame, then wipe with alcohol',
          detail:
            'Low moving flame until a brief wet sheen shows; alcohol only when the part is cool, and no further flame until it has gone. Test on a scrap; coat the same day.',
          hold: {
            method: 'nose and eye: no paint, solvent or alcohol in the room',
            accept: 'air clear, doors open, extinguisher at hand',
            unit: null,
            least: null,
            most: null,
          },
          means: 'alcohol',
        }),
      ]
    : [];
