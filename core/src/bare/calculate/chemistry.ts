/** g/mol; IUPAC standard atomic weights. */
const H = 1.008;
const C = 12.011;
const O = 15.999;
const NA = 22.99;
const P = 30.974;
const FE = 55.845;
const FE2O3 = 2 * FE + 3 * O;
const H3PO4 = 3 * H + P + 4 * O;
const NAOH = NA + O + H;
/** C/mol */
const FARADAY = 96_485.33;
const SECONDS_A_HOUR = 3600;
/** L/mol of gas at 25 °C and one atmosphere. */
const MOLAR_VOLUME = 24.465;

/** g of rust that a litre of phosphoric acid takes up: Fe2O3 + 2 H3PO4 → 2 FePO4 + 3 H2O. `percent` by mass, density in kg/L. @example rustCapacity(10, 1.05) // 85.6 */
export const rustCapacity = (percent: number, density: number): number => (((percent / 100) * density * 1000) / H3PO4 / 2) * FE2O3;

/** g/cm³ of rust as it grows, pores counted; model assumption. */
const RUST_DENSITY = 3.5;
/** g of rust on a face of m² under a layer of µm. */
export const rustOn = (area: number, micrometres: number): number => area * micrometres * RUST_DENSITY;

/** Acids that neutralise caustic: g/mol, and the pH at which each proton is half given off, at 25 °C; handbooks of chemistry, quoted from memory. */
export const ACIDS = {
  acetic: { name: 'Acetic acid', mass: 2 * C + 4 * H + 2 * O, pKa: [4.76] },
  citric: { name: 'Citric acid', mass: 6 * C + 8 * H + 7 * O, pKa: [3.13, 4.76, 6.4] },
  phosphoric: { name: 'Phosphoric acid', mass: H3PO4, pKa: [2.15, 7.2, 12.35] },
} as const satisfies Readonly<Record<string, { readonly name: string; readonly mass: number; readonly pKa: readonly number[] }>>;
export type AcidId = keyof typeof ACIDS;

/**
 * Protons that a molecule of acid has given off at a pH: Σ i·αᵢ over its species, αᵢ ∝ 10^(i·pH − Σ pKa).
 * @example protonsAt('phosphoric', 7) // 1.39
 */
export function protonsAt(acid: AcidId, pH: number): number {
  let [weight, weights, protons] = [1, 1, 0];
  ACIDS[acid].pKa.forEach((pKa, i) => {
    weight *= 10 ** (pH - pKa);
    weights += weight;
    protons += (i + 1) * weight;
  });
  return protons / weights;
}

/** g of pure acid that takes a mass of caustic soda, g, to a pH; pH paper decides in the end. @example acidFor(40, 'phosphoric') // 71 */
export const acidFor = (caustic: number, acid: AcidId, pH = 7): number => ((caustic / NAOH) * ACIDS[acid].mass) / protonsAt(acid, pH);

/** g of iron that an ampere hour sets free with two electrons an atom. @example 1.04 */
export const IRON_PER_AMPERE_HOUR = (SECONDS_A_HOUR / FARADAY / 2) * FE;

export interface Electrolysis {
  /** A */
  readonly current: number;
  /** A, of a supply with a quarter to spare */
  readonly supply: number;
  /** mm² of copper */
  readonly wire: number;
  /** h; an estimate, by the charge that would take all of the rust to iron(II) and metal; some of it only loosens, and hydrogen takes its share */
  readonly hours: number;
  /** L of hydrogen in an hour, were all of the current to make it */
  readonly hydrogen: number;
}

const SPARE = 1.25;
/** A/mm² of copper in free air; common practice, no source. */
const WIRE = 4;
const SQUARE_DECIMETRES = 100;

/** Current by area (m², A/dm²), the supply and wire for it, a time estimated by charge for a mass of rust (g), and the hydrogen. */
export function electrolysis(area: number, density: number, rust: number): Electrolysis {
  const current = area * SQUARE_DECIMETRES * density;
  const iron = (rust * 2 * FE) / FE2O3;
  return {
    current,
    supply: current * SPARE,
    wire: current / WIRE,
    hours: current > 0 ? iron / (IRON_PER_AMPERE_HOUR * current) : Infinity,
    hydrogen: ((current * SECONDS_A_HOUR) / FARADAY / 2) * MOLAR_VOLUME,
  };
}
