import { MASKED_PLACES, MASKS, TAPE_FOR, type Attack, type MaskedPlace, type MaskId } from '../catalogue/masks.ts';
import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { lineRound } from '../geometry/edge-length.ts';
import type { BuildPlan, CoatPlan } from '../model/build.ts';
import { lowerFirst } from '../units/casing.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { transferShare } from './quantity.ts';
import { pulledWet, pullSpan } from './tape-times.ts';

/** One place that one kind of work must not reach. */
export interface Masking {
  readonly what: string;
  readonly work: 'strip' | 'paint';
  readonly mask: MaskId;
  /** plugged, wrapped on the spot, or taped along its whole line */
  readonly how: MaskedPlace['how'];
  readonly why: string;
  /** m of tape, or pieces */
  readonly quantity: number;
  /** places of the part are covered once for all its zones, lines for each zone */
  readonly of: 'part' | 'zone';
  readonly off: string;
}

export interface MaskingPlan {
  readonly items: readonly Masking[];
  /** when the tape of the last coat is pulled, min after its last pass at the workplace; null: nothing is laid on here */
  readonly pull: { readonly after: string; readonly from: number; readonly until: number; readonly why: string } | null;
  /** L of paint that miss the part, all coats */
  readonly stray: number;
  /** m² of sheet or paper that catches it */
  readonly sheet: number;
}

/** m beyond the part that mist settles; model assumption. */
const REACH: Readonly<Record<CoatPlan['apply'], number>> = { gun: 1.5, aerosol: 1, roller: 0.3 };
/** Pieces that close the openings of a part, and m of one layer round a small place; model assumption. */
const PIECES = 4;
const SPOT = 1;

/** What has to be covered on a zone for the method and for the coats, with what outlasts each, and when it comes off. */
export function planMasking(zone: ZoneFacts, method: Method | null, build: BuildPlan | null): MaskingPlan {
  const coats = build?.coats ?? [];
  const last = coats.at(-1);
  return {
    items: [...stripItems(zone, method), ...paintItems(zone, build)],
    pull: last ? pullOf(last) : null,
    stray: coats.reduce(
      (sum, coat) =>
        sum + (coat.litres + coat.thinner) * (1 - transferShare({ apply: coat.apply, gun: zone.shop.gun, slender: zone.zone.access === 'tube' })),
      0,
    ),
    sheet: sheetOf(zone, coats),
  };
}

interface Covered extends Pick<MaskedPlace, 'how' | 'why'> {
  readonly what: string;
}

function stripItems(zone: ZoneFacts, method: Method | null): Masking[] {
  const attack = method && attackOf(method);
  if (!attack) return [];
  const liquid = attack === 'solvent' || attack === 'caustic' || attack === 'acid';
  const off = liquid
    ? 'after the rinse, before the bare surface is treated; flush what it covered'
    : 'after dusting off, before the bare surface is treated';
  const neighbours = zone.part.touching.length > 0 || zone.kept.length > 0;
  return [
    ...places(zone, 'strip', attack, off),
    ...(neighbours && liquid
      ? [item(zone, 'strip', attack, { what: 'Line to what stays', why: 'What runs past the line strips there too.', how: 'line' }, off)]
      : []),
  ];
}

function paintItems(zone: ZoneFacts, build: BuildPlan | null): Masking[] {
  const sentOut = zone.finish?.id === 'powder-sent-out';
  if (!sentOut && (build?.coats.length ?? 0) === 0) return [];
  const attack = sentOut ? 'oven' : 'paint';
  const off = sentOut ? 'warm, as it comes out of the oven' : 'renewed between primer and colour; pulled after the last coat';
  const tyre = zone.has('tyre') && zone.shop.schools.P5 === 'mask';
  const edge = zone.kept.length > 0 && zone.shop.schools.X1 !== 'fade';
  return [
    ...places(zone, 'paint', attack, off),
    ...(tyre
      ? [
          item(
            zone,
            'paint',
            attack,
            { what: 'Tyre, with card under the lip', why: 'Tape pushed under the lip with a blunt blade, or its edge stays bare.', how: 'line' },
            off,
          ),
        ]
      : []),
    ...designItems(build),
    ...(edge
      ? [
          item(
            zone,
            'paint',
            attack,
            { what: 'Edge to old paint', why: 'On a panel edge or a raised line, the tape edge standing proud.', how: 'line' },
            off,
          ),
        ]
      : []),
  ];
}

/** The line of two colours, or the film of a lettering. */
function designItems(build: BuildPlan | null): Masking[] {
  const design = build?.design;
  if (!design) return [];
  const film = design.kind === 'lift-off';
  return [
    {
      what: film ? 'Lettering or stripes' : 'Line between the colours',
      work: 'paint',
      mask: film ? 'cut film' : 'fine-line tape',
      how: film ? 'spot' : 'line',
      why: film ? 'What it covers stays in the first colour.' : 'A thin plastic edge gives a line that paper tape does not.',
      quantity: film ? 1 : design.line,
      of: 'zone',
      off: `${formatMinutes(design.steps.find(({ code }) => code === 'peel')?.from ?? 0)} after the last pass of ${lowerFirst(design.second)}`,
    },
  ];
}

const places = (zone: ZoneFacts, work: Masking['work'], attack: Attack, off: string): Masking[] =>
  zone.part.features.flatMap((feature) => {
    const place = MASKED_PLACES[feature];
    const what = place?.[work] ? coveredAt(place, work, zone.shop.schools.M1 === 'take-off') : null;
    return place && what !== null ? [{ ...item(zone, work, attack, { what, why: place.why, how: place.how }, off), of: 'part' as const }] : [];
  });

/** What comes off is not covered as well; where it sits on bare metal, its seat is. */
const coveredAt = ({ name, off }: MaskedPlace, work: Masking['work'], takesOff: boolean): string | null =>
  !takesOff || off === null ? name : work === 'paint' ? off.seat : null;

function item(zone: ZoneFacts, work: Masking['work'], attack: Attack, { what, why, how }: Covered, off: string): Masking {
  const [tape, because] = TAPE_FOR[attack];
  const mask: MaskId = how === 'plug' && attack !== 'heat' ? 'plugs' : tape;
  const { unit, layers } = MASKS[mask];
  const quantity = unit === 'm' ? layers * (how === 'line' ? lineRound(zone.zone, zone.area) : SPOT) : PIECES;
  return { what, work, mask, how, why: mask === tape ? `${why} ${because}` : why, quantity, of: 'zone', off };
}

/** What the method does to tape; null: nothing is taken off. */
function attackOf({ family, traits }: Method): Attack | null {
  if (family === 'keep') return 'abrasion';
  if (family === 'blast') return 'blast';
  return (['caustic', 'acid', 'solvent', 'heat'] as const).find((trait) => traits.includes(trait)) ?? 'abrasion';
}

function pullOf(last: CoatPlan): MaskingPlan['pull'] {
  const wet = pulledWet(last);
  const [from, until] = pullSpan(last);
  return {
    after: last.name,
    from,
    until,
    why: wet
      ? 'A thick textured film tears once it has gelled: pull while it is wet.'
      : 'Too soon it strings, too late the edge tears: then cut along the tape with a fresh blade first.',
  };
}

/** A part on the item is papered round its edge, a loose part stands on a sheet. */
function sheetOf(zone: ZoneFacts, coats: readonly CoatPlan[]): number {
  const reach = Math.max(0, ...coats.map(({ apply }) => REACH[apply]));
  if (reach === 0) return 0;
  return zone.part.held === 'in-place' ? lineRound(zone.zone, zone.area) * reach : (Math.sqrt(zone.area) + 2 * reach) ** 2;
}
