import { amountText, moneyText, type CostLine, type Pricing, type Sums, type UnitSystem } from '@lift-bare/core';
import type { Content, TableCell } from 'pdfmake/interfaces.js';
import { RULED } from './styles.ts';

/** Lines with their prices, and the sums under them as they are made of each other. */
export function moneyTable(lines: readonly CostLine[], sums: Sums, pricing: Pricing, units: UnitSystem): Content {
  const money = (amount: number): TableCell => ({ text: moneyText(amount, pricing), alignment: 'right' });
  const under = (says: string, amount: number, bold = false): TableCell[] => [
    { text: says, bold },
    '',
    { text: moneyText(amount, pricing), alignment: 'right', bold },
  ];
  const { taxName, taxRate } = pricing.tax;
  return {
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: ['*', 90, 90],
      body: [
        ['What', 'How much', 'Price'].map((text, i) => ({ text, style: 'head', alignment: i === 2 ? 'right' : 'left' })),
        ...lines.map((line): TableCell[] => [line.says, amountText(line.amount, line.unit, units), money(line.price)]),
        under('Net', sums.net),
        ...(sums.discount === 0 ? [] : [under(`Less ${pricing.discount} % discount`, -sums.discount), under('Net after discount', sums.taxed)]),
        ...(taxRate === 0 ? [] : [under(`${taxName} ${taxRate} %`, sums.tax)]),
        under(taxRate === 0 ? 'Total, no tax added' : 'Total', sums.total, true),
      ],
    },
    layout: RULED,
  };
}
