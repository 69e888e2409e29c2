import { dewPoint } from '../climate/dew-point.ts';
import { DEW_MARGIN, dewBars, dewMargin, surfaceOf } from '../climate/surface.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { sayFor } from '../facts/say-for.ts';
import type { BuildPlan } from '../model/build.ts';
import type { Finding } from '../model/finding.ts';

/** Primer, surfacer and topcoat alike: nothing is laid on a face this near the dew point, unless somebody answers for it in writing. */
export function checkGates(zone: ZoneFacts, build: BuildPlan | null): Finding[] {
  const { place } = zone.job;
  const margin = dewMargin(place);
  if (!build?.coats.length || !(margin < DEW_MARGIN)) return [];
  const surface = `${surfaceOf(place).toFixed(1)} °C`;
  const reason = `${place.metal === null ? 'Part taken to be as warm as the air' : 'Part measured'}, ${surface}; dew point ${dewPoint(place.temperature, place.humidity).toFixed(1)} °C: ${margin.toFixed(1)} K where ${DEW_MARGIN} are asked for. Water settles before it can be seen, and every coat lifts from it.`;
  const looksAt = ['air temperature', 'humidity', 'part temperature'];
  const change =
    'Warm the part, dry the air (a heated or dehumidified room), wait for a better hour, or hold bare steel under a phosphate film (school C2).';
  const basis = { kind: 'published', source: 'ISO 8502-4' } as const;
  return dewBars(place)
    ? [sayFor(zone, 'stop', basis)('dew-gate', [], 'Too near the dew point to paint', reason, looksAt, change)]
    : [
        sayFor(zone, 'caution', basis)(
          'dew-gate',
          [],
          'Painted near the dew point all the same',
          `${reason} Answered for: “${place.dewReason.trim()}”.`,
          looksAt,
          change,
        ),
      ];
}
