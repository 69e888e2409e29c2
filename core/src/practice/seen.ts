import { normalCdf } from '../chemical/normal.ts';
import { faceTimes } from '../chemical/softening-front.ts';
import type { CoatingId } from '../model/ids.ts';
import type { Celsius, Percent } from '../units/quantities.ts';
import { isBare, type Bench, type TestSaid } from './bench.ts';
import { topFilm } from './do-test.ts';
import { filmsAhead } from './front.ts';
import { roomAt } from './room.ts';
import type { Truth } from './truth.ts';

/** What anybody sees who stands at the bench. Shares are of the face. */
export interface Seen {
  readonly at: number;
  /** what hangs on the wall says */
  readonly temperature: Celsius;
  readonly humidity: Percent;
  readonly stripper: {
    readonly product: string;
    /** blisters over the top layer, wrinkles where all that it can soften is loose, crust where it has dried */
    readonly blistered: number;
    readonly wrinkled: number;
    readonly crust: number;
    readonly covered: boolean;
  } | null;
  /** the layer on top; null: bare */
  readonly top: { readonly id: CoatingId; readonly name: string } | null;
  readonly wet: boolean;
  readonly rust: number;
  readonly find: Truth['find'];
  readonly dusty: boolean;
  readonly gouged: boolean;
  readonly over: boolean;
  readonly said: readonly TestSaid[];
}

/** A face is not alike all over: spread of ln(time to lift) from place to place; model assumption. */
const PATCHY = 0.12;
/** Share of its time from which bare steel begins to tinge, and by which it is rusted all over; model assumption. */
const TINGE = [0.85, 1.6] as const;

export function seenAt(bench: Bench, truth: Truth): Seen {
  const { temperature, humidity } = roomAt(truth.air, bench.at, bench.warmed);
  const bare = isBare(bench, truth);
  const top = topFilm(bench, truth);
  return {
    at: bench.at,
    temperature,
    humidity,
    stripper: bench.lay && { ...looseness(bench, truth, bench.lay), product: bench.lay.product, covered: bench.lay.covered },
    top: top && { id: top.coating.id, name: top.coating.name },
    wet: bench.wet,
    rust: bare ? share(bench.aged, TINGE) : 0,
    find: bare && !bench.findSettled ? truth.find : null,
    dusty: bench.dusty,
    gouged: bench.gouged,
    over: bench.over,
    said: bench.said,
  };
}

function looseness(bench: Bench, truth: Truth, { product, effective, dryness }: NonNullable<Bench['lay']>) {
  const faces = faceTimes(filmsAhead(truth, product, bench));
  const loose = (time: number | undefined): number => (time === undefined || effective <= 0 ? 0 : normalCdf(Math.log(effective / time) / PATCHY));
  return { blistered: loose(faces[0]), wrinkled: loose(faces.at(-1)), crust: share(dryness, [0.8, 1]) };
}

const share = (value: number, [from, to]: readonly [number, number]): number => Math.min(1, Math.max(0, (value - from) / (to - from)));
