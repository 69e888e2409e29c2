/** How the nozzle is held. */
export interface Jet {
  /** bar gauge at the nozzle */
  readonly pressure: number;
  /** m */
  readonly distance: number;
  /** ° between jet and face */
  readonly angle: number;
}

/** m; the jet keeps its speed up to here and loses it beyond. Model assumption. */
const NEAR = 0.3;
/** ° at and above which the angle costs no removal; model assumption. */
const STEEP = 45;
/** ° of half the opening of the jet; model assumption. */
const SPREAD = 7;

const sine = (degrees: number): number => Math.sin((degrees * Math.PI) / 180);

/** Share of the removal that is left at this distance and angle: less beyond 30 cm and below 45°. Model assumption. */
export const cutting = ({ distance, angle }: Jet): number => Math.min(1, Math.sqrt(NEAR / distance)) * Math.min(1, sine(angle) / sine(STEEP));

/** Share of the peening that is left: the blow goes by the square of its speed into the face, and speed falls beyond 30 cm. Model assumption. */
export const peening = ({ distance, angle }: Jet): number => Math.min(1, NEAR / distance) * sine(angle) ** 2;

/** mm that the jet is wide where it meets the face. */
export const jetWidth = (bore: number, distance: number): number => bore + 2000 * distance * Math.tan((SPREAD * Math.PI) / 180);
