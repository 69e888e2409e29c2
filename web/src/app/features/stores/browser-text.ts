const BROWSERS = [
  [/Edg\//, 'Edge'],
  [/Firefox\//, 'Firefox'],
  [/Chrome\//, 'Chrome'],
  [/Safari\//, 'Safari'],
] as const;
const MACHINES = [
  [/iPad/, 'iPad'],
  [/iPhone/, 'iPhone'],
  [/Android.*Mobile/, 'Android phone'],
  [/Android/, 'Android tablet'],
  [/Windows/, 'Windows'],
  [/Mac OS/, 'Mac'],
  [/Linux/, 'Linux'],
] as const;

/** What a browser calls itself, in two words. */
export function browserText(agent: string): string {
  const named = (all: readonly (readonly [RegExp, string])[]): string | undefined => all.find(([sign]) => sign.test(agent))?.[1];
  const [browser, machine] = [named(BROWSERS), named(MACHINES)];
  return browser && machine ? `${browser} on ${machine}` : (browser ?? machine ?? 'a program');
}
