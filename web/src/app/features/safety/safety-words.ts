import type { AirLine, SafetyLine } from '@lift-bare/core';

export const GUARDS: Readonly<Record<SafetyLine['guard'], string>> = {
  eyes: 'Eyes',
  breathing: 'Breathing',
  hands: 'Hands',
  body: 'Body',
  place: 'Place',
  others: 'Others',
  fire: 'Fire',
};

export const VERDICTS: Readonly<Record<AirLine['verdict'], string>> = {
  outdoors: 'outdoors: stand upwind',
  unknown: 'not measured: have this much',
  enough: 'enough',
  mask: 'enough in what is worn',
  breathing: 'too little to breathe',
  fire: 'too little: could burn',
};
