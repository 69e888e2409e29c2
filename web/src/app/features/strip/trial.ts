import { AS_USUAL, type LayChoice, type WhatIf, type Zone } from '@lift-bare/core';
import type { DwellCase } from './dwell-case';

/** A setting that is being tried: which stripper, and what differs from the plan. */
export interface Trial {
  readonly method: string;
  readonly whatIf: WhatIf;
}

export const planned = (method: string): Trial => ({ method, whatIf: {} });

export const withLay = (trial: Trial, lay: Partial<LayChoice>): Trial => ({
  ...trial,
  whatIf: { ...trial.whatIf, lay: { ...trial.whatIf.lay, ...lay } },
});

/** The zone with the trial's way of laying on as its own. The temperature belongs to the workplace and stays. */
export function adoptTrial(zone: Zone, { method, whatIf: { lay, orientation } }: Trial): Zone {
  const choice =
    zone.choice?.method === method ? zone.choice : { method: method as never, at: null, reason: zone.choice?.reason ?? '', by: 'hand' as const };
  return { ...zone, orientation: orientation ?? zone.orientation, lay: lay ? { ...AS_USUAL, ...zone.lay, ...lay } : zone.lay, choice };
}

/** "20 °C, 2.5 mm, under film": the setting in a few words. `show` writes quantities in the units shown. */
export function sayCase({ setting }: DwellCase, show: (value: number, dimension: 'temperature' | 'gauge') => string): string {
  return [
    show(setting.temperature, 'temperature'),
    show(setting.standing, 'gauge'),
    setting.covered ? 'under film' : 'bare',
    ...(setting.broken ? ['surface broken'] : []),
    ...(setting.brushed ? ['brushed over'] : []),
  ].join(', ');
}
