import { published, fromMemory, practice, type Basis } from '../model/basis.ts';
import type { Finding } from '../model/finding.ts';
import type { TestName, TestRecord, TestResult } from '../model/identification.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { onGroup, onPlastic } from '../rules/groups.ts';

/** Whose word a test is. */
export const TEST_BASIS: Readonly<Record<TestName, Basis>> = {
  magnet: practice,
  float: fromMemory('densities of plastics suppliers'),
  'solvent-rub': published('ASTM D5402 and D4752, style of'),
  crosscut: published('ISO 2409'),
  bullseye: practice,
  'water-break': published('ASTM F22'),
  lead: practice,
};

interface Contradiction {
  readonly title: string;
  readonly reason: string;
  readonly field: readonly string[];
}

const WATER = 1;

/** What a result says against what has been entered; null where they agree. */
function against(result: TestResult, zone: ZoneFacts): Contradiction | null {
  const material = zone.substrate.name.toLowerCase();
  const layers = zone.zone.stack.length;
  const top = zone.off[0] ?? zone.kept[0];
  switch (result.test) {
    case 'magnet': {
      const pulls = onGroup(zone, 'ferrous') || zone.substrate.id === 'galvanised';
      if (result.holds === pulls || onGroup(zone, 'ferrous-passive')) return null;
      return {
        title: 'Magnet and material disagree',
        reason: `The magnet ${result.holds ? 'holds' : 'does not hold'}, but ${material} is entered; ${result.holds ? 'steel or iron is underneath, or filler is not' : 'filler, light alloy or plastic may be underneath'}.`,
        field: ['substrate'],
      };
    }
    case 'float': {
      const light = zone.substrate.density.value < WATER;
      if (!(onPlastic(zone) || onGroup(zone, 'composite')) || result.floats === light) return null;
      return {
        title: 'Float test and material disagree',
        reason: `It ${result.floats ? 'floats' : 'sinks'}, but ${material} has ${zone.substrate.density.value} g/cm³.`,
        field: ['substrate'],
      };
    }
    case 'solvent-rub': {
      if (!top || top.layer.state === 'contaminated') return null;
      const soft = top.coating.pack === '1K';
      if (result.result === 'nothing' ? !soft : soft) return null;
      return {
        title: 'Solvent rub and top layer disagree',
        reason: `The rub ${result.result === 'nothing' ? 'takes nothing off, as on cured two-pack, baked or powder paint' : 'takes colour off, as from one-pack paint'}, but the top layer is entered as ${top.coating.name.toLowerCase()}.`,
        field: ['stack'],
      };
    }
    case 'bullseye':
      return result.rings === layers
        ? null
        : {
            title: 'Crater and stack disagree',
            reason: `${result.rings} rings were counted, but ${layers} ${layers === 1 ? 'layer is' : 'layers are'} entered.`,
            field: ['stack'],
          };
    case 'crosscut':
      return result.class === zone.zone.condition.crosscut
        ? null
        : {
            title: 'Crosscut and condition disagree',
            reason: `The test read class ${result.class}, the condition says ${zone.zone.condition.crosscut ?? 'not tested'}.`,
            field: ['condition', 'crosscut'],
          };
    case 'lead':
      return result.found === 'swab-clear' && zone.zone.condition.lead === 'lab-clear'
        ? {
            title: 'A swab alone does not clear lead',
            reason: 'Swabs miss lead in lower layers; only a laboratory sample or listed kit clears it.',
            field: ['condition', 'lead'],
          }
        : result.found.endsWith('lead') && zone.zone.condition.lead === 'lab-clear'
          ? { title: 'Lead was found', reason: 'A test found lead, but the condition says the laboratory found none.', field: ['condition', 'lead'] }
          : null;
    case 'water-break':
      return null;
  }
}

/** Questions that recorded tests raise: only the newest of each kind speaks. */
export function checkTests(zone: ZoneFacts): Finding[] {
  return newest(zone.zone.tests).flatMap(({ result }) => {
    const found = against(result, zone);
    if (!found) return [];
    return [
      {
        code: `test-${result.test}`,
        severity: 'question' as const,
        path: [...zone.path, ...found.field],
        title: found.title,
        reason: found.reason,
        basis: TEST_BASIS[result.test],
        looksAt: ['recorded tests', ...found.field],
        change: 'Repeat the test, or correct what is entered.',
      },
    ];
  });
}

/** The last record of each kind of test; records stand in the order they were made. */
export function newest(records: readonly TestRecord[]): TestRecord[] {
  return [...new Map(records.map((record) => [record.result.test, record])).values()];
}
