import { maskPicture } from './mask-picture.ts';
import { currencyOf, formatQuantity, localise, moneyText, needText, shortTime, toMinor, type MixCard, type WorkPack } from '@lift-bare/core';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { dateText } from './date-text.ts';
import { daysContent } from './days-document.ts';
import { framed } from './frame.ts';
import { section } from './letterhead.ts';
import type { Sent } from './quote-document.ts';
import { RULED } from './styles.ts';

/** Where the bench of a job is reached from a phone. */
export interface BenchAddress {
  readonly bench: string;
}

/** Days, kit, mixes, masking, hold points and labels of one job, for those who do it. */
export function workPackDocument(pack: WorkPack, sent: Sent & BenchAddress): TDocumentDefinitions {
  const { shop, date, customer } = sent;
  const { units } = shop;
  return framed({
    title: `Work pack: ${pack.job}`,
    shop: shop.name,
    foot: [pack.job, customer.name, dateText(date)],
    page: shop.paperwork.page,
    dense: { margin: 34, fontSize: 9 },
    content: [
      {
        columns: [
          {
            stack: [{ text: `Work pack: ${pack.job}`, style: 'big' }, { text: [pack.item, customer.name].filter((text) => text !== '').join(', ') }],
            width: '*',
          },
          {
            stack: [
              { qr: sent.bench, fit: 64 },
              { text: 'bench of this job', style: 'small' },
            ],
            width: 80,
          },
        ],
      },
      ...section('Days, by person', daysContent(pack.schedule, { by: 'person', day: null, units })),
      ...broken(section('Kit and picking list', [kitTable(pack, sent), toWear(pack, sent)])),
      ...broken(
        section(
          'Mixing cards',
          pack.mixes.map((card) => mixCard(card, sent)),
        ),
      ),
      ...broken(section('What is covered', masked(pack, sent))),
      ...broken(section('Hold points', [holdTable(pack, sent)])),
      ...broken(section('Labels, to cut out', labels(pack, sent))),
      {
        text: 'A plan, never a promise of safety: product data sheets, local rules and licensed practice decide.',
        style: 'small',
        margin: [0, 10, 0, 0],
      },
    ],
  });
}

/** On a page of its own. */
const broken = (content: Content[]): Content[] =>
  content.map((one, i) => (i === 0 && typeof one === 'object' && !Array.isArray(one) ? { ...one, pageBreak: 'before' as const } : one));

function table(widths: (string | number)[], head: readonly string[], rows: TableCell[][]): Content {
  return { table: { headerRows: 1, dontBreakRows: true, widths, body: [head.map((text) => ({ text, style: 'head' })), ...rows] }, layout: RULED };
}

/** A box to tick; each is its own, for they are moved to where they stand. */
const tick = (): TableCell => ({ canvas: [{ type: 'rect', x: 0, y: 1, w: 9, h: 9, lineWidth: 1 }] });

const kitTable = ({ kit }: WorkPack, { shop }: Sent): Content =>
  table(
    [14, '*', 70, 80, 60],
    ['', 'What', 'Needs', 'Buy', 'Packs'],
    kit
      .filter(({ group }) => group !== 'protection')
      .map(({ name, need, unit, buy, bought }): TableCell[] => [
        tick(),
        localise(name, shop.units),
        need === null ? '' : needText(need, unit, shop.units),
        buy,
        bought === null ? '' : moneyText(toMinor(bought, currencyOf(shop.currency)), { currency: shop.currency }),
      ]),
  );

const toWear = ({ kit }: WorkPack, { shop }: Sent): Content => ({
  text: `To wear and have at hand, for each person: ${kit.flatMap(({ group, name }) => (group === 'protection' ? [localise(name, shop.units)] : [])).join('; ')}.`,
  margin: [0, 6, 0, 0],
});

function mixCard({ number, operation, product, where, start, mix }: MixCard, { shop, bench }: Sent & BenchAddress): Content {
  const { units } = shop;
  const rows = mix.parts.map(({ name, litres, grams, shows }): TableCell[] => [
    name,
    formatQuantity(litres, 'volume', units),
    `${grams.toFixed(0)} g`,
    { text: `${shows.toFixed(0)} g`, bold: true, fontSize: 12 },
    tick(),
  ]);
  return {
    unbreakable: true,
    margin: [0, 4, 0, 8],
    columnGap: 12,
    columns: [
      {
        stack: [
          { text: `${number}. ${product}`, bold: true, fontSize: 11 },
          { text: `${shortTime(start)}; ${where.join('; ')}`, style: 'small' },
          ...(rows.length === 0
            ? [{ text: mix.cans === null ? 'Ready to use; stir well.' : 'From the can.' }]
            : [
                table(
                  ['*', 60, 50, 60, 14],
                  [mix.batches > 1 ? `Each of ${mix.batches} batches` : 'One batch', 'Litres', 'Grams', 'Scale shows', ''],
                  rows,
                ),
              ]),
          { text: 'Batch ______________   mixed at ________   by ________', style: 'small', margin: [0, 4, 0, 0] },
        ],
        width: '*',
      },
      { stack: [{ qr: `${bench}&step=${encodeURIComponent(operation)}`, fit: 58 }], width: 66 },
    ],
  };
}

const masked = ({ masked: parts }: WorkPack, { shop }: Sent): Content[] =>
  parts.flatMap(({ part, zones }): Content[] => [
    {
      stack: [
        { text: part, bold: true, margin: [0, 5, 0, 3] },
        { ...maskPicture({ part, zones }), width: 500 },
      ],
      unbreakable: true,
      margin: [0, 0, 0, 4],
    },
    table(
      [14, 100, '*', 90, 106],
      ['', 'Zone', 'What is covered, and why', 'With', 'Off'],
      zones.flatMap(({ zone, items }) =>
        items.map(({ number, what, work, mask, why, off }): TableCell[] => [
          { text: String(number), bold: true },
          `${zone}, ${work === 'strip' ? 'for the strip' : 'for the paint'}`,
          localise(`${what}: ${why}`, shop.units),
          localise(mask, shop.units),
          localise(off, shop.units),
        ]),
      ),
    ),
  ]);

const holdTable = ({ holds }: WorkPack, { shop }: Sent): Content =>
  table(
    [20, '*', 150, 70, 80],
    ['', 'Step', 'Go on when', 'Read', 'When, by'],
    holds.map(({ number, title, where, method, accept, unit }): TableCell[] => [
      String(number),
      { stack: [{ text: localise(title, shop.units) }, { text: where.join('; '), style: 'small' }] },
      localise(`${method}: ${accept}`, shop.units),
      unit === null ? tick() : `_____ ${unit}`,
      '__________',
    ]),
  );

/** Labels beside each other. */
const IN_ROW = 3;

function labels({ labels: all, job }: WorkPack, { bench }: BenchAddress): Content[] {
  const cells = all.map(({ part, zones }): TableCell => ({
    columns: [
      { qr: bench, fit: 46, width: 52 },
      {
        stack: [
          { text: part, bold: true },
          { text: job, style: 'small' },
          { text: zones.join(', '), style: 'small' },
          { text: 'side, position, fasteners: ______', style: 'small' },
        ],
      },
    ],
    columnGap: 6,
    margin: [4, 6, 4, 6],
  }));
  const rows = Array.from({ length: Math.ceil(cells.length / IN_ROW) }, (_, i) => [0, 1, 2].map((j) => cells[i * IN_ROW + j] ?? ''));
  return rows.length === 0
    ? []
    : [
        {
          table: { dontBreakRows: true, widths: ['*', '*', '*'], body: rows },
          layout: { hLineStyle: () => ({ dash: { length: 2 } }), vLineStyle: () => ({ dash: { length: 2 } }) },
        },
      ];
}
