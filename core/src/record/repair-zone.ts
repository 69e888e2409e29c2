import { CLEAN, newZone } from '../model/new-job.ts';
import type { BuildPlan } from '../model/build.ts';
import type { CoatingId, ProductId } from '../model/ids.ts';
import type { Job, Layer, Zone } from '../model/job.ts';
import type { DefectKind } from '../model/run.ts';
import { m2, um } from '../units/quantities.ts';
import { DEFECT_NAMES } from './entry-words.ts';
import { DEFECTS } from './defect-causes.ts';

/** What a new coat is once it lies there; a promoter is no film of its own. */
const LIES_AS: Readonly<Record<Exclude<ProductId, 'adhesion-promoter'>, CoatingId>> = {
  'etch-1k': 'etch-primer',
  'etch-2k': 'etch-primer',
  'epoxy-2k': 'epoxy-2k',
  'zinc-rich': 'zinc-rich',
  'primer-1k': 'alkyd-enamel',
  'surfacer-2k': 'surfacer-2k',
  'plastic-primer': 'epoxy-2k',
  'barrier-epoxy': 'barrier-epoxy',
  'tie-coat': 'epoxy-2k',
  'aviation-epoxy': 'epoxy-2k',
  'high-temperature': 'baked-enamel',
  'colour-heat': 'baked-enamel',
  'colour-1k': 'lacquer-1k',
  'clear-1k': 'clear-1k',
  'machine-enamel': 'alkyd-enamel',
  basecoat: 'basecoat',
  'clear-2k': 'clear-2k',
  'solid-2k': 'urethane-2k',
  'aviation-topcoat': 'aviation-polyurethane',
  liner: 'liner-polyurethane',
  antifouling: 'antifoul-ablative',
  'antifouling-hard': 'antifoul-hard',
  'antifouling-thin-film': 'antifoul-thin-film',
  // No row of its own: its dust is treated as if there were biocide in it.
  'antifouling-no-biocide': 'antifoul-hard',
};

/** A defect that was written down, and what lies on its zone by now. */
export interface Failed {
  /** id of the event */
  readonly event: string;
  readonly kind: DefectKind;
  readonly zone: string;
  readonly build: Pick<BuildPlan, 'coats'>;
}

/** The zone that a defect is mended as goes by the id of its event. */
export const repairId = (event: string): string => `fix-${event}`.slice(0, 40);

/**
 * The job with the repair of a defect as a zone of its own beside the one that failed: the new films on it, as deep to be taken back as such a defect asks for, and all
 * that follows planned like any other work. The same job where it is no repair that starts over, or the zone is gone.
 * @param area m² that are mended
 */
export function withRepair(job: Job, { event, kind, zone: failed, build }: Failed, area: number): Job {
  const { down } = DEFECTS[kind];
  const id = repairId(event);
  if (down === null || job.parts.some(({ zones }) => zones.some((zone) => zone.id === id))) return job;
  return {
    ...job,
    parts: job.parts.map((part) => {
      const at = part.zones.findIndex((zone) => zone.id === failed);
      const zone = part.zones[at];
      return zone ? { ...part, zones: part.zones.toSpliced(at + 1, 0, repairOf(zone, { id, kind, build, area, down })) } : part;
    }),
  };
}

interface Wanted extends Pick<Failed, 'kind' | 'build'> {
  readonly id: string;
  readonly area: number;
  readonly down: 'bare' | 'first film' | 'surface';
}

function repairOf(zone: Zone, { id, kind, build, area, down }: Wanted): Zone {
  const stays = stayedOf(zone);
  const films = build.coats.flatMap(({ base, name, dryFilm, coats }, i): Layer[] =>
    base === 'adhesion-promoter'
      ? []
      : [{ id: `new${i + 1}`, coating: LIES_AS[base], thickness: um(dryFilm * coats), state: 'sound', origin: 'refinish', name, colour: '' }],
  );
  const [first] = films;
  // What was stripped took its poisons with it; what stays is as it was.
  const condition = {
    ...(stays.length > 0 ? { ...zone.condition, contamination: [] } : { ...CLEAN, ...CLEARED }),
    rustGrade: RUST[kind] ?? ('none' as const),
  };
  return {
    ...newZone(`${zone.name}, mended: ${DEFECT_NAMES[kind]}`.slice(0, 80), () => id),
    ...reachedAs(zone),
    shape: { kind: 'entered', area: m2(area) },
    stack: [...stays, ...films],
    condition,
    target: down === 'bare' || !first ? { kind: 'bare' } : down === 'surface' ? { kind: 'keep' } : { kind: 'down-to', layer: first.id },
  };
}

/** How it lies, and what is laid on it with what. */
const reachedAs = ({ orientation, access, films, laidWith, sides, moisture }: Zone) => ({ orientation, access, films, laidWith, sides, moisture });

const CLEARED = { lead: 'lab-clear', chromate: 'lab-clear', asbestos: 'lab-clear', organotin: 'lab-clear', tar: 'lab-clear' } as const;
const RUST: Readonly<Partial<Record<DefectKind, Zone['condition']['rustGrade']>>> = { 'flash-rust': 'B', corrosion: 'C' };

/** Old layers that were kept, from the substrate up. */
function stayedOf({ stack, target }: Zone): readonly Layer[] {
  if (target.kind === 'keep') return stack;
  if (target.kind === 'bare') return [];
  return stack.slice(0, stack.findIndex(({ id }) => id === target.layer) + 1);
}
