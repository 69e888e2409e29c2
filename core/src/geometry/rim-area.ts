import type { Shape } from '../model/shape.ts';
import { revolvedArea, type ProfilePoint } from './revolve.ts';

/** m; height of the flange over the bead seat, common passenger contour, quoted from memory of ISO 4000. */
const FLANGE = 0.0173;

type Rim = Extract<Shape, { kind: 'rim' }>;

/** The barrel of a drop-centre rim as a generatrix from flange edge to flange edge. */
export function rimProfile({ diameter, width, well }: Rim): readonly ProfilePoint[] {
  const seat = diameter / 2;
  return [
    { radius: seat + FLANGE, height: 0 },
    { radius: seat, height: 0 },
    { radius: seat, height: 0.25 * width },
    { radius: seat - well, height: 0.35 * width },
    { radius: seat - well, height: 0.65 * width },
    { radius: seat, height: 0.75 * width },
    { radius: seat, height: width },
    { radius: seat + FLANGE, height: width },
  ];
}

/** m²: both sides of the barrel and both sides of the disc between hub hole and drop centre. Openings are not taken off. */
export function rimArea(rim: Rim): number {
  const discRadius = rim.diameter / 2 - rim.well;
  const disc = Math.PI * (discRadius ** 2 - (rim.hub / 2) ** 2);
  return 2 * revolvedArea(rimProfile(rim)) + 2 * disc;
}
