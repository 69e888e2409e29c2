import * as z from 'zod';
import { nameOf } from './plain-text.ts';
import { halvingOf } from '../climate/cure-scale.ts';
import { CoatingId, MethodId, ProductId } from './ids.ts';

/** Ids of rows that a shop has added; they can never be taken for one of the catalogue. */
export const OwnId = z.string().regex(/^own\.[a-z0-9-]{1,40}$/, 'must be "own." and up to 40 small letters, digits and hyphens');
export type OwnId = z.infer<typeof OwnId>;

/** A method of the catalogue or one that the shop has added. */
export const MethodKey = z.union([MethodId, OwnId], { error: 'is neither a method of the catalogue nor one of the shop ("own.…")' });
export type MethodKey = z.infer<typeof MethodKey>;

/** A number in a range, which its messages name in its unit; what it is. */
const figure = (least: number, most: number, what: string, unit = '') => {
  const named = (value: number): string => (unit === '' ? String(value) : `${value} ${unit}`);
  return z
    .number({ error: 'needs a number' })
    .gte(least, `must be ${named(least)} or more`)
    .lte(most, `must be ${named(most)} at most`)
    .describe(what);
};

/** K between two points of a data sheet below which they say nothing about the slope; model assumption. */
const APART = 3;

/** Figures of a row that a data sheet or the shop's own record may replace. Units in the description; null: not known. */
export const OwnFigures = z
  .strictObject({
    price: figure(0, 100_000, 'per litre, kilogram or piece; null: not known').nullable().optional(),
    pack: z.number().positive('must be more than 0').lte(1000, 'must be 1000 at most').optional().describe('size of a pack, L or kg'),
    wetFilm: figure(0.1, 10, 'mm laid on', 'mm').optional(),
    workingLife: figure(1, 10_000, 'min until dry at 20 °C').optional(),
    longestDwell: figure(0.05, 72, 'h for one round').optional(),
    softening: z
      .partialRecord(CoatingId, figure(0.1, 100_000, 'min').nullable())
      .optional()
      .describe('min for 50 µm at 20 °C; null: does not work'),
    rate: figure(0.01, 200, 'm²/h on 100 µm of enamel, or against mineral grit for a medium').optional(),
    life: figure(0.001, 1000, 'm² that one piece lasts, or times a medium is used').optional(),
    pressure: figure(0.2, 14, 'bar gauge, usual highest', 'bar').optional(),
    profile: figure(0, 300, 'Rz µm', 'µm').optional(),
    coats: z.int('must be a whole number').gte(1, 'must be 1 or more').lte(20, 'must be 20 at most').optional(),
    filmPerCoat: figure(1, 1000, 'µm dry', 'µm').optional(),
    volumeSolids: figure(1, 100, '% by volume: without solids nothing stays on the part').optional(),
    thinner: figure(0, 200, '% added by volume').optional(),
    sheetAt: figure(-10, 60, '°C that the times of the data sheet hold at; left out: 20', '°C').optional(),
    flash: figure(0, 10_000, 'min between coats').optional(),
    recoatMin: figure(0, 100_000, 'min until the next product').optional(),
    recoatMax: figure(0, 1_000_000, 'min after which it is keyed first; null: no limit').nullable().optional(),
    secondAt: figure(-10, 60, '°C of a second point of the data sheet', '°C').optional(),
    secondRecoat: figure(1, 100_000, 'min until the next product at that temperature').optional(),
    potLife: figure(1, 100_000, 'min; null: one-pack').nullable().optional(),
    induction: figure(0, 240, 'min that it stands after it is mixed').optional(),
    mixBase: figure(0.1, 100, 'parts of base by volume').optional(),
    mixHardener: figure(0.1, 100, 'parts of hardener by volume').optional(),
    baseDensity: figure(0.5, 5, 'kg/L').optional(),
    hardenerDensity: figure(0.5, 5, 'kg/L').optional(),
    minTemperature: figure(-10, 60, '°C below which it is not laid on', '°C').optional(),
    maxHumidity: figure(10, 100, '% above which it is not laid on').optional(),
  })
  .superRefine((figures, context) => {
    const { recoatMin, recoatMax, sheetAt = 20, secondAt, secondRecoat } = figures;
    const trouble = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
    if (typeof recoatMax === 'number' && recoatMin !== undefined && recoatMax <= recoatMin)
      trouble('recoatMax', `the window closes before it opens at ${recoatMin} min`);
    if (secondAt !== undefined && Math.abs(secondAt - sheetAt) < APART)
      trouble('secondAt', `too near the ${sheetAt} °C of the first point: ${APART} K apart at least`);
    else if (secondAt !== undefined && secondRecoat !== undefined && recoatMin !== undefined) {
      const warmer = secondAt > sheetAt;
      if (warmer ? secondRecoat >= recoatMin : secondRecoat <= recoatMin)
        trouble(
          'secondRecoat',
          `the points are crossed: ${warmer ? 'warmer' : 'colder'} it must take ${warmer ? 'less' : 'more'} than the ${recoatMin} min at ${sheetAt} °C`,
        );
    }
  });
export type OwnFigures = z.infer<typeof OwnFigures>;
export type FigureName = keyof OwnFigures;

/** A product or method of the shop: a copy of a generic row under the shop's own name with its own figures. */
export const OwnRow = z.strictObject({
  id: OwnId,
  name: nameOf(80),
  base: z.union([MethodId, ProductId], { error: 'must name a row of the catalogue' }).describe('row it is a copy of'),
  figures: OwnFigures,
  note: z.string().max(500, 'at most 500 characters').default(''),
});
export type OwnRow = z.infer<typeof OwnRow>;

/** K of warming that halve drying, from the two points of a data sheet; null until it has given both. */
export const halvingOfSheet = ({ recoatMin, sheetAt = 20, secondAt, secondRecoat }: OwnFigures): number | null =>
  recoatMin === undefined || secondAt === undefined || secondRecoat === undefined || recoatMin <= 0
    ? null
    : halvingOf({ at: sheetAt, time: recoatMin }, { at: secondAt, time: secondRecoat });
