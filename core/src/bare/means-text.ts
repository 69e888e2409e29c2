import type { Means } from '../model/bare.ts';
import { formatMinutes } from '../units/format-quantity.ts';

const span = ([from, to]: readonly [number, number]): string => (from === to ? String(from) : `${from} to ${to}`);
const time = ([from, to]: readonly [number, number]): string =>
  to < 60 ? `${span([from, to])} min` : from === to ? formatMinutes(to) : `${formatMinutes(from)} to ${formatMinutes(to)}`;

/** Product, strength, time, temperature and pH of a step, in a phrase. @example "Phosphoric acid, 8 to 15 %, 10 to 30 min, 15 to 30 °C, pH 1 to 2" */
export const meansText = ({ product, strength, minutes, temperature, ph }: Means): string =>
  [
    product,
    ...(strength ? [strength] : []),
    ...(minutes ? [time(minutes)] : []),
    ...(temperature ? [`${span(temperature)} °C`] : []),
    ...(ph ? [`pH ${span(ph)}`] : []),
  ].join(', ');
