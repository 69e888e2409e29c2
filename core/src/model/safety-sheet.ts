import * as z from 'zod';
import { Guard, Raised } from './operation.ts';
import { WasteStream } from './waste.ts';

const steps = z.string().describe('numbers of the run sheet, runs put together');

/** What to wear, to have or to keep away, and for which steps. */
export const SafetyLine = z.strictObject({ guard: Guard, says: z.string(), steps, lacks: z.boolean() });
export type SafetyLine = z.infer<typeof SafetyLine>;

/** One vapour at its worst. */
export const AirLine = z.strictObject({
  vapour: z.string(),
  steps,
  rate: z.number().describe('g/min at the worst step'),
  limit: z.number().describe('ppm over a shift'),
  limitSource: z.string(),
  fireLimit: z.number().describe('ppm, a tenth of the lowest explosive limit'),
  ppm: z.number().nullable().describe('worked out for the air of the place; null: not known or outdoors'),
  fan: z.number().describe('m³/h that hold both limits with what is worn'),
  bareFan: z.number().describe('m³/h that hold the breathing limit without a mask'),
  worn: z.number().describe('how many times cleaner what is worn makes the air'),
  verdict: z.enum(['outdoors', 'unknown', 'enough', 'mask', 'breathing', 'fire']),
});
export type AirLine = z.infer<typeof AirLine>;

/** What one person wears for one kind of task, or why not. */
export const PersonTask = z.strictObject({
  task: z.string(),
  steps,
  mask: z.string().nullable().describe('null: nothing that they have will do, or none is needed'),
  may: z.boolean(),
  why: z.array(z.string()).describe('what is refused or missing'),
});
export type PersonTask = z.infer<typeof PersonTask>;

/** All that has to be known, worn and kept ready for one job, on two pages. */
export const SafetySheet = z.strictObject({
  job: z.string(),
  item: z.string(),
  shop: z.string(),
  place: z.string(),
  stops: z.array(z.strictObject({ title: z.string(), change: z.string() })).describe('nothing begins before these are settled'),
  hazards: z.array(
    z.strictObject({
      when: z.string().describe('day or days, or a stage of the work'),
      all: z.array(z.strictObject({ raised: Raised, name: z.string(), steps })),
    }),
  ),
  dated: z.boolean().describe('hazards go by day'),
  lines: z.array(SafetyLine),
  air: z.array(AirLine),
  people: z.array(z.strictObject({ name: z.string(), tasks: z.array(PersonTask) })),
  filters: z.array(
    z.strictObject({
      name: z.string(),
      hours: z.number().describe('h that they are worn in this job, all hands together'),
      left: z.number().describe('h left in what is in use'),
      stock: z.int().describe('unopened on the shelf'),
      buy: z.int(),
      unit: z.enum(['pair', 'piece']),
      price: z.number(),
      says: z.string(),
    }),
  ),
  firstAid: z.array(z.strictObject({ when: z.string(), what: z.string() })),
  waste: z.array(WasteStream),
  papers: z.array(z.string()).describe('data sheets to have at hand'),
  licensed: z.array(z.string()).describe('what only licensed people do or release'),
});
export type SafetySheet = z.infer<typeof SafetySheet>;
