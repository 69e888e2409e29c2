import { z } from 'zod';
import { CoatingId, MethodId, PrimerId } from './ids.ts';

/** Ids of rows that a shop has added; they can never be taken for one of the catalogue. */
export const OwnId = z.string().regex(/^own\.[a-z0-9-]{1,40}$/, 'must be "own." and up to 40 small letters, digits and hyphens');
export type OwnId = z.infer<typeof OwnId>;

/** A method of the catalogue or one that the shop has added. */
export const MethodKey = z.union([MethodId, OwnId], { error: 'is neither a method of the catalogue nor one of the shop ("own.…")' });
export type MethodKey = z.infer<typeof MethodKey>;

/** Figures of a row that a data sheet or the shop's own record may replace. Units in the description; null: not known. */
export const OwnFigures = z.strictObject({
  price: z.number().gte(0).lte(100_000).nullable().optional().describe('per litre, kilogram or piece; null: not known'),
  pack: z.number().positive().lte(1000).optional().describe('size of a pack, L or kg'),
  wetFilm: z.number().gte(0.1).lte(10).optional().describe('mm laid on'),
  workingLife: z.number().gte(1).lte(10_000).optional().describe('min until dry at 20 °C'),
  longestDwell: z.number().gte(0.05).lte(72).optional().describe('h for one round'),
  softening: z
    .partialRecord(CoatingId, z.number().gte(0.1).lte(100_000).nullable())
    .optional()
    .describe('min for 50 µm at 20 °C; null: does not work'),
  rate: z.number().gte(0.01).lte(200).optional().describe('m²/h on 100 µm of enamel, or against mineral grit for a medium'),
  life: z.number().gte(0.001).lte(1000).optional().describe('m² that one piece lasts, or times a medium is used'),
  pressure: z.number().gte(0.2).lte(14).optional().describe('bar gauge, usual highest'),
  profile: z.number().gte(0).lte(300).optional().describe('Rz µm'),
  volumeSolids: z.number().gte(1).lte(100).optional().describe('%'),
  filmPerCoat: z.number().gte(1).lte(1000).optional().describe('µm dry'),
  recoatMin: z.number().gte(0).lte(100_000).optional().describe('min at 20 °C'),
  recoatMax: z.number().gte(0).lte(1_000_000).nullable().optional().describe('min at 20 °C; null: no limit'),
  potLife: z.number().gte(1).lte(100_000).nullable().optional().describe('min at 20 °C; null: one-pack'),
});
export type OwnFigures = z.infer<typeof OwnFigures>;
export type FigureName = keyof OwnFigures;

/** A product or method of the shop: a copy of a generic row under the shop's own name with its own figures. */
export const OwnRow = z.strictObject({
  id: OwnId,
  name: z.string().trim().min(1, 'needs a name').max(80, 'at most 80 characters'),
  base: z.union([MethodId, PrimerId], { error: 'must name a row of the catalogue' }).describe('row it is a copy of'),
  figures: OwnFigures,
  note: z.string().max(500, 'at most 500 characters').default(''),
});
export type OwnRow = z.infer<typeof OwnRow>;
