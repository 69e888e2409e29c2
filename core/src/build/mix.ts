import { THINNER_DENSITY } from '../catalogue/mixes.ts';
import type { CoatPlan } from '../model/build.ts';

/** Share of the pot life that is spent laying on. */
const IN_TIME = 0.8;
/** A weighing error of more than this share of the hardener is too much; model assumption. */
const WEIGHING = 0.05;
const GRAMS = 1000;

export interface MixPart {
  readonly name: string;
  readonly litres: number;
  readonly grams: number;
  /** what the scale shows after it is poured in */
  readonly shows: number;
}

/** How one coat of a product is mixed. Litres and grams. */
export interface MixPlan {
  /** by volume; null: one-pack */
  readonly ratio: readonly [base: number, hardener: number] | null;
  /** ready to lay on, one coat of the zone, thinner counted */
  readonly perCoat: number;
  readonly batches: number;
  readonly parts: readonly MixPart[];
  /** no more than this at once, thinner counted; null: no pot life */
  readonly most: number | null;
  readonly hardener: string | null;
  /** smallest batch whose hardener the scale can weigh well enough; null: there is none */
  readonly least: number | null;
  /** tins that hold no more than one size; null: not from a tin */
  readonly cans: number | null;
}

/** Hardener and thinner by temperature of the workplace: fast in the cold, so that it cures and does not sag; slow in the heat, so that it flows. Common practice, no source. */
export function speedFor(celsius: number): 'fast' | 'standard' | 'slow' {
  if (celsius < 15) return 'fast';
  return celsius <= 25 ? 'standard' : 'slow';
}

/**
 * One coat in batches that are laid on within 0.8 of the pot life, each with its parts by volume and by mass in the order they are poured.
 * `celsius` chooses hardener and thinner, `resolution` is the step of the scale in g. `cans` in L is the size of an aerosol.
 */
export function planMix(coat: CoatPlan, { celsius, resolution, can }: { celsius: number; resolution: number; can: number }): MixPlan {
  const recipe = coat.mix;
  const twoPack = recipe.hardener > 0;
  const thinner = coat.litres > 0 ? coat.thinner / coat.litres : 0;
  const perCoat = (coat.litres / coat.coats) * (1 + thinner);
  const minutes = coat.hand / coat.coats;
  const most = coat.potLife === null || minutes <= 0 ? null : perCoat * ((IN_TIME * coat.potLife) / minutes);
  const batches = most === null ? 1 : Math.max(1, Math.ceil(perCoat / most - 1e-9));
  const batch = perCoat / batches / (1 + thinner);
  const whole = recipe.base + recipe.hardener;
  const speed = speedFor(celsius);
  const hardening = twoPack ? `${speed} hardener` : null;
  const parts = pour([
    [twoPack ? 'base' : 'paint', (batch * recipe.base) / whole, recipe.baseDensity],
    [hardening ?? '', (batch * recipe.hardener) / whole, recipe.hardenerDensity],
    [`${speed} thinner`, batch * thinner, THINNER_DENSITY.value],
  ]);
  const hardener = twoPack ? parts[1] : undefined;
  const aerosol = coat.apply === 'aerosol';
  return {
    ratio: twoPack ? [recipe.base, recipe.hardener] : null,
    perCoat,
    batches,
    parts: aerosol ? [] : parts,
    most,
    hardener: hardening,
    least: hardener && !aerosol ? (perCoat / batches) * (resolution / WEIGHING / hardener.grams) : null,
    cans: aerosol ? Math.ceil(coat.litres / can - 1e-9) : null,
  };
}

/** Parts with nothing in them are left out; the scale adds up. */
function pour(parts: readonly (readonly [name: string, litres: number, density: number])[]): MixPart[] {
  let shows = 0;
  return parts
    .filter(([, litres]) => litres > 0)
    .map(([name, litres, density]) => {
      const grams = litres * density * GRAMS;
      shows += grams;
      return { name, litres, grams, shows };
    });
}
