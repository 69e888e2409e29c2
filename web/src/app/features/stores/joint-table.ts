import { FAMILIES, jointOf, lowerFirst, upperFirst, type Family, type Lower } from '@lift-bare/core';

/** What films and bare materials are called. */
const NAMES: Readonly<Record<Lower, string>> = {
  etch: 'etch primer',
  epoxy: 'epoxy',
  'zinc-rich': 'zinc-rich primer',
  'primer-1k': 'one-pack primer',
  'surfacer-2k': 'two-pack surfacer',
  'filler-polyester': 'polyester filler',
  'plastic-primer': 'plastic primer',
  promoter: 'adhesion promoter',
  'barrier-epoxy': 'barrier epoxy',
  'tie-coat': 'tie coat',
  'aviation-epoxy': 'aviation epoxy',
  'high-temperature': 'high-temperature coat',
  'lacquer-1k': 'one-pack lacquer, aerosol',
  'enamel-1k': 'one-pack enamel',
  basecoat: 'basecoat',
  'topcoat-2k': 'two-pack topcoat',
  liner: 'liner',
  antifouling: 'antifouling',
  'antifouling-thin': 'thin-film antifouling',
  powder: 'powder',
  underseal: 'underseal, decal',
  inert: 'plate, anodising',
  ferrous: 'bare steel and iron',
  'ferrous-passive': 'bare stainless',
  zinc: 'bare zinc',
  light: 'bare aluminium and magnesium',
  copper: 'bare copper alloy',
  composite: 'bare laminate',
  'plastic-amorphous': 'bare amorphous plastic',
  'plastic-olefin': 'bare olefin',
  'plastic-other': 'other bare plastic',
  wood: 'bare wood',
};
const LOWERS = Object.keys(NAMES) as Lower[];
const list = (lowers: readonly Lower[]): string => lowers.map((lower) => NAMES[lower]).join(', ') || '–';

export interface JointRow {
  readonly film: string;
  /** lower films on which it goes while they are wet, within their window, and once cured, or bare, and keyed */
  readonly wet: string;
  readonly window: string;
  readonly keyed: string;
  /** every reason for which it never goes on, with what it speaks of */
  readonly never: string;
}

/** The whole matrix of who may lie on whom, a row for each film that goes on something. */
export const jointRows = (): JointRow[] =>
  FAMILIES.filter((upper) => upper !== 'inert').map((upper) => {
    const joints = LOWERS.map((lower) => ({ lower, ...jointOf(upper, lower) }));
    const taking = (state: (typeof joints)[number]['states'][number]) =>
      list(joints.filter(({ states }) => states.includes(state)).map(({ lower }) => lower));
    return { film: NAMES[upper], wet: taking('wet-in-wet'), window: taking('in-window'), keyed: taking('cured-keyed'), never: refusals(upper) };
  });

function refusals(upper: Family): string {
  const byReason = new Map<string, Lower[]>();
  for (const lower of LOWERS) {
    const { states, reason } = jointOf(upper, lower);
    if (states.length === 0) byReason.set(reason, [...(byReason.get(reason) ?? []), lower]);
  }
  const said = [...byReason].sort(([, a], [, b]) => Number(a.length > MANY) - Number(b.length > MANY));
  return said.map(([reason, lowers]) => `${lowers.length > MANY ? 'All else' : upperFirst(list(lowers))}: ${lowerFirst(reason)}`).join(' ');
}

/** Lower films above which a reason is not spelled out film by film. */
const MANY = 7;
