import { currencyOf, type InvoiceBasis } from '@lift-bare/core';
import Papa from 'papaparse';

/** The lines of an invoice basis for another program: amounts in the currency with a point, units in the header. */
export function invoiceTable({ lines, sums, pricing }: InvoiceBasis): string {
  const { digits, code, sign } = currencyOf(pricing.currency);
  // As numbers: a text that begins with a minus would be taken for a formula.
  const money = (amount: number): number => Number((amount / 10 ** digits).toFixed(digits));
  const currency = code ?? sign;
  const rows = lines.map(({ kind, says, amount, done, unit, cost, price, real, from }) => [
    kind,
    says,
    amount ?? '',
    done ?? '',
    unit,
    money(price),
    money(cost),
    money(real),
    from,
  ]);
  const total = (says: string, amount: number): (string | number)[] => ['sum', says, '', '', '', money(amount), '', '', ''];
  return Papa.unparse(
    {
      fields: ['kind', 'what', 'agreed', 'done', 'unit', `price (${currency})`, `cost planned (${currency})`, `cost (${currency})`, 'cost from'],
      data: [
        ...rows,
        total('net', sums.net),
        total(`discount ${pricing.discount} %`, -sums.discount),
        total(`${pricing.tax.taxName} ${pricing.tax.taxRate} %`, sums.tax),
        total('total', sums.total),
      ],
    },
    { escapeFormulae: true },
  );
}
