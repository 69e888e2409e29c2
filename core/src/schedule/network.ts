import type { Lag, Operation, OperationKind } from '../model/operation.ts';

/**
 * A piece of work of one operation that hands do without a wait in it. A round of stripper is two: laid on, and lifted once it has worked; on a large face
 * two for each stretch of it.
 */
export interface Activity {
  readonly id: string;
  readonly operation: Operation;
  /** zones that it is done to */
  readonly zones: readonly string[];
  readonly phase: 'whole' | 'lay' | 'lift';
  /** which of how many stretches of its faces, from 1; null: all of them at once */
  readonly stretch: { readonly number: number; readonly of: number } | null;
  /** whole min of one person */
  readonly hand: number;
  /** may be broken off over a break or a night and taken up again */
  readonly split: boolean;
  /** several may work on it at a time */
  readonly shared: boolean;
  /** only one of a shop at a time */
  readonly plant: 'booth' | 'blast' | 'tub' | null;
}

/** A span from the end of one activity to the start of another, min; places in the list of activities. */
export interface Span {
  readonly from: number;
  readonly to: number;
  readonly least: number;
  readonly most: number | null;
  /** null: nothing but the order on a face, and what works alone before it */
  readonly what: Lag['what'] | null;
  readonly missed: Lag['missed'];
}

export interface Network {
  readonly activities: readonly Activity[];
  readonly spans: readonly Span[];
}

/** Work that is not broken off once it is begun: what is wet, hot or mixed. */
const IN_ONE_GO: ReadonlySet<OperationKind> = new Set<OperationKind>([
  'coat',
  'flame',
  'flame-clean',
  'fill',
  'strip-round',
  'strip-next-round',
  'strip-bath',
  'try-patch',
  'treat-rust',
  'treat-pits',
  'convert-rust',
  'rinse-off',
  'neutralise',
  'rinse-acid',
  'bond',
  'laminate',
  'weld',
  'hold-film',
  'convert-metal',
  'zinc-repair',
  'derust',
  'wipe',
  'seal-line',
  'pull-tape',
  'peel-line',
]);
/** Shares of a round of stripper: laid on before it works, scraped after; lay-on and scraping as the default rates have them. Model assumption. */
const LAID: Partial<Readonly<Record<OperationKind, number>>> = { 'strip-round': 0.3, 'strip-next-round': 0.3, 'strip-bath': 0.3, 'try-patch': 0.4 };
/** Laid on and lifted stretch by stretch where a face is large; a bath takes all of it. */
const STRETCHED: ReadonlySet<OperationKind> = new Set<OperationKind>(['strip-round', 'strip-next-round']);
/** min of lifting in one go: so that no break falls into it, and what worked overnight is off by the morning break. Model assumption. */
const LIFTED_IN_ONE_GO = 120;
/** min; shorter stretches are not made for the sake of a window. Model assumption. */
const LEAST_STRETCH = 30;
/** The wait of these stands before them, in the clock that they end: it is not waited twice. */
const CHECKS_A_WAIT: ReadonlySet<OperationKind> = new Set<OperationKind>(['cure']);
/** min of hands from which several share work: whoever is free, or two side by side where it is rolled on and not broken off. Model assumption. */
const SHARED_FROM = 180;
const PLANT: Partial<Readonly<Record<OperationKind, Activity['plant']>>> = { 'strip-blast': 'blast', 'strip-bath': 'tub' };

const whole = (hand: number): number => Math.ceil(hand - 1e-9);

/** By the product: zones that get it from a mix of their own, each with the number of that mix; all others share the first. */
export type Mixes = ReadonlyMap<string, ReadonlyMap<string, number>>;
const ONE_MIX: Mixes = new Map();

/** What has to be done and what binds it, read off the operations of a plan in working order. */
export function networkOf(operations: readonly Operation[], mixes: Mixes = ONE_MIX): Network {
  const activities: Activity[] = [];
  const spans: Span[] = [];
  const known: Known = { ends: new Map(), lastOn: new Map(), lastCoat: new Map() };
  for (const operation of operations)
    for (const [mix, zones] of zonesByMix(operation, mixes)) {
      const first = activities.length;
      activities.push(...piecesOf(operation, mix, zones));
      const last = activities.length - 1;
      if (last > first) spans.push(...dwellsOf(operation, activities, first));
      spans.push(...spansInto(operation, first, zones, known));
      if (operation.kind === 'wax-hollow') spans.push(...afterCoats(first, known));
      const wait = last > first || CHECKS_A_WAIT.has(operation.kind) ? 0 : whole(operation.wait);
      const lasts = activities.flatMap(({ phase }, at) => (at >= first && phase !== 'lay' ? [at] : []));
      for (const zone of zones) {
        known.lastOn.set(zone, { at: lasts, wait });
        known.ends.set(`${operation.id} ${zone}`, lasts);
        if (operation.coat) known.lastCoat.set(zone, last);
      }
    }
  return { activities, spans };
}

/** The zones of an operation that are done together: all of them, or for a coat those of each mix. */
function zonesByMix({ coat, faces }: Operation, mixes: Mixes): ReadonlyMap<number, readonly string[]> {
  const own = coat && mixes.get(coat.product);
  const groups = new Map<number, string[]>();
  for (const { zone } of faces) {
    const mix = own?.get(zone) ?? 0;
    groups.set(mix, [...(groups.get(mix) ?? []), zone]);
  }
  return groups;
}

function piecesOf(operation: Operation, mix: number, zones: readonly string[]): Activity[] {
  const { id: base, kind, coat, raises } = operation;
  const id = mix === 0 ? base : `${base}:mix${mix + 1}`;
  const hand = handOn(operation, zones);
  const split = !IN_ONE_GO.has(kind);
  const plant = PLANT[kind] ?? (coat && raises.includes('spray') ? 'booth' : null);
  const common = { operation, zones, split, plant, stretch: null, shared: hand >= SHARED_FROM && plant === null && (split || coat !== null) };
  const share = LAID[kind];
  if (share === undefined || operation.wait === 0) return [{ ...common, id, phase: 'whole', hand: whole(hand) }];
  const of = stretchesOf(operation, (1 - share) * hand);
  return Array.from({ length: of }, (_, i): Activity[] => {
    const own = { ...common, stretch: of > 1 ? { number: i + 1, of } : null };
    const name = i === 0 ? id : `${id}:${i + 1}`;
    return [
      { ...own, id: name, phase: 'lay', hand: whole((share * hand) / of) },
      { ...own, id: `${name}:lift`, phase: 'lift', hand: whole(((1 - share) * hand) / of) },
    ];
  }).flat();
}

/** In how many stretches a face is stripped, so that each is lifted in one go and before its film dries. @param lifting min of hands */
function stretchesOf(operation: Operation, lifting: number): number {
  if (!STRETCHED.has(operation.kind)) return 1;
  const { least, most } = dwellOf(operation);
  const room = Math.max(LEAST_STRETCH, Math.min(LIFTED_IN_ONE_GO, most === null ? Infinity : most - least));
  return Math.max(1, Math.ceil(lifting / room - 1e-9));
}

/** The hands of some of its faces, and those that it takes beside its faces: mixing and cleaning are done for every mix. */
function handOn({ faces, hand }: Operation, zones: readonly string[]): number {
  const own = (all: Operation['faces']): number => all.reduce((sum, face) => sum + face.hand, 0);
  return hand - own(faces) + own(faces.filter(({ zone }) => zones.includes(zone)));
}

/** A film of stripper is lifted when it has worked, and before it dries; min. */
function dwellOf({ lags, wait }: Operation): Pick<Span, 'least' | 'most' | 'missed'> {
  const dwell = lags.find(({ what }) => what === 'dwell');
  const most = dwell?.most ?? null;
  const least = whole(most === null ? wait : Math.min(wait, most));
  return { least, most: most === null ? null : Math.max(least, Math.floor(most)), missed: dwell?.missed ?? null };
}

/** The dwell of each stretch: the end of a large one is lifted before it dries too; and stretches are laid on in their order down the face. */
function dwellsOf(operation: Operation, activities: readonly Activity[], first: number): Span[] {
  const { least, most, missed } = dwellOf(operation);
  const order = { least: 0, most: null, what: null, missed: null };
  const spans: Span[] = [];
  for (let at = first; at < activities.length; at += 2) {
    const { hand, stretch } = activities[at + 1] as Activity;
    const closes = most === null || !stretch ? most : Math.max(least, most - hand);
    if (at > first) spans.push({ ...order, from: at - 2, to: at });
    spans.push({ from: at, to: at + 1, least, most: closes, what: 'dwell', missed });
  }
  return spans;
}

interface Known {
  /** by operation and zone: where the last piece of it stands, or of each stretch */
  readonly ends: Map<string, readonly number[]>;
  /** by zone: what was done last, and how long it then works alone */
  readonly lastOn: Map<string, { readonly at: readonly number[]; readonly wait: number }>;
  /** by zone: where its last film was laid */
  readonly lastCoat: Map<string, number>;
}

/** Wax that drifts onto a face keeps paint from wetting it: it is sprayed when no face of the job waits for a coat any more. Common practice, no source. */
const afterCoats = (to: number, { lastCoat }: Known): Span[] =>
  [...new Set(lastCoat.values())].map((from) => ({ from, to, least: 0, most: null, what: null, missed: null }));

/** The clocks that end here, and the order of each face: it waits for what works alone, save where a clock from there says how long. */
function spansInto({ lags }: Operation, to: number, zones: readonly string[], { ends, lastOn }: Known): Span[] {
  const clocks = lags.flatMap(({ what, after, least, most, missed }) => {
    const froms = new Set(zones.flatMap((zone) => ends.get(`${after} ${zone}`) ?? []));
    const atLeast = whole(least);
    return [...froms].map((from): Span => ({
      from,
      to,
      least: atLeast,
      most: most === null ? null : Math.max(atLeast, Math.floor(most)),
      what,
      missed,
    }));
  });
  const clocked = new Set(clocks.map(({ from }) => from));
  const before = new Map<number, number>();
  for (const zone of zones) {
    const last = lastOn.get(zone);
    for (const at of last?.at ?? []) if (!clocked.has(at)) before.set(at, Math.max(before.get(at) ?? 0, last?.wait ?? 0));
  }
  return [...clocks, ...[...before].map(([from, least]): Span => ({ from, to, least, most: null, what: null, missed: null }))];
}
