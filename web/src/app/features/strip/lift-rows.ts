import type { Forecast } from '@lift-bare/core';
import type { DwellCase } from './dwell-case';

export interface LiftRow {
  readonly name: string;
  readonly cells: readonly { readonly likely: number; readonly first: number | null; readonly late: number | null; readonly dries: number | null }[];
}

/** When each layer lets go if nobody scrapes, for each setting; the band once it is drawn. */
export function liftRows(cases: readonly DwellCase[], bands: readonly (Forecast | null)[]): LiftRow[] {
  const longest = cases.reduce<DwellCase | null>((most, one) => (most && most.setting.off.length >= one.setting.off.length ? most : one), null);
  return (longest?.setting.off ?? []).map(({ coating }, layer) => ({
    name: coating.name,
    cells: cases.map(({ lifts }, i) => {
      const drawn = bands[i]?.lifts[layer];
      return { likely: lifts[layer] ?? Infinity, first: drawn?.band.first ?? null, late: drawn?.band.late ?? null, dries: drawn?.dries ?? null };
    }),
  }));
}
