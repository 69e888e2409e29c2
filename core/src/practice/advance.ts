import { drynessFor, worked } from '../chemical/activity-track.ts';
import { PH } from '../bare/hold-points.ts';
import { temperatureFactor } from '../chemical/activity.ts';
import { workingLife } from '../chemical/working-life.ts';
import { flashRustTime } from '../climate/flash-rust.ts';
import { onGroup } from '../rules/groups.ts';
import { isBare, type Bench, type Entry, type Lay } from './bench.ts';
import type { LossCause } from './loss-causes.ts';
import { effectiveThrough } from './front.ts';
import { isSaltFree } from './limits.ts';
import { roomAt, SLOT, type RoomNow } from './room.ts';
import { NotOnShelfError } from './shelf.ts';
import type { Truth } from './truth.ts';

/** What a minute of waiting costs against one of hands: somebody stands by and looks; model assumption. */
export const STANDING_BY = 0.25;
/** min until wet bare steel shows rust; as the flash-rust clock near the dew point. */
const WET_STEEL = 60;

/** What one minute of hands is worth in this shop. */
export const perMinute = ({ facts }: Pick<Truth, 'facts'>): number => facts.shop.labourRate / 60;

/** The bench at a later minute, with nobody touching it: the front moves, the stripper dries, bare metal ages. It is the same however the wait is cut. */
export const waitUntil = (bench: Bench, truth: Truth, minute: number): Bench => pass(bench, truth, minute, true);

/** The same while hands are at work elsewhere on it: time goes, but nobody waits. */
export const workUntil = (bench: Bench, truth: Truth, minute: number): Bench => pass(bench, truth, minute, false);

function pass(start: Bench, truth: Truth, minute: number, waits: boolean): Bench {
  let bench = start;
  while (minute - bench.at > 1e-9) {
    const end = Math.min(minute, (Math.floor(bench.at / SLOT + 1e-9) + 1) * SLOT);
    bench = slot(bench, truth, end, waits);
  }
  return bench;
}

/** One stretch in steady air. */
function slot(bench: Bench, truth: Truth, end: number, waits: boolean): Bench {
  const span = end - bench.at;
  const room = roomAt(truth.air, bench.at, bench.warmed);
  const dwelt = bench.lay && dwell(bench.lay, truth, room, span);
  const entries = waits ? charge(bench, truth, room, span) : [];
  return { ...bench, at: end, lay: dwelt, aged: bench.aged + ageing(bench, truth, room) * span, entries: [...bench.entries, ...entries] };
}

function lifeAndPace(lay: Lay, truth: Truth, { temperature }: RoomNow): { readonly life: number; readonly pace: number } {
  const { stripper } = truth.products.get(lay.product) ?? missing(lay.product);
  const { indoors } = truth.facts.job.place;
  return {
    life: workingLife(stripper, { temperature, indoors, standing: lay.standing, covered: lay.covered }),
    pace: lay.pace * temperatureFactor(temperature),
  };
}

function dwell(lay: Lay, truth: Truth, room: RoomNow, span: number): Lay {
  const { life, pace } = lifeAndPace(lay, truth, room);
  const dryness = lay.dryness + span / life;
  return { ...lay, dryness, effective: lay.effective + pace * life * (worked(dryness) - worked(lay.dryness)) };
}

/** A wait is paid for what it brought: dwell until the front stands still, then waiting on, and drying out. */
function charge(bench: Bench, truth: Truth, room: RoomNow, span: number): Entry[] {
  const { lay } = bench;
  if (!lay) return entry(bench, truth, 'hesitated', span);
  const { life, pace } = lifeAndPace(lay, truth, room);
  const toGo = effectiveThrough(truth, lay.product, bench) - lay.effective;
  const share = worked(lay.dryness) + Math.max(0, toGo) / (pace * life);
  const through = toGo <= 0 ? 0 : share >= worked(1) ? Infinity : (drynessFor(share) - lay.dryness) * life;
  const dry = Math.max(0, (1 - lay.dryness) * life);
  const useful = Math.min(span, through, dry);
  const late: LossCause = through <= dry ? 'waited-on' : 'dried-out';
  return [...entry(bench, truth, 'dwell', useful), ...entry(bench, truth, late, span - useful)];
}

function entry({ at }: Bench, truth: Truth, cause: LossCause, span: number): Entry[] {
  return span > 0 ? [{ at, cause, minutes: span, money: span * STANDING_BY * perMinute(truth) }] : [];
}

/** Share of its time that the bare face loses in a minute. */
function ageing(bench: Bench, truth: Truth, { temperature, humidity }: RoomNow): number {
  if (!isBare(bench, truth) || bench.lay) return 0;
  if (onGroup(truth.facts, 'ferrous')) {
    if (bench.wet) return 1 / WET_STEEL;
    return 1 / flashRustTime(temperature, humidity, { blasted: false, contaminated: !isSaltFree(bench, truth) || bench.ph < (PH.least ?? 0) });
  }
  return truth.keeps !== null && bench.key !== null ? 1 / truth.keeps : 0;
}

function missing(product: string): never {
  throw new NotOnShelfError(product);
}
