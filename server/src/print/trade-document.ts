import { formatQuantity, localise, type TradeOrder, type TradePart, type UnitSystem } from '@lift-bare/core';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { dateText } from './date-text.ts';
import { framed, signatures } from './frame.ts';
import { section } from './letterhead.ts';
import type { Sent } from './quote-document.ts';
import { CARE, RULED } from './styles.ts';

/** What somebody outside the shop is asked to do, with what must be known of each part. */
export function tradeDocument(order: TradeOrder, { shop, date }: Pick<Sent, 'shop' | 'date'>): TDocumentDefinitions {
  const { to, from, job, item, parts, back } = order;
  const { address, contact } = shop.paperwork;
  return framed({
    title: `Order to ${to}: ${job}`,
    shop: from,
    foot: [job, dateText(date)],
    page: shop.paperwork.page,
    content: [
      { text: `Order: ${to.toLowerCase()}`, style: 'big' },
      {
        text: `From ${[from, address.replaceAll('\n', ', '), contact].filter((text) => text !== '').join(', ')}. ${job}${item === '' ? '' : `: ${item}`}.`,
        margin: [0, 2, 0, 2],
      },
      { text: 'To: ______________________________', margin: [0, 4, 0, 0] },
      ...parts.flatMap((part) => partBlock(part, shop.units)),
      ...section('Comes back in writing', [{ ul: [...back] }]),
      signatures([
        { says: 'Handed over, counted', below: `${from}, date and hour` },
        { says: 'Done', below: 'name, firm, date' },
        { says: 'Taken back, counted', below: `${from}, date and hour` },
      ]),
      { text: 'Data sheets, local rules and licensed practice decide.', style: 'small', margin: [0, 10, 0, 0] },
    ],
  });
}

function partBlock(part: TradePart, units: UnitSystem): Content[] {
  const { ticket, name, pieces, material, alloy, thickness, mass, massFrom, size, onIt, asked, keepOff, warnings } = part;
  const facts = [
    `${pieces} ${pieces === 1 ? 'piece' : 'pieces'} of ${material.toLowerCase()}${alloy === '' ? '' : ` (${alloy})`}, ${formatQuantity(thickness, 'gauge', units)}`,
    `${formatQuantity(mass, 'mass', units)} ${massFrom === 'scale' ? 'weighed' : 'worked out'}`,
    size === null ? 'size not measured' : size.map((side) => formatQuantity(side, 'length', units)).join(' × '),
  ];
  const rows = asked.map(({ zone, title, detail }): TableCell[] => [zone, { text: localise(title, units), bold: true }, localise(detail, units)]);
  const head: TableCell[] = ['Where', 'What', 'How'].map((text) => ({ text, style: 'head' }));
  return [
    { text: `Ticket ${ticket}: ${name}`, style: 'part', margin: [0, 12, 0, 0] },
    { text: facts.join(' · ') },
    ...(onIt === '' ? [] : [{ text: `On it: ${onIt}.` }]),
    ...warnings.map((text): Content => ({ text, bold: true, color: CARE })),
    { table: { headerRows: 1, dontBreakRows: true, widths: [100, 140, '*'], body: [head, ...rows] }, layout: RULED, margin: [0, 3, 0, 2] },
    ...(keepOff.length === 0
      ? []
      : [{ text: [{ text: 'Covered, plugged or kept away from: ', bold: true, color: CARE }, keepOff.join('; ')] } satisfies Content]),
  ];
}
