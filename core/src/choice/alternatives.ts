import { optionAt, type Picks, type PortfolioProblem } from './portfolio.ts';
import { solvePortfolio, type PortfolioProgress } from './search-portfolio.ts';

/** Another set of methods that differs from the winner in what it shares. */
export interface Alternative {
  /** 'without' a shared cost that the winner uses, or 'with' one that it does not */
  readonly kind: 'with' | 'without';
  readonly shared: string;
  readonly picks: Picks;
  readonly extra: number;
}

/** Nodes after which a set beside the best is given up; a set that is not proven is not shown. */
const MOST_NODES = 20_000;
/** Zones through which a shared cost is brought in; more never paid in tests. */
const DOORS = 4;

/**
 * The best sets that go without each shared cost of the winner, and those that go with each one it leaves out, cheapest first and no set twice. Tools to buy are no set of
 * their own; they come with the station that needs them. */
export function alternativesTo(problem: PortfolioProblem, winner: PortfolioProgress): Alternative[] {
  const inUse = new Set(problem.zones.flatMap(({ options }, i) => optionAt(options, winner.picks[i] as number).uses));
  const found = problem.shared.flatMap(({ id, name }, s): Alternative[] => {
    if (id.startsWith('tool:') && !inUse.has(s)) return [];
    const solved = inUse.has(s) ? without(problem, s) : withShared(problem, s, winner);
    return solved ? [{ kind: inUse.has(s) ? 'without' : 'with', shared: name, picks: solved.picks, extra: solved.cost - winner.cost }] : [];
  });
  const seen = new Set([winner.picks.join()]);
  return found.sort((a, b) => a.extra - b.extra).filter(({ picks }) => !seen.has(picks.join()) && seen.add(picks.join()));
}

function without(problem: PortfolioProblem, s: number): PortfolioProgress | null {
  return restricted(problem, (_, options) => options.flatMap(({ uses }, i) => (uses.includes(s) ? [] : [i])));
}

function withShared(problem: PortfolioProblem, s: number, winner: PortfolioProgress): PortfolioProgress | null {
  const regret = (zone: number, i: number): number => {
    const { options } = problem.zones[zone] as PortfolioProblem['zones'][number];
    return optionAt(options, i).cost - optionAt(options, winner.picks[zone] as number).cost;
  };
  const doors = problem.zones
    .flatMap(({ options }, zone) => options.flatMap(({ uses }, i) => (uses.includes(s) ? [{ zone, regret: regret(zone, i) }] : [])))
    .sort((a, b) => a.regret - b.regret)
    .map(({ zone }) => zone);
  const solved = [...new Set(doors)]
    .slice(0, DOORS)
    .map((door) => restricted(problem, (zone, options) => options.flatMap(({ uses }, i) => (zone === door && !uses.includes(s) ? [] : [i]))))
    .filter((result) => result !== null);
  return solved.reduce<PortfolioProgress | null>((best, next) => (best && best.cost <= next.cost ? best : next), null);
}

/** Solves with some options left out and answers picks of the whole problem; null when a zone is left with none, or it takes too long. */
function restricted(
  problem: PortfolioProblem,
  keep: (zone: number, options: PortfolioProblem['zones'][number]['options']) => number[],
): PortfolioProgress | null {
  const kept = problem.zones.map(({ options }, zone) => keep(zone, options));
  if (kept.some((indices) => indices.length === 0)) return null;
  const zones = problem.zones.map(({ id, options }, zone) => ({ id, options: (kept[zone] as number[]).map((i) => optionAt(options, i)) }));
  const solved = solvePortfolio({ ...problem, zones }, MOST_NODES);
  if (!solved.proven) return null;
  return { ...solved, picks: solved.picks.map((pick, zone) => (kept[zone] as number[])[pick] as number) };
}
