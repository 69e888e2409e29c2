import type { StyleDictionary } from 'pdfmake/interfaces.js';

/** Ink of every sheet that is printed. */
export const INK = '#1d2327';
export const SOFT = '#5b656b';
export const LINE = '#b9c0c4';
export const CARE = '#8a3b12';

export const SHEET_STYLES: StyleDictionary = {
  small: { fontSize: 8.5, color: SOFT },
  head: { fontSize: 8, color: SOFT },
  big: { fontSize: 18, bold: true },
  part: { fontSize: 13, bold: true },
};

/** Rules between rows, none beside them. */
export const RULED = { hLineColor: () => LINE, vLineWidth: () => 0, hLineWidth: (i: number) => (i === 0 ? 0 : 0.5) };
