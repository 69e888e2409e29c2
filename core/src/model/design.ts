import * as z from 'zod';
import { nameOf } from './plain-text.ts';
import { Metres, Percent } from '../units/quantities.ts';
import { CoatId } from './ids.ts';

/** Coats that carry a colour. */
export const ColourId = CoatId.extract(['colour-1k', 'solid-2k', 'basecoat', 'machine-enamel', 'aviation-topcoat', 'colour-heat']);
export type ColourId = z.infer<typeof ColourId>;

export const DesignColour = z.strictObject({
  name: nameOf(40),
  coat: ColourId,
  dark: z.boolean().describe('strong enough to bleed through the next'),
  product: z.string().max(60).nullable().default(null).describe("the shop's own row of that coat; null: as the topcoat has it"),
  tape: z
    .number({ error: 'needs a number of minutes' })
    .positive('must be more than 0 min')
    .lte(14 * 1440, 'must be two weeks at most')
    .nullable()
    .default(null)
    .describe('min at 20 °C until tape may lie on it, by its label; null: as usual'),
});
export type DesignColour = z.infer<typeof DesignColour>;

/** Two colours that meet at a line, or lettering and stripes left by a cut film that is peeled. */
export const Design = z.strictObject({
  kind: z.enum(['two-colour', 'lift-off']),
  colours: z.tuple([DesignColour, DesignColour]).describe('of a lift-off: the one that shows where the film was, then the one over it'),
  share: Percent.refine((share) => share > 0 && share < 100, 'must be between 0 and 100 %').describe('% of the zone that the second takes'),
  line: Metres.nullable().describe('m of line or outline; null: from the shape'),
});
export type Design = z.infer<typeof Design>;

const DesignStep = z.strictObject({
  code: z.enum(['settle', 'line-primer', 'tape-line', 'cut-film', 'dust-edges', 'peel', 'edge-sand']),
  after: z.enum(['first', 'second']).describe('colour that it follows'),
  title: z.string(),
  detail: z.string(),
  hand: z.number().describe('min'),
  wait: z.number().describe('min after it'),
  from: z.number().nullable().describe('min after the last pass of that colour; null: at once'),
  until: z.number().nullable(),
});
export type DesignStep = z.infer<typeof DesignStep>;

/** Which colour goes first, and what is done between and after them. */
export const DesignPlan = z.strictObject({
  kind: Design.shape.kind,
  first: z.string(),
  second: z.string(),
  swapped: z.boolean().describe('not in the order they were entered'),
  why: z.string(),
  line: z.number().describe('m'),
  steps: z.array(DesignStep),
});
export type DesignPlan = z.infer<typeof DesignPlan>;
