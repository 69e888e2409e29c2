import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BareStep } from '../model/bare.ts';
import type { Add } from './bare-step.ts';
import { keyText } from './key-text.ts';
import { washesFirst } from './washes-first.ts';

/** Paint that stays: washed, keyed, wiped. */
export function keptSteps(zone: ZoneFacts, add: Add): BareStep[] {
  return [
    ...(washesFirst(zone)
      ? [
          add('soap-wash', {
            title: 'Wash and degrease',
            detail: 'Clean, sand, clean: sanding first grinds grease in.',
            wait: 15,
            means: 'detergent',
          }),
        ]
      : []),
    add('key', {
      title: zone.finish?.id === 'liner' ? 'Key P80 to P180, all shine off' : `Key what stays, ${keyText(zone, 'P320 to P800')}`,
      detail: 'Feather every broken edge until no step is felt.',
    }),
    add('final-wash', {
      title: zone.filler ? 'Final wash only' : 'Solvent wipe and tack',
      detail: zone.filler ? 'No tar-and-wax remover near filler: it soaks in.' : 'Two cloths; dust off.',
      wait: 10,
      means: zone.filler ? 'final-wash' : 'solvent-wipe',
    }),
  ];
}
