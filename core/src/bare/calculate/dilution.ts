/** What is poured to get a strength: of the stock, and of water. */
export interface Dilution {
  readonly stock: number;
  readonly water: number;
}

/**
 * C₁V₁ = C₂V₂ in whichever measure the strengths are given, volume or mass; water goes in first, acid and lye after it.
 * @throws RangeError when the stock is weaker than what is wanted
 * @example dilute(85, 10, 5) // 0.588 of stock, 4.412 of water
 */
export function dilute(stockStrength: number, wanted: number, total: number): Dilution {
  if (!(wanted > 0) || !(stockStrength >= wanted) || !(total >= 0)) throw new RangeError(`${wanted} % from ${stockStrength} %`);
  const stock = (total * wanted) / stockStrength;
  return { stock, water: total - stock };
}
