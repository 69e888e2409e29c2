/** Units that write numbers plainly, for components alone. */
export const PLAIN_UNITS = {
  hands: (value: number) => `${Math.round(value)} min`,
  minutes: (value: number) => `${Math.round(value)} min`,
  show: (value: number, dimension: string) => `${value.toFixed(1)} ${dimension}`,
  system: () => 'metric',
  text: (text: string) => text,
};
