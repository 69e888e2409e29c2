import { optionAt, portfolioCost, type Picks, type PortfolioOption, type PortfolioProblem, type SharedCost } from './portfolio.ts';

export interface PortfolioProgress {
  readonly picks: Picks;
  readonly cost: number;
  /** nothing costs less than this */
  readonly bound: number;
  readonly proven: boolean;
  readonly nodes: number;
}

/** A decision on some shared costs: open ones may be used and are paid, closed ones may not; the rest are still free to choose. */
interface Node {
  readonly open: ReadonlySet<number>;
  readonly closed: ReadonlySet<number>;
  readonly picks: number[];
  readonly bound: number;
}

const EPSILON = 1e-9;
/** Nodes between two reports. */
const REPORT_EVERY = 64;
/** Shares of the unmet minimum that the relaxation prices in; any value from 0 to 1 gives a valid bound. */
const MULTIPLIERS = [0, 0.25, 0.5, 0.75, 1] as const;

/**
 * Exact branch and bound. Branches on which shared costs are opened, best bound first; undecided fixed costs are spread over the zones that
 * could use them, which never overestimates. Minima of opened costs are priced by Lagrangian multipliers, and a zone is branched on
 * where that leaves a gap. Deterministic. Yields now and then, so that the caller may stop and keep the best found with its gap.
 * @throws RangeError when a zone has no option
 */
export function* searchPortfolio(problem: PortfolioProblem): Generator<PortfolioProgress, PortfolioProgress> {
  problem.zones.forEach(({ id, options }) => {
    if (options.length === 0) throw new RangeError(`zone ${id} has no option`);
  });
  const users = problem.shared.map((_, s) => problem.zones.filter(({ options }) => options.some(({ uses }) => uses.includes(s))).length);
  const frontier = [relax(problem, users, new Set(), new Set())].filter((node) => node !== null);
  let best: PortfolioProgress = { picks: [], cost: Infinity, bound: 0, proven: false, nodes: 0 };
  let nodes = 0;
  const offer = (picks: Picks): number => {
    const cost = portfolioCost(problem, picks);
    if (cost < best.cost - EPSILON) best = { ...best, picks: [...picks], cost };
    return cost;
  };
  while (frontier.length > 0) {
    const node = takeBest(frontier);
    if (node.bound >= best.cost - EPSILON) break;
    nodes += 1;
    const cost = offer(node.picks);
    if (cost <= node.bound + EPSILON) continue;
    const s = nextDecision(problem, node);
    if (s !== null) {
      for (const child of [
        relax(problem, users, new Set([...node.open, s]), node.closed),
        relax(problem, users, node.open, new Set([...node.closed, s])),
      ])
        if (child && child.bound < best.cost - EPSILON) frontier.push(child);
    } else {
      for (const found of meetMinima(problem, node, best.cost)) {
        nodes += 1;
        if (found) offer(found);
        if (nodes % REPORT_EVERY === 0) yield { ...best, bound: Math.min(node.bound, best.cost), nodes };
      }
    }
    if (nodes % REPORT_EVERY === 0) yield { ...best, bound: Math.min(lowest(frontier), best.cost), nodes };
  }
  return { ...best, bound: best.cost, proven: true, nodes };
}

/** Runs a search to its end, or gives it up after a number of nodes with the best so far, not proven. */
export function solvePortfolio(problem: PortfolioProblem, mostNodes = Infinity): PortfolioProgress {
  const search = searchPortfolio(problem);
  let step = search.next();
  while (!step.done && step.value.nodes < mostNodes) step = search.next();
  return step.value;
}

/** Cheapest option of each zone under the decisions, with the best bound of all multipliers; null when a zone has none left. */
function relax({ zones, shared }: PortfolioProblem, users: readonly number[], open: ReadonlySet<number>, closed: ReadonlySet<number>): Node | null {
  const paid = [...open].reduce((sum, s) => sum + (shared[s] as SharedCost).fixed, 0);
  const minima = [...open].reduce((sum, s) => sum + (shared[s] as SharedCost).minimum, 0);
  const counted = (uses: readonly number[]): number => uses.filter((s) => open.has(s) && (shared[s] as SharedCost).minimum > 0).length;
  const spread = (uses: readonly number[]): number =>
    uses.reduce((sum, s) => sum + (open.has(s) ? 0 : (shared[s] as SharedCost).fixed / (users[s] as number)), 0);
  const picks: number[] = [];
  const bounds = MULTIPLIERS.map((multiplier) => paid + multiplier * minima);
  for (const { options } of zones) {
    const least = MULTIPLIERS.map(() => Infinity);
    let pick = -1;
    options.forEach(({ cost, uses, charge }, i) => {
      if (uses.some((s) => closed.has(s))) return;
      const base = cost + spread(uses);
      const charged = charge * counted(uses);
      MULTIPLIERS.forEach((multiplier, m) => {
        const value = base - multiplier * charged;
        if (value >= (least[m] as number) - EPSILON) return;
        least[m] = value;
        if (m === 0) pick = i;
      });
    });
    if (pick < 0) return null;
    least.forEach((value, m) => (bounds[m] = (bounds[m] as number) + value));
    picks.push(pick);
  }
  return { open, closed, picks, bound: Math.max(...bounds) };
}

/** The shared cost to decide next: the dearest that the relaxed picks use undecided, else any that is left; null when all are decided. */
function nextDecision({ zones, shared }: PortfolioProblem, { open, closed, picks }: Node): number | null {
  const free = (s: number): boolean => !open.has(s) && !closed.has(s);
  const wanted = zones.flatMap(({ options }, i) => optionAt(options, picks[i] as number).uses).filter(free);
  const candidates = wanted.length > 0 ? wanted : shared.map((_, s) => s).filter(free);
  const fixed = (s: number): number => (shared[s] as SharedCost).fixed;
  return candidates.reduce<number | null>((most, s) => (most === null || fixed(s) > fixed(most) ? s : most), null);
}

/**
 * All shared costs are decided, so only minima of the open ones can still be unmet. Walks the zones depth first and yields every set of
 * picks that may be better than `limit`; null stands for a node looked at.
 */
function* meetMinima(problem: PortfolioProblem, { open, closed }: Node, limit: number): Generator<number[] | null> {
  const allowed = problem.zones.map(({ options }) =>
    options.flatMap((option, i) => (option.uses.every((s) => open.has(s)) && !option.uses.some((s) => closed.has(s)) ? [{ option, i }] : [])),
  );
  const opened = [...open];
  const fixed = opened.reduce((sum, s) => sum + (problem.shared[s] as SharedCost).fixed, 0);
  const minimum = opened.map((s) => (problem.shared[s] as SharedCost).minimum);
  const priced = (option: PortfolioOption, multiplier: number): number =>
    option.cost - multiplier * option.charge * option.uses.filter((s) => (problem.shared[s] as SharedCost).minimum > 0).length;
  const rest = MULTIPLIERS.map((multiplier) =>
    suffixSums(allowed.map((choices) => Math.min(...choices.map(({ option }) => priced(option, multiplier))))),
  );
  let known = limit;
  const stack: { readonly picks: number[]; readonly cost: number; readonly charged: readonly number[] }[] = [
    { picks: [], cost: fixed, charged: opened.map(() => 0) },
  ];
  while (stack.length > 0) {
    const { picks, cost, charged } = stack.pop() as (typeof stack)[number];
    const depth = picks.length;
    const unmet = charged.reduce((sum, value, k) => sum + Math.max(0, (minimum[k] as number) - value), 0);
    const short = charged.reduce((sum, value, k) => sum + ((minimum[k] as number) > 0 ? (minimum[k] as number) - value : 0), 0);
    const bound = Math.max(...MULTIPLIERS.map((multiplier, m) => cost + (rest[m]?.[depth] ?? 0) + multiplier * short));
    yield null;
    if (bound >= known - EPSILON) continue;
    if (depth === allowed.length) {
      known = Math.min(known, cost + unmet);
      yield picks;
      continue;
    }
    const choices = [...(allowed[depth] ?? [])].sort((a, b) => b.option.cost - a.option.cost);
    for (const { option, i } of choices)
      stack.push({
        picks: [...picks, i],
        cost: cost + option.cost,
        charged: charged.map((value, k) => value + (option.uses.includes(opened[k] as number) ? option.charge : 0)),
      });
  }
}

/** sums[i] = Σ of values from i on. */
function suffixSums(values: readonly number[]): number[] {
  const sums = [...values, 0];
  for (let i = values.length - 1; i >= 0; i -= 1) sums[i] = (values[i] as number) + (sums[i + 1] as number);
  return sums;
}

const lowest = (frontier: readonly Node[]): number => frontier.reduce((least, { bound }) => Math.min(least, bound), Infinity);

function takeBest(frontier: Node[]): Node {
  let at = 0;
  frontier.forEach(({ bound }, i) => {
    if (bound < (frontier[at] as Node).bound) at = i;
  });
  return frontier.splice(at, 1)[0] as Node;
}
