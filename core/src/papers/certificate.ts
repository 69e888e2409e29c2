import { FIND_NAMES } from '../bare/repairs.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Find } from '../model/find.ts';
import type { Job } from '../model/job.ts';
import type { Plan } from '../model/plan.ts';
import type { ScopeOfPart } from '../model/quote.ts';
import type { Shop } from '../model/shop.ts';
import { deviationsOf, type Deviation } from '../record/deviations.ts';
import { filmRangeOf } from '../record/film-range.ts';
import type { Run } from '../record/fold-run.ts';
import { openAtHandOver } from '../record/hand-over.ts';
import { FILM_BY_SPOTS, holdLines, type HoldLine } from '../record/hold-lines.ts';
import { runNetwork } from '../record/run-network.ts';
import { runSteps, type RunStep } from '../record/run-steps.ts';
import { spotRule, type FilmRange, type SpotVerdict } from '../record/spot-rule.ts';
import { groupBy } from '../units/group-by.ts';

const MINUTE = 60_000;

/** A product as it was laid on. */
export interface LaidProduct {
  readonly product: string;
  readonly passes: number;
  readonly where: readonly string[];
  /** planned dry film of all passes, µm */
  readonly film: number;
  readonly batches: readonly string[];
  /** ms; null: it is not on record */
  readonly from: number | null;
  readonly to: number | null;
  readonly by: readonly string[];
}

export interface FilmLine {
  readonly title: string;
  readonly where: readonly string[];
  readonly range: FilmRange;
  readonly verdict: SpotVerdict;
  readonly at: number;
  readonly by: string;
}

export interface FindLine {
  readonly where: string;
  readonly what: string;
  readonly became: string;
}

/** What was done to an item and how it was checked, as its customer and an inspector get it. */
export interface Certificate {
  readonly job: string;
  readonly item: string;
  readonly version: number;
  /** name of the plan it was started with */
  readonly plan: string;
  readonly started: number;
  /** null: not yet, and the paper is a draft */
  readonly handedOver: number | null;
  readonly open: readonly string[];
  readonly scope: readonly ScopeOfPart[];
  readonly laid: readonly LaidProduct[];
  readonly films: readonly FilmLine[];
  readonly holds: readonly HoldLine[];
  readonly finds: readonly FindLine[];
  readonly deviations: readonly Deviation[];
  readonly photos: readonly { readonly zone: string; readonly file: string; readonly moment: string }[];
  /** ms from which it bears touch and load, each zone at the latest; null: a coat is not on record */
  readonly hard: { readonly handle: number; readonly load: number } | null;
  readonly care: string;
  readonly warranty: string;
}

/** @param plan of the job as it is now @param now ms; @param scope as it was told when it was offered or as it is planned */
export function certificateOf(
  { job, version, plan, shop, run, now }: { job: Job; version: number; plan: Plan; shop: Shop; run: Run; now: number },
  scope: readonly ScopeOfPart[],
  catalogue: Catalogue,
): Certificate {
  const network = runNetwork(plan.operations, run);
  const steps = runSteps(network, run, now);
  const done = doneWorks(steps);
  const names = new Map(job.parts.flatMap((part) => part.zones.map(({ id, name }) => [id, `${part.name}: ${name}`] as const)));
  return {
    job: job.name,
    item: job.item.description,
    version,
    plan: run.plan.name,
    started: run.started[0]?.at ?? now,
    handedOver: run.handedOver,
    open: run.handedOver === null ? openAtHandOver(job, run, steps) : [],
    scope,
    laid: laidProducts(plan, run, done),
    films: filmLines(plan, run, catalogue),
    holds: holdLines(run, plan.operations).filter(({ accept }) => accept !== FILM_BY_SPOTS),
    finds: findLines(job),
    deviations: deviationsOf(network, run),
    photos: run.photos
      .filter(({ moment }) => moment !== 'during')
      .map(({ zone, file, moment }) => ({ zone: names.get(zone ?? '') ?? 'Whole job', file, moment })),
    hard: hardAt(plan, done),
    care: shop.paperwork.care,
    warranty: shop.paperwork.warranty,
  };
}

/** Of each operation, its works that are on record as done, whatever pieces it was done in. */
type Done = ReadonlyMap<string, readonly { readonly from: number; readonly to: number; readonly by: string }[]>;

function doneWorks(steps: readonly RunStep[]): Done {
  const done = steps.flatMap(({ operation, record }) =>
    record?.to == null ? [] : [{ operation: operation.id, from: record.from, to: record.to, by: record.by }],
  );
  return groupBy(done, ({ operation }) => operation);
}

function laidProducts({ operations }: Plan, run: Run, works: Done): LaidProduct[] {
  const coats = operations.flatMap((operation) => (operation.coat ? [{ operation, coat: operation.coat }] : []));
  return [...groupBy(coats, ({ operation, coat }) => `${coat.product} ${operation.where.join()}`).values()].flatMap((passes): LaidProduct[] => {
    const [first] = passes;
    if (!first) return [];
    const done = passes.flatMap(({ operation }) => works.get(operation.id) ?? []);
    const ids = new Set(passes.map(({ operation }) => operation.id));
    const tins = run.used.filter(({ operation, batch }) => ids.has(operation) && batch !== '');
    return [
      {
        product: first.coat.name,
        passes: passes.length,
        where: first.operation.where,
        film: passes.reduce((film, { coat }) => film + coat.film, 0),
        batches: [...new Set(tins.map(({ product, batch }) => (product === first.coat.name ? batch : `${product} ${batch}`)))],
        from: done.length === 0 ? null : Math.min(...done.map(({ from }) => from)),
        to: done.length === 0 ? null : Math.max(...done.map(({ to }) => to)),
        by: [...new Set(done.map(({ by }) => by).filter((by) => by !== ''))],
      },
    ];
  });
}

function filmLines({ operations }: Plan, run: Run, catalogue: Catalogue): FilmLine[] {
  return operations.flatMap((operation): FilmLine[] => {
    const range = filmRangeOf(operation, operations, catalogue);
    const last = run.holds.get(operation.id)?.at(-1);
    const verdict = range && last && spotRule(last.values, range);
    return verdict ? [{ title: operation.title, where: operation.where, range, verdict, at: last.at, by: last.by }] : [];
  });
}

const BECAME: Readonly<Record<NonNullable<Find['disposition']>, string>> = {
  cosmetic: 'left as it is, it only shows',
  repair: 'repaired here',
  licensed: 'looked at by somebody licensed',
  'sent-out': 'sent out',
};

const findLines = (job: Job): FindLine[] =>
  job.parts.flatMap((part) =>
    part.zones.flatMap((zone) =>
      zone.finds.map(({ kind, where, disposition, released }) => ({
        where: `${part.name}: ${zone.name}${where === '' ? '' : `, ${where}`}`,
        what: FIND_NAMES[kind],
        became: [
          disposition === null ? 'dealt with as the rules have it' : BECAME[disposition],
          ...(released === null ? [] : [`released by ${released.by} on ${released.at}${released.note === '' ? '' : `: ${released.note}`}`]),
        ].join('; '),
      })),
    ),
  );

/** When the last coat of each zone bears touch and load. */
function hardAt({ operations, zones }: Plan, works: Done): Certificate['hard'] {
  const builds = new Map(zones.flatMap(({ zone, build }) => (build && build.coats.length > 0 ? [[zone, build] as const] : [])));
  const last = new Map<string, number>();
  for (const { coat, faces, id } of operations) {
    if (!coat) continue;
    const done = works.get(id) ?? [];
    for (const { zone } of faces) last.set(zone, Math.max(last.get(zone) ?? 0, done.length === 0 ? Infinity : Math.max(...done.map(({ to }) => to))));
  }
  const over = [...last].flatMap(([zone, at]) => {
    const build = builds.get(zone);
    return build ? [{ handle: at + build.handle * MINUTE, load: at + build.load * MINUTE }] : [];
  });
  const all = { handle: Math.max(...over.map(({ handle }) => handle)), load: Math.max(...over.map(({ load }) => load)) };
  return over.length > 0 && Number.isFinite(all.load) && Number.isFinite(all.handle) ? all : null;
}
