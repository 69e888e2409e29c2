import type { Kind } from './unit-table.ts';

export type UnitSystem = 'metric' | 'us';

/** What a field holds: the unit of the model, the unit shown in each system, and decimals shown. */
export interface Dimension {
  readonly kind: Kind;
  readonly canonical: string;
  readonly shown: Readonly<Record<UnitSystem, string>>;
  readonly decimals: Readonly<Record<UnitSystem, number>>;
}

export const DIMENSIONS = {
  film: { kind: 'length', canonical: 'um', shown: { metric: 'um', us: 'thou' }, decimals: { metric: 0, us: 2 } },
  gauge: { kind: 'length', canonical: 'mm', shown: { metric: 'mm', us: 'in' }, decimals: { metric: 2, us: 3 } },
  length: { kind: 'length', canonical: 'm', shown: { metric: 'm', us: 'ft' }, decimals: { metric: 3, us: 2 } },
  area: { kind: 'area', canonical: 'm2', shown: { metric: 'm2', us: 'ft2' }, decimals: { metric: 2, us: 1 } },
  volume: { kind: 'volume', canonical: 'L', shown: { metric: 'L', us: 'qt' }, decimals: { metric: 2, us: 2 } },
  temperature: { kind: 'temperature', canonical: 'C', shown: { metric: 'C', us: 'F' }, decimals: { metric: 1, us: 0 } },
  pressure: { kind: 'pressure', canonical: 'bar', shown: { metric: 'bar', us: 'psi' }, decimals: { metric: 1, us: 0 } },
  duration: { kind: 'duration', canonical: 'min', shown: { metric: 'min', us: 'min' }, decimals: { metric: 0, us: 0 } },
  mass: { kind: 'mass', canonical: 'kg', shown: { metric: 'kg', us: 'lb' }, decimals: { metric: 1, us: 1 } },
  grams: { kind: 'mass', canonical: 'g', shown: { metric: 'g', us: 'g' }, decimals: { metric: 3, us: 3 } },
  air: { kind: 'flow', canonical: 'L/min', shown: { metric: 'L/min', us: 'cfm' }, decimals: { metric: 0, us: 1 } },
  wind: { kind: 'speed', canonical: 'm/s', shown: { metric: 'm/s', us: 'mph' }, decimals: { metric: 1, us: 0 } },
  room: { kind: 'room', canonical: 'm3', shown: { metric: 'm3', us: 'ft3' }, decimals: { metric: 0, us: 0 } },
  exhaust: { kind: 'flow', canonical: 'm3/h', shown: { metric: 'm3/h', us: 'cfm' }, decimals: { metric: 0, us: 0 } },
  share: { kind: 'share', canonical: '%', shown: { metric: '%', us: '%' }, decimals: { metric: 0, us: 0 } },
} as const satisfies Record<string, Dimension>;

export type DimensionName = keyof typeof DIMENSIONS;
