import { formatQuantity, WASTE_HAZARDS, type SafetySheet, type UnitSystem } from '@lift-bare/core';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { CARE, INK, RULED, SHEET_STYLES } from './styles.ts';

export interface WasteTerms {
  readonly units: UnitSystem;
  /** ISO date */
  readonly today: string;
}

/** The note that goes with the waste of one job to whoever takes it. */
export function wasteDocument(sheet: SafetySheet, terms: WasteTerms): TDocumentDefinitions {
  return {
    info: { title: `Waste of ${sheet.job}`, author: sheet.shop },
    pageSize: 'A4',
    pageMargins: [40, 44, 40, 52],
    defaultStyle: { color: INK },
    styles: SHEET_STYLES,
    footer: (page, pages) => ({ text: `${sheet.shop} · ${sheet.job} · page ${page} of ${pages}`, style: 'small', margin: [40, 16, 40, 0] }),
    content: [
      { text: 'Waste handed over', style: 'big' },
      { text: `From ${sheet.shop}, ${terms.today}. ${sheet.job}${sheet.item === '' ? '' : `: ${sheet.item}`}.`, margin: [0, 2, 0, 8] },
      streamTable(sheet, terms),
      {
        text: 'Masses are reckoned from the plan: weigh at the hand-over and write it beside. Containers closed, labelled with content, hazard and date.',
        style: 'small',
        margin: [0, 6, 0, 14],
      },
      signatures(),
    ],
  };
}

export function streamTable({ waste }: SafetySheet, { units }: Pick<WasteTerms, 'units'>): Content {
  const head: TableCell[] = ['Stream', 'About', 'Weighed', 'Container', 'Goes to'].map((text) => ({ text, style: 'head' }));
  const body = waste.map(({ name, hazards, mass, container, goes, of }): TableCell[] => [
    {
      stack: [
        { text: name, bold: true },
        ...(hazards.length === 0 ? [] : [{ text: hazards.map((hazard) => WASTE_HAZARDS[hazard]).join('; '), color: CARE }]),
        { text: of.join('; '), style: 'small' },
      ],
    },
    { text: formatQuantity(mass, 'mass', units), bold: true },
    '________',
    container,
    goes,
  ]);
  return { table: { headerRows: 1, dontBreakRows: true, widths: ['*', 48, 48, 110, 110], body: [head, ...body] }, layout: RULED };
}

function signatures(): Content {
  const blank = '_'.repeat(34);
  return {
    unbreakable: true,
    style: 'small',
    columnGap: 12,
    columns: [
      { text: `Handed over\n\n${blank}\nname, date` },
      { text: `Taken by\n\n${blank}\nname, firm, licence, date` },
      { text: `Vehicle, receipt\n\n${blank}\nnumber` },
    ],
  };
}
