import { TASKS } from './tasks.ts';

/** What a thread is asked for by name. */
export const { plan, figures, choose, orders, schedule, quote, addition, invoice, certificate, ledger, trades, workPack, debrief, safety } = TASKS;
