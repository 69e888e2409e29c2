import type { CoatingId, FinishId, SubstrateId } from '../model/ids.ts';
import type { Item, Job, Layer, Service, Zone } from '../model/job.ts';
import { CLEAN, NEW_PART, newJob, newZone } from '../model/new-job.ts';
import { degC, m2, mm, percent, um } from '../units/quantities.ts';

/** What is entered of a practice panel. */
export interface Panel {
  readonly name: string;
  readonly item: Item['kind'];
  readonly year: number;
  readonly service?: Service;
  /** has stood by the sea or on salted roads */
  readonly salted?: boolean;
  readonly substrate: SubstrateId;
  /** mm */
  readonly thickness: number;
  /** m² */
  readonly area: number;
  readonly orientation?: Zone['orientation'];
  readonly access?: Zone['access'];
  readonly finish: FinishId;
  /** from the face down, µm */
  readonly paint: readonly (readonly [coating: CoatingId, film: number, state?: Layer['state']])[];
  /** °C and % */
  readonly air: readonly [temperature: number, humidity: number];
}

/** One part with one zone, as the work order has it. */
export function caseJob(panel: Panel): Job {
  const base = newJob(panel.name);
  const stack = panel.paint.toReversed().map(([coating, film, state], i): Layer => ({
    id: `layer${i + 1}`,
    coating,
    thickness: um(film),
    state: state ?? 'sound',
    origin: 'unknown',
    name: '',
    colour: '',
  }));
  const zone: Zone = {
    ...newZone('Face', () => 'zone1'),
    shape: { kind: 'entered', area: m2(panel.area) },
    orientation: panel.orientation ?? 'up',
    access: panel.access ?? 'flat',
    stack,
    condition: { ...CLEAN, contamination: panel.salted ? ['salt'] : [] },
  };
  const part = {
    id: 'part1',
    name: panel.name,
    substrate: panel.substrate,
    floats: 'not-tested' as const,
    thickness: mm(panel.thickness),
    held: 'hung' as const,
    features: [],
    box: null,
    touching: [],
    ...NEW_PART,
    role: 'ordinary' as const,
    finish: null,
    zones: [zone],
  };
  const [temperature, humidity] = panel.air;
  return {
    ...base,
    item: { ...base.item, kind: panel.item, year: panel.year, service: panel.service ?? 'outside' },
    place: { ...base.place, temperature: degC(temperature), humidity: percent(humidity), extraction: true },
    finish: panel.finish,
    parts: [part],
  };
}
