import { currencyOf, type LedgerLine } from '@lift-bare/core';
import { Router } from 'express';
import Papa from 'papaparse';
import { readQuery } from '../api/read-body.ts';
import { LedgerQuery } from '../api/schemas.ts';
import type { BenchStore } from '../store/bench-store.ts';
import type { LedgerStore } from '../store/ledger-store.ts';
import { agreedOf } from '../store/offer-store.ts';
import type { OfferParts } from './offers.ts';

/** Jobs that one look works out at the most; the next look goes on. */
const AT_ONCE = 20;

export interface LedgerParts extends OfferParts {
  readonly ledger: LedgerStore;
  readonly bench: BenchStore;
}

/** What the jobs of some days brought and took. */
export function ledgerRoutes(parts: LedgerParts): Router {
  const { ledger } = parts;
  return Router()
    .get('/', async (request, response) => {
      const { from, to } = readQuery(LedgerQuery, request);
      const missing = await ledger.missing();
      for (const job of missing.slice(0, AT_ONCE)) await workOut(parts, job);
      response.json({ jobs: await ledger.between(from, to), left: Math.max(0, missing.length - AT_ONCE) });
    })
    .get('/table.csv', async (request, response) => {
      const { from, to } = readQuery(LedgerQuery, request);
      response
        .type('text/csv')
        .attachment('ledger.csv')
        .send(ledgerTable(await ledger.between(from, to)));
    });
}

async function workOut({ ledger, offers, jobs, planner, profile, bench }: LedgerParts, id: string): Promise<void> {
  const papers = await offers.papers(id);
  const found = agreedOf(papers);
  if (!found) return;
  const { document } = await jobs.get(id);
  const events = (await bench.ofJob(id)).flatMap((timer) => timer.events);
  const at =
    papers
      .map(({ answeredAt, issuedAt }) => answeredAt ?? issuedAt.slice(0, 10))
      .sort()
      .at(-1) ?? '';
  await ledger.keep(id, await planner.run('ledger', { job: document, shop: await profile(id), agreed: found.agreed, at, events }));
}

/** Amounts in the currency, hours with a point. */
function ledgerTable(lines: readonly LedgerLine[]): string {
  const hours = (minutes: number): number => Number((minutes / 60).toFixed(2));
  return Papa.unparse(
    {
      fields: ['job', 'customer', 'date', 'handed over', 'currency', 'net', 'cost planned', 'cost', 'hours sold', 'hours worked', 'hours of rework'],
      data: lines.map(({ name, customer, at, over, currency, taxed, cost, real, sold, worked, rework }) => {
        const { digits, code, sign } = currencyOf(currency);
        const money = (amount: number): number => Number((amount / 10 ** digits).toFixed(digits));
        const again = rework.reduce((sum, { minutes }) => sum + minutes, 0);
        return [
          name,
          customer,
          at,
          over ? 'yes' : 'no',
          code ?? sign,
          money(taxed),
          money(cost),
          money(real),
          hours(sold),
          hours(worked),
          hours(again),
        ];
      }),
    },
    { escapeFormulae: true },
  );
}
