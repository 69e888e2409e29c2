const DAY = 86_400_000;
const CLOCK = /^([01]?\d|2[0-3])[:. ]?([0-5]\d)(?:[:. ]?([0-5]\d))?$/;

/** The moment nearest to another at which a clock shows "HH:mm" or "HH:mm:ss", ms; the keys of numbers alone do: "0903", "09.03.15". NaN for anything else. */
export function atTimeOfDay(text: string, near: number): number {
  const [, hours, minutes, seconds] = CLOCK.exec(text.trim()) ?? [];
  if (hours === undefined) return Number.NaN;
  const day = new Date(near);
  day.setHours(Number(hours), Number(minutes), Number(seconds ?? 0), 0);
  const at = day.getTime();
  return [at - DAY, at, at + DAY].reduce((best, next) => (Math.abs(next - near) < Math.abs(best - near) ? next : best));
}
