import * as z from 'zod';

/** Instruments of the shop that read one figure at a time; the unit is the one their lines come in. */
export const GAUGES = {
  film: { name: 'Film-thickness gauge', unit: 'µm', least: 0, most: 5000 },
  ph: { name: 'pH meter', unit: 'pH', least: 0, most: 14 },
  moisture: { name: 'Moisture meter', unit: '%', least: 0, most: 100 },
  scale: { name: 'Scale', unit: 'g', least: 0, most: 200_000 },
  profile: { name: 'Profile gauge', unit: 'µm', least: 0, most: 500 },
  tape: { name: 'Dust tape reader', unit: 'rating', least: 0, most: 5 },
} as const;

export const GaugeKind = z.enum(Object.keys(GAUGES) as [keyof typeof GAUGES, ...(keyof typeof GAUGES)[]]);
export type GaugeKind = z.infer<typeof GaugeKind>;

export const GaugeReading = z.strictObject({ kind: GaugeKind, value: z.number(), at: z.iso.datetime() }).superRefine(({ kind, value }, context) => {
  const { least, most, unit } = GAUGES[kind];
  if (!(value >= least && value <= most)) context.addIssue({ code: 'custom', path: ['value'], message: `must lie from ${least} to ${most} ${unit}` });
});
export type GaugeReading = z.infer<typeof GaugeReading>;
