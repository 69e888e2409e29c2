import { portfolioCost, type PortfolioProblem } from '../../src/choice/portfolio.ts';

/** Every set of picks, one after the other. */
export function cheapestByTrying(problem: PortfolioProblem): number {
  const walk = (picks: number[]): number => {
    const zone = problem.zones[picks.length];
    if (!zone) return portfolioCost(problem, picks);
    return Math.min(...zone.options.map((_, i) => walk([...picks, i])));
  };
  return walk([]);
}

/** The same problem in the text format of linear-programme solvers: x picks, y shared costs in use, u the part of a minimum that stays unmet. */
export function toMilp({ zones, shared }: PortfolioProblem): string {
  const x = (z: number, o: number) => `x${z}_${o}`;
  const terms: string[] = [];
  const rows: string[] = [];
  const binaries: string[] = [];
  const unmet = shared.map(({ minimum }, s) => [`${minimum} y${s}`]);
  zones.forEach(({ options }, z) => {
    rows.push(`${options.map((_, o) => x(z, o)).join(' + ')} = 1`);
    options.forEach(({ cost, uses, charge }, o) => {
      terms.push(`${cost} ${x(z, o)}`);
      binaries.push(x(z, o));
      for (const s of uses) {
        rows.push(`${x(z, o)} - y${s} <= 0`);
        unmet[s]?.push(`- ${charge} ${x(z, o)}`);
      }
    });
  });
  shared.forEach(({ fixed, minimum }, s) => {
    terms.push(`${fixed} y${s}`, `1 u${s}`);
    binaries.push(`y${s}`);
    if (minimum > 0) rows.push(`${(unmet[s] as string[]).join(' ')} - u${s} <= 0`);
  });
  return `Minimize\n obj: ${terms.join(' + ')}\nSubject To\n${rows.map((row, i) => ` r${i}: ${row}`).join('\n')}\nBinary\n ${binaries.join(' ')}\nEnd\n`;
}
