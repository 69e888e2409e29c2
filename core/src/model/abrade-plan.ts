import * as z from 'zod';
import { GritId } from './ids.ts';

export const LadderStep = z.strictObject({
  grit: GritId,
  ratio: z.number().nullable().describe('grain of the step before against this one; null for the first'),
  scratch: z.number().describe('µm deep'),
  passes: z.int().describe('crossings of the face'),
  hand: z.number().describe('min'),
  sheets: z.int().describe('discs or sheets worn'),
  tool: z.string(),
  wet: z.boolean(),
  why: z.string(),
});
export type LadderStep = z.infer<typeof LadderStep>;

/** What is left out of a ladder, and why. */
export const SkippedGrit = z.strictObject({ grit: GritId, why: z.string() });

/** Grits from the one that removes to the key that the next coat wants. */
export const AbradePlan = z.strictObject({
  removes: z.boolean().describe('the first step takes the coating off'),
  paper: z.boolean().describe('the first step works with paper, so that another grit may start'),
  steps: z.array(LadderStep),
  skipped: z.array(SkippedGrit),
  key: z.tuple([z.number(), z.number()]).describe('P grits that the next coat wants, coarsest and finest'),
  keyFor: z.string().describe('the coat or polish that wants it'),
  burial: z
    .strictObject({ scratch: z.number(), film: z.number(), buried: z.boolean() })
    .nullable()
    .describe('µm: last scratch and the wet film over it; null where no film follows'),
  forcedWet: z.string().nullable().describe('why it must be wet'),
  disc: z
    .strictObject({ diameter: z.number(), speed: z.number(), rated: z.number(), surface: z.number(), allowed: z.number() })
    .nullable()
    .describe('mm, rpm of the tool, rpm on the disc, m/s at the rim, m/s that it may'),
  spotHeat: z.strictObject({ seconds: z.number(), limit: z.number() }).nullable().describe('s held on one spot until the material reaches °C'),
  standOff: z.number().describe('mm to keep off edges and raised lines, 0 by hand'),
  polish: z.array(z.strictObject({ title: z.string(), detail: z.string(), hand: z.number().describe('min') })),
});
export type AbradePlan = z.infer<typeof AbradePlan>;
