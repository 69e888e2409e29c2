import { formatQuantity, WASTE_HAZARDS, type SafetySheet, type UnitSystem } from '@lift-bare/core';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { framed, signatures, type PageSize } from './frame.ts';
import { CARE, RULED } from './styles.ts';

export interface WasteTerms {
  readonly units: UnitSystem;
  readonly page: PageSize;
  /** ISO date */
  readonly today: string;
}

/** The note that goes with the waste of one job to whoever takes it. */
export function wasteDocument(sheet: SafetySheet, terms: WasteTerms): TDocumentDefinitions {
  return framed({
    title: `Waste of ${sheet.job}`,
    shop: sheet.shop,
    foot: [sheet.job, terms.today],
    page: terms.page,
    content: [
      { text: 'Waste handed over', style: 'big' },
      { text: `From ${sheet.shop}, ${terms.today}. ${sheet.job}${sheet.item === '' ? '' : `: ${sheet.item}`}.`, margin: [0, 2, 0, 8] },
      streamTable(sheet, terms),
      {
        text: 'Masses are worked out from the plan: weigh at the hand-over and write it beside. Containers closed, labelled with content, hazard and date.',
        style: 'small',
        margin: [0, 6, 0, 0],
      },
      signatures([
        { says: 'Handed over', below: 'name, date' },
        { says: 'Taken by', below: 'name, firm, licence, date' },
        { says: 'Vehicle, receipt', below: 'number' },
      ]),
    ],
  });
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
