import type { Guard, Stage } from '../model/operation.ts';
import type { AirLine } from '../model/safety-sheet.ts';

/** Words of the sheets, the same on the screen and on paper. */
export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  'set-up': 'Set up',
  strip: 'Strip',
  bare: 'Bare surface',
  build: 'Build',
  finish: 'Cure and clear up',
};

export const GUARD_NAMES: Readonly<Record<Guard, string>> = {
  eyes: 'Eyes',
  breathing: 'Breathing',
  hands: 'Hands',
  body: 'Body',
  place: 'Place',
  others: 'Others',
  fire: 'Fire',
};

export const AIR_VERDICTS: Readonly<Record<AirLine['verdict'], string>> = {
  outdoors: 'outdoors: stand upwind',
  unknown: 'not measured: have this much',
  enough: 'enough',
  mask: 'enough in what is worn',
  breathing: 'too little to breathe',
  fire: 'too little: could burn',
};
