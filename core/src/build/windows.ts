import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BuildPlan, CoatPlan } from '../model/build.ts';
import type { Waits } from '../model/shop.ts';
import { usualTape } from './tape-times.ts';

/** A span that opens, and may close, after a coat. min at the temperature of the workplace. */
export interface Window {
  readonly what: 'flash' | 'recoat' | 'sand' | 'tape' | 'handle' | 'assemble' | 'load' | 'immerse';
  readonly after: string;
  /** as the label says, scaled from 20 °C */
  readonly label: number;
  /** as the shop does it; null where it has no habit of its own */
  readonly shop: number | null;
  readonly governs: 'label' | 'shop';
  readonly from: number;
  /** null: it stays open */
  readonly until: number | null;
  /** what to do when it has closed */
  readonly missed: string | null;
}

/** Sanding waits longer than recoating, tape longer than flash; model assumption. */
const SAND = 2;
/** Fitted parts press harder than hands do; model assumption. */
const ASSEMBLE = 1.5;
/** What to do when the next coat comes too late, by the row of the catalogue. Common practice, no source. */
const MISSED: Partial<Readonly<Record<CoatPlan['base'], string>>> = {
  'adhesion-promoter': 'wipe it off with the cleaner that its maker names and lay it on again; painting over it holds nothing',
  'etch-1k': 'key lightly and lay on a fresh thin etch',
  'etch-2k': 'key lightly and lay on a fresh thin etch',
  'epoxy-2k': 'key with P180 to P320 all over, wipe, then go on',
  'barrier-epoxy': 'wash off the blush, key with P80, wipe, then go on',
  basecoat: 'scuff with P800 wet, one more coat of base, then the clear within its window',
  'clear-2k': 'key with P1000 wet before another coat',
  'zinc-rich': 'wash off white rust, sweep or key, then go on',
};
/** Shares of its recoat time between which an epoxy is tacky to the thumb; model assumption, the tin has the hours. */
const TACKY = [0.5, 1.5] as const;
/** min that antifouling waits for the water at most; model assumption, the tin has the days. */
const LAUNCH_WITHIN = 60 * 24 * 60;
const KEY_AGAIN = 'key it, wipe, then go on';

/** Every window of a build, coat by coat, and of the whole at its end. */
export function windowsOf(zone: ZoneFacts, build: BuildPlan): Window[] {
  const { waits } = zone.shop;
  const coats = build.coats.flatMap((coat, i) => ofCoat(coat, build.coats[i + 1], waits));
  const last = build.coats.at(-1);
  if (!last || !zone.finish) return coats;
  const handle = zone.finish.handle.value * last.drying;
  const window = opening(last.name);
  return [
    ...coats,
    window('handle', handle, build.handle),
    window('assemble', handle * ASSEMBLE, waits.assemble === null ? build.handle * ASSEMBLE : later(handle * ASSEMBLE, waits.assemble * last.drying)),
    window('load', zone.finish.load.value * last.drying, build.load),
    ...(zone.finish.antifouling !== null
      ? [{ ...window('immerse', last.recoatMin, null), until: LAUNCH_WITHIN, missed: 'rub it down wet and lay on one more coat before the launch' }]
      : []),
  ];
}

/** min; two waits that differ by less are the same. */
const SAME = 1;

/** A window after a coat that stays open: as the shop has it where that differs from the label. */
const opening =
  (after: string) =>
  (what: Window['what'], label: number, shop: number | null): Window => {
    const own = shop === null || Math.abs(shop - label) < SAME ? null : shop;
    return { what, after, label, shop: own, governs: own === null ? 'label' : 'shop', from: own ?? label, until: null, missed: null };
  };

/** A wait of the shop never cuts one of the label short. */
const later = (label: number, shop: number | null): number => Math.max(label, shop ?? 0);

function ofCoat(coat: CoatPlan, next: CoatPlan | undefined, waits: Waits): Window[] {
  const window = opening(coat.name);
  const closing = { until: coat.recoatMax, missed: missedOf(coat) };
  const sanded = coat.role !== 'colour' && coat.base !== 'adhesion-promoter' && !coat.base.startsWith('etch');
  const sand = coat.recoatMin * SAND;
  return [
    ...(coat.coats > 1 ? [{ ...window('flash', coat.flash, null), ...closing }] : []),
    takenWhileTacky(coat, next) ? { ...tacky(coat), missed: missedOf(coat) } : { ...window('recoat', coat.recoatMin, null), ...closing },
    ...(sanded ? [window('sand', sand, later(sand, waits.sand && waits.sand * coat.drying))] : []),
    ...(coat.role === 'colour' ? [window('tape', usualTape(coat), coat.tapeFrom)] : []),
  ];
}

/** Antifouling holds on a barrier epoxy only while that is tacky to the thumb, or on its key. */
const takenWhileTacky = ({ base }: CoatPlan, next: CoatPlan | undefined): boolean =>
  base === 'barrier-epoxy' && (next?.base.startsWith('antifoul') ?? false);

const tacky = (coat: CoatPlan): Window => {
  const window = opening(coat.name)('recoat', coat.recoatMin * TACKY[0], null);
  return { ...window, until: coat.recoatMin * TACKY[1] };
};

const missedOf = ({ base, recoatMax }: CoatPlan): string | null => (recoatMax === null ? null : (MISSED[base] ?? KEY_AGAIN));

/** The latest opening of a kind of window over some builds, and the earliest close of those that have one; null where none has it. */
export function tightest(windows: readonly Window[], what: Window['what']): Pick<Window, 'from' | 'until' | 'missed'> | null {
  const found = windows.filter((window) => window.what === what);
  if (found.length === 0) return null;
  const closing = found.filter(({ until }) => until !== null).sort((a, b) => (a.until ?? 0) - (b.until ?? 0))[0];
  return { from: Math.max(...found.map(({ from }) => from)), until: closing?.until ?? null, missed: closing?.missed ?? null };
}

/** m² that can be laid on before the coat's own window closes; null where all of `area` can. */
export function areaWithinWindow(area: number, coat: CoatPlan): number | null {
  const minutes = coat.hand / coat.coats;
  if (coat.recoatMax === null || minutes <= coat.recoatMax - coat.recoatMin) return null;
  return (area * Math.max(1, coat.recoatMax - coat.recoatMin)) / minutes;
}
