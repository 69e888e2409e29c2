import { formatQuantity, localise, type Certificate } from '@lift-bare/core';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { dateText, momentText } from './date-text.ts';
import { framed, signatures } from './frame.ts';
import { letterhead, section } from './letterhead.ts';
import type { Sent } from './quote-document.ts';
import { CARE, RULED } from './styles.ts';

/** What was done and how it was checked. @param pictures data addresses by file id */
export function certificateDocument(certificate: Certificate, sent: Sent, pictures: ReadonlyMap<string, string>): TDocumentDefinitions {
  const { shop, customer, date } = sent;
  const { units } = shop;
  const { job, item, version, handedOver } = certificate;
  const say = (text: string): string => localise(text, units);
  const title = handedOver === null ? 'Certificate, draft' : 'Certificate of coating';
  return framed({
    title: `${title}: ${job}`,
    shop: shop.name,
    foot: [job, customer.name, dateText(date), `plan version ${version}`],
    page: shop.paperwork.page,
    content: [
      ...letterhead({
        shop,
        customer,
        title,
        facts: [
          ['begun', momentText(certificate.started)],
          ['handed over', handedOver === null ? 'not yet' : momentText(handedOver)],
          ['plan', `“${certificate.plan}”, version ${version}`],
        ],
      }),
      { text: item === '' ? job : `${job}: ${item}`, bold: true },
      ...(certificate.open.length === 0
        ? []
        : [
            { text: 'A draft: this is still open', bold: true, color: CARE },
            { ul: certificate.open.map(say), color: CARE },
          ]),
      ...section(
        'What was done',
        certificate.scope.map(({ part, says }) => ({ text: [{ text: `${part}. `, bold: true }, `${say(says.join('. '))}.`] })),
      ),
      ...section('Laid on', laidTable(certificate, say, units)),
      ...section('Film thickness', films(certificate, say, units)),
      ...section('Hold points', holds(certificate, say)),
      ...section('Found under the paint', bullets(certificate.finds.map(({ where, what, became }) => `${what}, ${where}: ${became}.`))),
      ...section(
        'Done otherwise than planned',
        bullets(
          certificate.deviations.map(({ says, by, at, reason }) =>
            say(`${says}${reason === '' ? '' : `, because: ${reason}`} (${by === '' ? '' : `${by}, `}${momentText(at)})`),
          ),
        ),
      ),
      ...section('Before and after', photos(certificate, pictures)),
      ...section('The new finish', finish(certificate)),
      ...section('Warranty', certificate.warranty === '' ? [] : [{ text: certificate.warranty }]),
      signatures([
        { says: 'Done and checked', below: `${shop.name}, name, date` },
        { says: 'Taken over', below: 'name, date' },
      ]),
      { text: 'Written from the record of the work. Data sheets, local rules and licensed practice decide.', style: 'small', margin: [0, 8, 0, 0] },
    ],
  });
}

type Say = (text: string) => string;
type Units = Parameters<typeof localise>[1];

const bullets = (all: readonly string[]): Content[] => (all.length === 0 ? [] : [{ ul: [...all] }]);

const table = (widths: (string | number)[], head: readonly string[], rows: TableCell[][]): Content[] =>
  rows.length === 0
    ? []
    : [{ table: { headerRows: 1, dontBreakRows: true, widths, body: [head.map((text) => ({ text, style: 'head' })), ...rows] }, layout: RULED }];

const laidTable = ({ laid }: Certificate, say: Say, units: Units): Content[] =>
  table(
    ['*', 34, 60, 90, 120],
    ['Product, where', 'Coats', 'Film planned', 'Batches', 'Laid on, by'],
    laid.map(({ product, passes, where, film, batches, from, to, by }): TableCell[] => [
      {
        stack: [
          { text: say(product), bold: true },
          { text: where.join('; '), style: 'small' },
        ],
      },
      String(passes),
      formatQuantity(film, 'film', units),
      batches.length === 0 ? 'not noted' : batches.join(', '),
      from === null || to === null ? 'not on record' : `${momentText(from)} to ${momentText(to)}${by.length === 0 ? '' : `, ${by.join(', ')}`}`,
    ]),
  );

const films = ({ films: all }: Certificate, say: Say, units: Units): Content[] =>
  all.length === 0
    ? []
    : [
        ...table(
          ['*', 80, 150, 96],
          ['Film, where', 'Wanted', 'Measured', 'When, by'],
          all.map(({ title, where, range: [thin, thick], verdict, at, by }): TableCell[] => [
            {
              stack: [
                { text: say(title), bold: true },
                { text: where.join('; '), style: 'small' },
              ],
            },
            `${formatQuantity(thin, 'film', units)} to ${formatQuantity(thick, 'film', units)}`,
            {
              stack: [
                { text: say(verdict.says) },
                { text: `spots ${verdict.spots.map((spot) => formatQuantity(spot, 'film', units)).join(', ')}`, style: 'small' },
              ],
            },
            `${momentText(at)}, ${by}`,
          ]),
        ),
        {
          text: 'Rule: five spots of three readings; the average within the range, no spot under 80 % of its thin end or over 120 % of its thick end (SSPC-PA 2, from memory).',
          style: 'small',
          margin: [0, 2, 0, 0],
        },
      ];

const holds = ({ holds: all }: Certificate, say: Say): Content[] =>
  table(
    ['*', 120, 110, 96],
    ['Step', 'Go on when', 'Read', 'When, by'],
    all.map(({ title, where, accept, read, state, at, by }): TableCell[] => [
      { stack: [{ text: say(title) }, { text: where.join('; '), style: 'small' }] },
      say(accept),
      { text: [say(read), { text: `, ${state}`, bold: state !== 'met' }] },
      `${momentText(at)}, ${by}`,
    ]),
  );

/** Photos of a row, and how many of them at the most. */
const IN_ROW = 3;
const MOST = 24;

function photos({ photos: all }: Certificate, pictures: ReadonlyMap<string, string>): Content[] {
  const shown = all.flatMap(({ zone, file, moment }) => {
    const image = pictures.get(file);
    return image === undefined
      ? []
      : [
          {
            stack: [
              { image, fit: [160, 120] as [number, number] },
              { text: `${zone}, ${moment}`, style: 'small' },
            ],
            width: 'auto' as const,
          },
        ];
  });
  const rows = Array.from({ length: Math.ceil(Math.min(shown.length, MOST) / IN_ROW) }, (_, i) => shown.slice(i * IN_ROW, (i + 1) * IN_ROW));
  return rows.map((columns) => ({ columns, columnGap: 10, margin: [0, 2, 0, 4], unbreakable: true }));
}

const finish = ({ hard, care }: Certificate): Content[] => [
  ...(hard === null
    ? []
    : [
        {
          text: `May be touched and fitted from ${momentText(hard.handle)}, bears load from ${momentText(hard.load)}, at the air of the workplace; colder air takes longer.`,
        },
      ]),
  ...(care === '' ? [] : [{ text: care }]),
];
