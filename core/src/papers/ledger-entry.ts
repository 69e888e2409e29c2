import { formatISO } from 'date-fns';
import type { LedgerEntry } from '../model/ledger.ts';
import type { Plan } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { DEFECT_NAMES } from '../record/entry-words.ts';
import type { Run, WorkRecord } from '../record/fold-run.ts';
import { repairId } from '../record/repair-zone.ts';
import { runNetwork } from '../record/run-network.ts';
import { remedyOf } from '../schedule/remedy.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';
import { agreedSums, type Agreed } from './agreed.ts';
import { invoiceBasis } from './invoice.ts';
import { currencyOf, toMinor } from './money.ts';

const MINUTE = 60_000;
const PLANT = { booth: 'Booth', blast: 'Blasting place', tub: 'Tub' } as const;

/** A job in the ledger of the shop. @param at ISO date of the last answer to its papers @param run null: not started */
export function ledgerEntry(agreed: Agreed, at: string, plan: Plan, run: Run | null, shop: Shop): LedgerEntry {
  const { lines, real } = invoiceBasis(agreed, plan, run, shop);
  const sums = agreedSums(agreed);
  const hands = lines.find(({ kind }) => kind === 'hands');
  const over = run?.handedOver ?? null;
  return {
    name: agreed.quote.job,
    currency: agreed.quote.pricing.currency,
    at: over === null ? at : formatISO(over, { representation: 'date' }),
    over: over !== null,
    taxed: sums.taxed,
    cost: sums.cost,
    real,
    sold: hands?.amount ?? 0,
    worked: run === null ? 0 : (hands?.done ?? 0),
    methods: methodShares(plan),
    people: run === null ? [] : shares([...run.works.values()].map((work) => [work.by === '' ? 'nobody said' : work.by, minutesOf(work, run)])),
    plant: run === null ? [] : plantShares(plan, run),
    rework: run === null ? [] : reworkOf(run, shop),
  };
}

function methodShares({ zones }: Plan): LedgerEntry['methods'] {
  const stripped = zones.flatMap(({ area, chosen }) => (area > 0 && chosen && chosen.family !== 'keep' ? [{ name: chosen.name, area }] : []));
  const all = sum(stripped, ({ area }) => area);
  return [...groupBy(stripped, ({ name }) => name)].map(([name, own]) => ({ name, share: sum(own, ({ area }) => area) / all }));
}

const shares = (all: readonly (readonly [name: string, minutes: number])[]): LedgerEntry['people'] =>
  [...groupBy(all, ([name]) => name)].map(([name, own]) => ({ name, minutes: sum(own, ([, minutes]) => minutes) }));

/** min of hands; what was only ticked off counts as planned. */
function minutesOf({ work, worked }: WorkRecord, { plan }: Run): number {
  return worked > 0 ? worked / MINUTE : (plan.works.find(({ id }) => id === work)?.hand ?? 0);
}

function plantShares({ operations }: Plan, run: Run): LedgerEntry['plant'] {
  return shares(
    runNetwork(operations, run).activities.flatMap(({ id, plant }) => {
      const work = run.works.get(id);
      return plant && work ? [[PLANT[plant], minutesOf(work, run)] as const] : [];
    }),
  );
}

/** What was done twice: repairs of defects, and what mended a missed window. */
function reworkOf(run: Run, { labourRate, currency }: Shop): LedgerEntry['rework'] {
  const defects = new Map(run.defects.map(({ event, kind }) => [repairId(event), DEFECT_NAMES[kind]]));
  const again = remedyOf('');
  const whyOf = ({ work, zones }: WorkRecord): string | null => {
    if (work.endsWith(again)) return 'A window was missed';
    const [first] = zones;
    return zones.every((zone) => zone === first) ? (defects.get(first ?? '') ?? null) : null;
  };
  const done = [...run.works.values()].flatMap((work) => {
    const why = whyOf(work);
    return why === null ? [] : [[why, minutesOf(work, run)] as const];
  });
  return shares(done).map(({ name, minutes }) => ({ why: name, minutes, cost: toMinor((minutes / 60) * labourRate, currencyOf(currency)) }));
}
