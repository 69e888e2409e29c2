/**
 * Choosing one method for every zone of a job, where methods share costs that the job pays once: a delivery, a filling of the tub, a tool.
 *
 *   minimise  Σ_i c_i,p(i)  +  Σ_s in use f_s  +  Σ_s in use max(0, m_s − Σ_i v_i,p(i),s)
 *
 * c own cost of option p(i) of zone i, f fixed cost of set-up s, m the least that charges v to s must come to.
 * Costs in any one unit of money, at least 0.
 */
export interface PortfolioOption {
  readonly key: string;
  readonly cost: number;
  /** indices of shared costs that it uses */
  readonly uses: readonly number[];
  /** part of the cost that counts towards the minimum of the shared costs it uses */
  readonly charge: number;
}
export interface PortfolioZone {
  readonly id: string;
  readonly options: readonly PortfolioOption[];
}
export interface SharedCost {
  readonly id: string;
  readonly name: string;
  readonly fixed: number;
  readonly minimum: number;
}
export interface PortfolioProblem {
  readonly zones: readonly PortfolioZone[];
  readonly shared: readonly SharedCost[];
}

/** Index of the option picked for each zone. */
export type Picks = readonly number[];

/** What a set of picks costs in all. */
export function portfolioCost({ zones, shared }: PortfolioProblem, picks: Picks): number {
  const charges = new Map<number, number>();
  let cost = 0;
  zones.forEach(({ options }, i) => {
    const option = optionAt(options, picks[i] as number);
    cost += option.cost;
    for (const s of option.uses) charges.set(s, (charges.get(s) ?? 0) + option.charge);
  });
  for (const [s, charged] of charges) {
    const { fixed, minimum } = shared[s] as SharedCost;
    cost += fixed + Math.max(0, minimum - charged);
  }
  return cost;
}

export const optionAt = (options: readonly PortfolioOption[], i: number): PortfolioOption => options[i] as PortfolioOption;
