import { coatById, coatByRef, type Catalogue } from '../catalogue/catalogue.ts';
import type { CoatProduct } from '../catalogue/coats.ts';
import type { Finish } from '../catalogue/finishes.ts';
import { sayFor } from '../facts/say-for.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { lineRound } from '../geometry/edge-length.ts';
import type { CoatPlan } from '../model/build.ts';
import type { Design, DesignColour, DesignPlan } from '../model/design.ts';
import type { Finding } from '../model/finding.ts';
import { upperFirst } from '../units/casing.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { coatPlan } from './coat-plan.ts';
import { jointOf } from './compatibility.ts';
import { designSteps, type Laid } from './design-steps.ts';
import { familyOfProduct } from './families.ts';

/** m that the first colour runs on under the line; model assumption. */
const OVERLAP = 0.1;
/** min; two waits that differ by less count as equal. */
const EQUAL = 1;

export interface PlannedDesign {
  readonly coats: readonly CoatPlan[];
  readonly plan: DesignPlan;
  readonly findings: readonly Finding[];
}

/**
 * Two colours over one ground: the one that takes tape sooner goes first, so that it can be masked over, unless the other may not lie on it; a lift-off
 * always starts with the colour that shows where the film was. The clear of the finish, if it has one, goes over both. `below` is the film under them.
 */
export function planDesign(zone: ZoneFacts, design: Design, finish: Finish, below: CoatProduct | null, catalogue: Catalogue): PlannedDesign {
  const line = design.line ?? lineRound(zone.zone, zone.area);
  const [entered, other] = design.colours.map((colour, i) => lay(zone, colour, shareOf(zone, design, i, line), catalogue)) as [Laid, Laid];
  const { first, second, why } = order(design, entered, other);
  const clears = finish.coats.filter(({ id }) => id.startsWith('clear'));
  const coats = [first, second].map(({ coat }) => coat);
  return {
    coats: [...coats, ...clears.map((clear) => coatPlan(zone, clear, { role: 'colour', why: finish.name }))],
    plan: {
      kind: design.kind,
      first: first.coat.name,
      second: second.coat.name,
      swapped: first !== entered,
      why,
      line,
      steps: designSteps(design.kind, first, second, line),
    },
    findings: [...checkMeetings(zone, below, [first, second], clears), ...checkClear(zone, first.coat, second.coat, clears)],
  };
}

/** The first runs on under the line; under a film it lies all over. */
function shareOf(zone: ZoneFacts, { kind, share }: Design, i: number, line: number): number {
  if (i === 1) return share / 100;
  return kind === 'lift-off' ? 1 : Math.min(1, 1 - share / 100 + (OVERLAP * line) / zone.area);
}

function lay(zone: ZoneFacts, colour: DesignColour, share: number, catalogue: Catalogue): Laid {
  const own = colour.product === null ? undefined : coatByRef(colour.product, catalogue);
  const coat = coatPlan(zone, own ?? coatById(colour.coat, catalogue), {
    role: 'colour',
    why: `Covers ${Math.round(100 * share)} % of the zone`,
    share,
  });
  const shop = (zone.shop.waits.tape ?? 0) * coat.drying;
  const tapeFrom = colour.tape === null ? coat.tapeFrom : Math.max(colour.tape * Math.max(1, coat.drying), shop);
  return { colour, coat: { ...coat, tapeFrom, name: `${coat.name}, ${colour.name}` } };
}

const mayFollow = (second: Laid, first: Laid): boolean =>
  jointOf(familyOfProduct(second.coat.base), familyOfProduct(first.coat.base)).states.length > 0;

function order({ kind }: Design, a: Laid, b: Laid): { first: Laid; second: Laid; why: string } {
  if (kind === 'lift-off')
    return { first: a, second: b, why: `${upperFirst(a.colour.name)} shows where the film was, so it goes on first and the film is laid on it.` };
  if (mayFollow(b, a) !== mayFollow(a, b)) {
    const [first, second] = mayFollow(b, a) ? [a, b] : [b, a];
    const { reason } = jointOf(familyOfProduct(first.coat.base), familyOfProduct(second.coat.base));
    return { first, second, why: `${upperFirst(first.colour.name)} goes first. The other way round: ${reason}` };
  }
  const later = b.coat.tapeFrom - a.coat.tapeFrom;
  if (Math.abs(later) < EQUAL) {
    const [first, second] = a.colour.dark && !b.colour.dark ? [b, a] : [a, b];
    const why =
      a.colour.dark === b.colour.dark
        ? 'in the order they were entered'
        : `${first.colour.name} first, as a dark colour covers a light one in fewer coats`;
    return { first, second, why: `Both take tape equally soon: ${why}.` };
  }
  const [first, second] = later > 0 ? [a, b] : [b, a];
  return { first, second, why: `${upperFirst(first.colour.name)} takes tape sooner, so it goes first and is masked for ${second.colour.name}.` };
}

/** The clear comes when the edge of the second colour has been taken down; by then the window of the first may have closed. */
function checkClear(zone: ZoneFacts, first: CoatPlan, second: CoatPlan, clears: readonly CoatProduct[]): Finding[] {
  const waited = first.tapeFrom + second.hand + second.tapeFrom;
  if (clears.length === 0 || first.recoatMax === null || waited <= first.recoatMax) return [];
  return [
    sayFor(zone, 'caution')(
      'clear-too-late',
      ['design'],
      `${first.name} closes before the clear`,
      `Tape, ${second.name.toLowerCase()} and its edge take about ${formatMinutes(waited)}; the first colour takes clear until ${formatMinutes(first.recoatMax)}.`,
      ['colours of the design', 'temperature', 'topcoat'],
      'Scuff it with P800 wet and one more thin coat of it, or a quicker second colour.',
    ),
  ];
}

/** Every pair that meets: ground, first, second, clear. */
function checkMeetings(zone: ZoneFacts, below: CoatProduct | null, colours: readonly Laid[], clears: readonly CoatProduct[]): Finding[] {
  const grounds = below ? colours.map(({ coat }) => [coat, { base: below.id, name: below.name }] as const) : [];
  const [first, second] = colours as [Laid, Laid];
  const onTop = clears.flatMap((clear) => colours.map(({ coat }) => [{ base: clear.id, name: clear.name }, coat] as const));
  return [...grounds, [second.coat, first.coat] as const, ...onTop].flatMap(([upper, lower]) => {
    const { states, reason } = jointOf(familyOfProduct(upper.base), familyOfProduct(lower.base));
    return states.length > 0
      ? []
      : [
          sayFor(zone, 'stop')(
            'colours-do-not-meet',
            ['design'],
            `${upper.name} does not hold on ${lower.name.toLowerCase()}`,
            reason,
            ['colours of the design', 'primer', 'topcoat'],
            'Both colours of one product, or another topcoat.',
          ),
        ];
  });
}
