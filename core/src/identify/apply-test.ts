import type { TestRecord } from '../model/identification.ts';
import type { Part, Zone } from '../model/job.ts';

/** The part with a test recorded on one of its zones, and the fields set that the test decides. What it only contradicts stays, and is asked about. */
export function applyTest(part: Part, zoneId: string, record: TestRecord): Part {
  const { result } = record;
  const zones = part.zones.map((zone) => (zone.id === zoneId ? decide({ ...zone, tests: [...zone.tests, record] }, record) : zone));
  return result.test === 'float' ? { ...part, zones, floats: result.floats ? 'floats' : 'sinks' } : { ...part, zones };
}

function decide(zone: Zone, { result }: TestRecord): Zone {
  const condition = (change: Partial<Zone['condition']>): Zone => ({ ...zone, condition: { ...zone.condition, ...change } });
  switch (result.test) {
    case 'crosscut':
      return failUnder(condition({ crosscut: result.class }), result.class, result.plane);
    case 'lead':
      return condition({
        lead:
          result.found === 'lab-clear'
            ? 'lab-clear'
            : result.found === 'lab-lead'
              ? 'present'
              : result.found === 'swab-clear'
                ? zone.condition.lead
                : 'suspected',
      });
    case 'water-break':
      return result.holds || zone.condition.contamination.includes('grease')
        ? zone
        : condition({ contamination: [...zone.condition.contamination, 'grease'] });
    default:
      return zone;
  }
}

/** ISO 2409 class up to which a coating holds well enough to be kept. */
const HOLDS = 1;

/** A crosscut that fails between two layers shows the upper one to be flaking; on bare metal, the lowest. */
function failUnder(zone: Zone, crosscut: number, plane: string | null): Zone {
  if (crosscut <= HOLDS || plane === null) return zone;
  const failing = plane === 'substrate' ? 0 : zone.stack.findIndex(({ id }) => id === plane);
  return { ...zone, stack: zone.stack.map((layer, i) => (i === failing && layer.state === 'sound' ? { ...layer, state: 'flaking' } : layer)) };
}
