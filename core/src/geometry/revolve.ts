export interface ProfilePoint {
  /** m from the axis */
  readonly radius: number;
  /** m along the axis */
  readonly height: number;
}

/**
 * Area swept by a polyline turned round its axis, m²: sum of frustums π (r₁ + r₂) s.
 * Pappus and Guldin's first theorem.
 * @example a line from (r, 0) to (r, h) gives the cylinder 2 π r h
 */
export function revolvedArea(profile: readonly ProfilePoint[]): number {
  let area = 0;
  for (let i = 1; i < profile.length; i++) {
    const a = profile[i - 1] as ProfilePoint;
    const b = profile[i] as ProfilePoint;
    area += Math.PI * (a.radius + b.radius) * Math.hypot(b.radius - a.radius, b.height - a.height);
  }
  return area;
}
