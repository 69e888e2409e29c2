type Raw = Readonly<Record<string, unknown>>;
type Upgrade = (document: Raw) => Raw;

/** From an older format to the next; the current format has no entry. */
const UPGRADES: ReadonlyMap<unknown, Upgrade> = new Map([
  ['lift-bare.job/1', toSecond],
  ['lift-bare.job/2', toThird],
  ['lift-bare.job/3', toFourth],
]);

/** An older job document as one of today's format, before it is validated; whatever is no job document is answered as it came. */
export function upgradeJob(input: unknown): unknown {
  let document = input;
  for (let next = upgradeOf(document); next; next = upgradeOf(document)) document = next(document as Raw);
  return document;
}

const upgradeOf = (document: unknown): Upgrade | undefined => (isRecord(document) ? UPGRADES.get(document['format']) : undefined);

export const isRecord = (value: unknown): value is Raw => typeof value === 'object' && value !== null && !Array.isArray(value);

/** The second format asks what a part is; the first knew a tank by its feature. What else is new has the value that changes nothing. */
function toSecond(document: Raw): Raw {
  const { parts } = document;
  return { ...document, format: 'lift-bare.job/2', ...(Array.isArray(parts) ? { parts: parts.map(withRole) } : {}) };
}

function withRole(part: unknown): unknown {
  if (!isRecord(part) || part['role'] !== undefined) return part;
  const { features } = part;
  return { ...part, role: Array.isArray(features) && features.includes('fuel-tank') ? 'tank' : 'not-said' };
}

/** The third format answers for every gate of the air apart; the second knew the dew point alone. */
function toThird(document: Raw): Raw {
  const { place } = document;
  if (!isRecord(place)) return { ...document, format: 'lift-bare.job/3' };
  const { dewReason, ...rest } = place;
  return {
    ...document,
    format: 'lift-bare.job/3',
    place: typeof dewReason === 'string' && dewReason !== '' ? { ...rest, gateReasons: { dew: dewReason } } : rest,
  };
}

/** The fourth format knows nobody: whom a job is for is kept beside it, so that no copy of the document tells it. */
function toFourth(document: Raw): Raw {
  const kept = Object.entries(document).filter(([key]) => key !== 'customer');
  return { ...Object.fromEntries(kept), format: 'lift-bare.job/4' };
}
