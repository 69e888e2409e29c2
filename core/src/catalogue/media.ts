import { assumed, cite, fromMemory, practised, type Cited } from '../model/basis.ts';
import type { MethodId } from '../model/ids.ts';

export interface Medium {
  readonly id: Extract<MethodId, `blast.${string}`>;
  readonly name: string;
  readonly use: string;
  readonly hard: boolean;
  readonly wet: boolean;
  /** g/cm³, bulk */
  readonly bulkDensity: Cited<number>;
  /** Mohs, softest and hardest of the trade; null where the scale does not fit */
  readonly mohs: Cited<readonly [softest: number, hardest: number]> | null;
  /** bar gauge, usual lowest and highest */
  readonly leastPressure: Cited<number>;
  readonly pressure: Cited<number>;
  /** bow of a 1.29 mm test strip over 31.75 mm, mm, at the usual pressure */
  readonly almen: Cited<number>;
  /** Rz µm left on mild steel */
  readonly profile: Cited<number>;
  /** Removal against mineral grit. */
  readonly speed: Cited<number>;
  /** Times the medium can be used. */
  readonly uses: Cited<number>;
  readonly pricePerKilogram: Cited<number>;
  /** kg */
  readonly packs: readonly number[];
}

const tables = fromMemory('blast media tables of suppliers');

const row = (
  id: Medium['id'],
  name: string,
  use: string,
  kind: { hard: boolean; wet?: boolean; mohs: readonly [number, number] | null; from: number; almen: number },
  numbers: readonly [bulk: number, bar: number, profile: number, speed: number, uses: number, price: number],
): Medium => ({
  id,
  name,
  use,
  hard: kind.hard,
  wet: kind.wet ?? false,
  bulkDensity: cite(numbers[0], tables),
  mohs: kind.mohs && cite(kind.mohs, tables),
  leastPressure: practised(kind.from),
  almen: assumed(kind.almen),
  pressure: practised(numbers[1]),
  profile: practised(numbers[2]),
  speed: assumed(numbers[3]),
  uses: practised(numbers[4]),
  pricePerKilogram: assumed(numbers[5]),
  packs: [25],
});

const soft = (mohs: readonly [number, number], from: number, almen: number) => ({ hard: false, mohs, from, almen });
const hard = (mohs: readonly [number, number] | null, from: number, almen: number) => ({ hard: true, mohs, from, almen });

export const MEDIA: Readonly<Record<Medium['id'], Medium>> = {
  'blast.soda': row('blast.soda', 'Soda', 'glass fibre, light alloy, panels without rust', soft([2.5, 2.5], 1.4, 0), [1.0, 4, 0, 0.3, 1, 1.6]),
  'blast.plastic': row(
    'blast.plastic',
    'Plastic',
    'aircraft skin, panels, moulded parts with care',
    soft([3, 4], 1.4, 0.03),
    [0.8, 2.8, 5, 0.5, 7, 5],
  ),
  'blast.starch': row('blast.starch', 'Starch', 'clad skin and composites', soft([2.5, 3], 1, 0.01), [0.7, 2.4, 0, 0.25, 5, 5]),
  'blast.organic-shell': row(
    'blast.organic-shell',
    'Organic-shell',
    'castings, wood, varnish',
    soft([2.5, 4], 2, 0.01),
    [0.65, 5.5, 0, 0.25, 3, 1.8],
  ),
  'blast.glass-bead': row(
    'blast.glass-bead',
    'Glass-bead',
    'satin on alloy and machined parts',
    hard([5.5, 6], 2.7, 0.15),
    [1.5, 5.5, 18, 0.4, 15, 1.7],
  ),
  'blast.crushed-glass': row(
    'blast.crushed-glass',
    'Crushed-glass',
    'steel; antifouling by a contractor',
    hard([5, 7], 4, 0.15),
    [1.3, 7, 55, 0.9, 1, 0.5],
  ),
  'blast.garnet': row('blast.garnet', 'Garnet', 'chassis and rims', hard([7, 7.5], 4, 0.2), [2.3, 7, 60, 1, 3, 0.8]),
  'blast.aluminium-oxide': row(
    'blast.aluminium-oxide',
    'Aluminium-oxide',
    'rims, castings, stainless',
    hard([9, 9], 3, 0.2),
    [1.9, 6, 60, 1.2, 8, 2],
  ),
  'blast.steel-grit': row('blast.steel-grit', 'Steel-grit', 'heavy section in a closed room', hard(null, 5, 0.35), [4.0, 7, 70, 1.3, 75, 1.5]),
  'blast.dry-ice': row('blast.dry-ice', 'Dry-ice', 'grease and soft coats', soft([1.5, 2], 4, 0), [0.9, 8, 0, 0.15, 1, 1.2]),
  'blast.silica-sand': row(
    'blast.silica-sand',
    'Silica sand',
    'listed so that the reason against it can be read',
    hard([7, 7], 4, 0.2),
    [1.6, 7, 60, 0.9, 1, 0.2],
  ),
  'blast.wet-abrasive': row(
    'blast.wet-abrasive',
    'Wet-abrasive',
    'keeps lead and other dust down',
    { ...hard([7, 7.5], 2, 0.15), wet: true },
    [1.5, 5, 50, 0.9, 1, 0.5],
  ),
};
