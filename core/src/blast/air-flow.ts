/** Air: ratio of specific heats, J/(kg K), K before the nozzle, kg/m³ free (101.325 kPa, 20 °C). Any gas-dynamics text. */
const GAMMA = 1.4;
const GAS = 287.05;
const TEMPERATURE = 293.15;
const FREE_DENSITY = 101_325 / (GAS * TEMPERATURE);
export const ATMOSPHERE = 1.01325;
const PASCAL_PER_BAR = 1e5;

/** Share of an orifice's air that passes a nozzle with abrasive in the stream; the published nozzle tables lie at 0.75 to 0.85 of it. */
export const WITH_ABRASIVE = 0.8;

/** Pressure ratio at and above which the throat runs at the speed of sound, 1.893. */
const CRITICAL = ((GAMMA + 1) / 2) ** (GAMMA / (GAMMA - 1));

/**
 * Free air through a bore, L/min: choked flow m = Cd A p₀ √(γ/(R T₀)) (2/(γ+1))^((γ+1)/(2(γ−1))), below the critical ratio the subsonic form.
 * Any gas-dynamics text. `bore` in mm, `gauge` in bar.
 * @example freeAirThrough(6.35, 6.895, 1) // 104 cfm, compressed-air handbook
 */
export function freeAirThrough(bore: number, gauge: number, discharge = WITH_ABRASIVE): number {
  if (!(gauge > 0) || !(bore > 0)) return 0;
  const area = (Math.PI / 4) * (bore / 1000) ** 2;
  const before = (gauge + ATMOSPHERE) * PASCAL_PER_BAR;
  const mass = discharge * area * before * Math.sqrt(GAMMA / (GAS * TEMPERATURE)) * machTerm(before / (ATMOSPHERE * PASCAL_PER_BAR));
  return (mass / FREE_DENSITY) * 60_000;
}

/** M (1 + (γ−1)/2 M²)^(−(γ+1)/(2(γ−1))) with the Mach number of the throat. */
function machTerm(ratio: number): number {
  const mach = ratio >= CRITICAL ? 1 : Math.sqrt((2 / (GAMMA - 1)) * (ratio ** ((GAMMA - 1) / GAMMA) - 1));
  return mach * (1 + ((GAMMA - 1) / 2) * mach ** 2) ** (-(GAMMA + 1) / (2 * (GAMMA - 1)));
}
