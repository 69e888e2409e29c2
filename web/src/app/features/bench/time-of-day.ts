const DAY = 86_400_000;

/** The moment nearest to another at which a clock shows "HH:mm" or "HH:mm:ss", ms; NaN for anything else. */
export function atTimeOfDay(text: string, near: number): number {
  const [, hours, minutes, seconds] = /^(\d{1,2}):(\d{2})(?::(\d{2}))?$/.exec(text.trim()) ?? [];
  if (hours === undefined) return Number.NaN;
  const day = new Date(near);
  day.setHours(Number(hours), Number(minutes), Number(seconds ?? 0), 0);
  const at = day.getTime();
  return [at - DAY, at, at + DAY].reduce((best, next) => (Math.abs(next - near) < Math.abs(best - near) ? next : best));
}
