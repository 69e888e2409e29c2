/** As a scale shows it. */
export const gramsText = (value: number): string => `${value < 10 ? value.toFixed(1) : Math.round(value)} g`;
