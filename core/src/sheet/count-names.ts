/** Names in order of first appearance, counted. @example countNames(['Alkyd enamel', 'Alkyd enamel', 'Surfacer']) // "2 × alkyd enamel, surfacer" */
export function countNames(names: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].map(([name, count]) => (count > 1 ? `${count} × ` : '') + name.toLowerCase()).join(', ');
}
