import type { CoatPlan } from '../model/build.ts';
import type { Design, DesignColour, DesignStep } from '../model/design.ts';
import { pullSpan, pulledWet } from './tape-times.ts';

/** min of hands for a place, and for each m of line; model assumption. */
const HANDS: Readonly<Record<DesignStep['code'], readonly [start: number, perMetre: number]>> = {
  settle: [0, 0],
  'line-primer': [5, 1],
  'tape-line': [5, 6],
  'cut-film': [10, 12],
  'dust-edges': [3, 1],
  peel: [3, 2],
  'edge-sand': [3, 4],
};
/** min at 20 °C that a thin spot of primer, or a dust coat, dries; common practice, no source. */
const THIN_DRIES = 15;

/** A colour with the coats that it takes. */
export interface Laid {
  readonly colour: DesignColour;
  readonly coat: CoatPlan;
}
type Step = Pick<DesignStep, 'code' | 'after' | 'title' | 'detail'> & Partial<Pick<DesignStep, 'wait' | 'from' | 'until'>>;

/** What is done between two colours and once the second is on. Common practice, no source. */
export function designSteps(kind: Design['kind'], first: Laid, second: Laid, line: number): DesignStep[] {
  const film = kind === 'lift-off';
  const dry = first.coat.tapeFrom;
  const [from, until] = pullSpan(second.coat);
  const make = (step: Step): DesignStep => {
    const [start, perMetre] = HANDS[step.code];
    return { wait: 0, from: null, until: null, ...step, hand: start + perMetre * line };
  };
  const bleeds = first.colour.dark && !second.colour.dark;
  return [
    make({
      code: 'settle',
      after: 'first',
      title: `Let ${first.colour.name} dry until ${film ? 'film' : 'tape'} does not mark it`,
      detail: 'Press a piece down where it does not show and pull it: no mark, no shine.',
      wait: Math.max(0, dry - first.coat.recoatMin),
    }),
    make(
      film
        ? {
            code: 'cut-film',
            after: 'first',
            title: 'Lay the cut film',
            detail: 'Low-tack film, squeegeed from the middle, edges pressed down hard; no bubble at an edge.',
            from: dry,
          }
        : {
            code: 'tape-line',
            after: 'first',
            title: 'Tape the line',
            detail: `Fine-line tape on ${first.colour.name}, pulled straight in one go, edge pressed down hard; paper behind it.`,
            from: dry,
          },
    ),
    ...(bleeds
      ? [
          make({
            code: 'line-primer',
            after: 'first',
            title: 'Spot primer on the line',
            detail: `Thin, where ${first.colour.name} shows past the tape: a dark edge bleeds through ${second.colour.name}.`,
            wait: THIN_DRIES * first.coat.drying,
          }),
        ]
      : []),
    ...(film
      ? [
          make({
            code: 'dust-edges',
            after: 'first',
            title: 'Dust the edges of the film',
            detail: `A nearly dry mist of ${second.colour.name} along every edge seals it, so that the wet coat does not creep under.`,
            wait: THIN_DRIES * second.coat.drying,
          }),
        ]
      : []),
    make({
      code: 'peel',
      after: 'second',
      title: film ? 'Peel the film' : 'Pull the line tape',
      detail: `Back over itself, flat, away from the fresh edge.${pulledWet(second.coat) ? '' : ' Hard already: cut along it with a fresh blade first.'}`,
      from,
      until,
    }),
    make({
      code: 'edge-sand',
      after: 'second',
      title: `Take the edge down wet with ${film ? 'P1000' : 'P600'}`,
      detail: 'Only the ridge, with the fingertip, until it is not felt; rinse, dry, tack.',
      from: second.coat.tapeFrom,
    }),
  ];
}
