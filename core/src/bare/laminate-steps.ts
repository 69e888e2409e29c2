import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BareStep, HoldPoint } from '../model/bare.ts';
import { onGroup } from '../rules/groups.ts';
import { PH, type Add } from './bare-step.ts';
import { bondSteps } from './bond-steps.ts';
import { AS_DRY } from './dry-out.ts';
import { keyText } from './key-text.ts';
import { washesFirst } from './washes-first.ts';

const MOISTURE: HoldPoint = {
  method: 'moisture meter against a dry reference above the waterline',
  accept: 'reads as the dry reference; else dry out for weeks',
  unit: 'of the meter above the reference',
  least: null,
  most: AS_DRY,
};

const look = (method: string, accept: string): HoldPoint => ({ method, accept, unit: null, least: null, most: null });
/** Where sanding of a laminate stops, whatever is still to be taken off. */
const STOP_LINE = {
  carbon: look('the water on a white cloth, after each crossing', 'no black in it and no fibre pattern on the face; black is fibre: stop there'),
  gelcoat: look('eye, under a lamp held flat', 'even dull gelcoat, no weave or pores showing; where they show, stop and seal'),
};

/** Laminate and wood: dewaxed, keyed, washed and dried. */
export function laminateSteps(zone: ZoneFacts, wayOff: Method | null, add: Add): BareStep[] {
  const carbon = zone.substrate.id === 'carbon-epoxy';
  const wood = onGroup(zone, 'wood');
  const immersed = zone.job.item.service.startsWith('immersed');
  return [
    ...(wayOff?.family === 'chem' ? [add('rinse', { title: 'Rinse stripper off', detail: 'Fresh water, soft brush, twice.', means: 'water' })] : []),
    ...(wayOff?.id === 'blast.soda'
      ? [
          add('neutralise', {
            title: 'Wash soda off and neutralise',
            detail: 'Alkaline salt kills adhesion.',
            hold: PH,
            means: 'after-soda',
          }),
        ]
      : []),
    ...(washesFirst(zone)
      ? [
          add('soap-wash', {
            title: wood ? 'Wipe down' : 'Dewax and wash',
            detail: 'Before any sanding: sanding drives wax and grease in.',
            wait: 15,
            means: 'detergent',
          }),
        ]
      : []),
    ...bondSteps(zone, add),
    add(
      'key',
      carbon
        ? { title: 'Finish wet with P400 to P600', detail: 'By hand; stop at the first fibre colour.', hold: STOP_LINE.carbon }
        : {
            title: `Key ${keyText(zone, immersed ? 'P80' : 'P180 to P320')}`,
            detail: 'Even dull all over; do not go through the gelcoat.',
            hold: wood ? null : STOP_LINE.gelcoat,
          },
    ),
    add('final-wash', {
      title: 'Wash, wipe and dry',
      detail: 'Clean cloths; let solvent leave.',
      wait: immersed ? 120 : 20,
      means: 'final-wash',
      hold: immersed ? MOISTURE : null,
    }),
  ];
}
