import { amountText, moneyText, type InvoiceBasis } from '@lift-bare/core';
import type { TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { dateText } from './date-text.ts';
import { framed } from './frame.ts';
import { section } from './letterhead.ts';
import { moneyTable } from './money-table.ts';
import type { Sent } from './quote-document.ts';
import { RULED } from './styles.ts';

/** What an invoice is written from, and beside it what the work really cost: for the office, not for the customer. */
export function invoiceDocument(basis: InvoiceBasis, { shop, customer, date }: Sent): TDocumentDefinitions {
  const { units } = shop;
  const money = (amount: number): TableCell => ({ text: moneyText(amount, basis.pricing), alignment: 'right' });
  const rows = basis.lines.map((line): TableCell[] => [
    { stack: [{ text: line.says }, { text: line.from, style: 'small' }] },
    amountText(line.amount, line.unit, units),
    amountText(line.done, line.unit, units),
    money(line.cost),
    money(line.real),
    money(line.real - line.cost),
  ]);
  const head = ['What', 'Agreed', 'Done', 'Cost planned', 'Cost', 'More'].map((text, i) => ({
    text,
    style: 'head',
    alignment: i > 2 ? ('right' as const) : ('left' as const),
  }));
  return framed({
    title: `Invoice basis: ${basis.job}`,
    shop: shop.name,
    foot: [basis.job, customer.name, dateText(date)],
    page: shop.paperwork.page,
    content: [
      { text: `Invoice basis: ${basis.job}`, style: 'big' },
      {
        text: [customer.name, customer.orderNumber === '' ? '' : `order ${customer.orderNumber}`, dateText(date)]
          .filter((text) => text !== '')
          .join(', '),
      },
      ...section('To invoice', [moneyTable(basis.lines, basis.sums, basis.pricing, units), ...papersOf(basis)]),
      ...section('Agreed against the book', [{ table: { headerRows: 1, widths: ['*', 56, 56, 66, 66, 60], body: [head, ...rows] }, layout: RULED }]),
      {
        text: `Stays of the net amount: ${moneyText(basis.margin.planned, basis.pricing)} as planned, ${moneyText(basis.margin.real, basis.pricing)} as it was.`,
        bold: true,
        margin: [0, 8, 0, 0],
      },
    ],
  });
}

const papersOf = ({ papers, pricing }: InvoiceBasis) => [
  {
    text: papers.map(({ says, total }) => `${says}: ${moneyText(total, pricing)}`).join('; '),
    style: 'small',
    margin: [0, 3, 0, 0] as [number, number, number, number],
  },
];
