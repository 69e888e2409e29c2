import { formatMinutes, formatQuantity, localise, type OrderPart, type OrderSheet, type UnitSystem } from '@lift-bare/core';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { framed, signatures, type PageSize } from './frame.ts';
import { CARE, LINE, RULED } from './styles.ts';

/** How a sheet is written: units, money, times of a place, and the pictures by file id. */
export interface PrintTerms {
  readonly units: UnitSystem;
  readonly currency: string;
  readonly page: PageSize;
  readonly timeZone: string;
  readonly pictures: ReadonlyMap<string, string>;
}

/** The order sheet of one contractor as a document to print. */
export function orderDocument(sheet: OrderSheet, terms: PrintTerms): TDocumentDefinitions {
  return framed({
    title: `Order to ${sheet.to}: ${sheet.job}`,
    shop: sheet.from,
    foot: [sheet.job],
    page: terms.page,
    content: [heading(sheet, terms), figures(sheet, terms), ...sheet.parts.map((part) => partBlock(part, terms)), closing(sheet)],
  });
}

function heading({ to, from, job, item, note }: OrderSheet, { units }: PrintTerms): Content {
  return [
    { text: `Blasting order to ${to}`, style: 'big' },
    { text: `From ${from}. ${job}${item === '' ? '' : `: ${item}`}.`, margin: [0, 2, 0, 6] },
    ...(note === '' ? [] : [{ text: localise(note, units), italics: true, margin: [0, 0, 0, 6] } satisfies Content]),
  ];
}

function figures(sheet: OrderSheet, terms: PrintTerms): Content {
  const { units, currency } = terms;
  const cells: [string, string][] = [
    ['pieces', String(sheet.pieces)],
    ['area', formatQuantity(sheet.area, 'area', units)],
    ['weight', formatQuantity(sheet.mass, 'mass', units)],
    ['charge', sheet.priced ? `${currency} ${Math.round(sheet.charge)} + ${Math.round(sheet.transport)} transport` : 'to be agreed'],
    ['away', `${sheet.daysAway} days${sheet.takesIn.length > 0 ? `, in on ${sheet.takesIn.join(', ')}` : ''}`],
    ['picked up', sheet.readyAt === null ? 'to be agreed' : timeText(sheet.readyAt, terms)],
    ['primer on by', sheet.primeBy === null ? 'see each part' : timeText(sheet.primeBy, terms)],
  ];
  return {
    table: {
      widths: cells.map(() => '*'),
      body: [cells.map(([head]) => ({ text: head, style: 'head' })), cells.map(([, value]) => ({ text: value, bold: true }))],
    },
    layout: 'noBorders',
    margin: [0, 0, 0, 8],
  };
}

const timeText = (at: string, { timeZone }: PrintTerms): string =>
  new Intl.DateTimeFormat('en-GB', { timeZone, weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' }).format(
    new Date(at),
  );

function partBlock(part: OrderPart, terms: PrintTerms): Content {
  const { units } = terms;
  const facts = [
    `${part.pieces} ${part.pieces === 1 ? 'piece' : 'pieces'} of ${part.material.toLowerCase()}${part.alloy === '' ? '' : ` (${part.alloy})`}, ${formatQuantity(part.thickness, 'gauge', units)}`,
    `${formatQuantity(part.mass, 'mass', units)} ${part.massFrom === 'scale' ? 'weighed' : 'worked out'}`,
    part.size === null ? 'size not measured' : part.size.map((side) => formatQuantity(side, 'length', units)).join(' × '),
  ].join(' · ');
  const block: Content[] = [
    { canvas: [{ type: 'line', x1: 0, y1: 0, x2: 515, y2: 0, lineWidth: 1, lineColor: LINE }], margin: [0, 6, 0, 6] },
    { text: `Ticket ${part.ticket}: ${part.name}`, style: 'part' },
    { text: facts, margin: [0, 1, 0, 1] },
    ...(part.onIt === '' ? [] : [{ text: `On it: ${part.onIt}.`, margin: [0, 0, 0, 4] } satisfies Content]),
    linesTable(part, terms),
    ...avoided('Do not blast', part.keepOff, terms),
    ...avoided('Plug or mask before', part.plug, terms),
    primerLine(part, terms),
    ...photos(part, terms),
  ];
  return { stack: block, unbreakable: true };
}

function linesTable({ lines }: OrderPart, { units }: PrintTerms): Content {
  const head: TableCell[] = ['Zone', 'Area', 'Medium', 'At the nozzle, at most', 'Held', 'Wanted'].map((text) => ({ text, style: 'head' }));
  const body = lines.map((line): TableCell[] => [
    line.zone,
    formatQuantity(line.area, 'area', units),
    { text: line.medium + (line.wet ? ', wet' : ''), bold: true },
    { text: formatQuantity(line.pressure, 'pressure', units), bold: true, fontSize: 12 },
    localise(`${Math.round(line.distance * 100)} cm off, ${line.angle}° to the face${line.edgesFirst ? ', edges first' : ''}, always moving`, units),
    localise(line.result + (line.segment === null ? '' : `, comparator segment ${line.segment} µm`), units),
  ]);
  const why = [...new Set(lines.map((line) => line.why))].join(' ');
  return [
    {
      table: { headerRows: 1, widths: [72, 44, 68, 62, '*', '*'], body: [head, ...body] },
      layout: RULED,
    },
    { text: localise(why, units), style: 'small', margin: [0, 2, 0, 4] },
  ];
}

const avoided = (title: string, items: readonly string[], { units }: PrintTerms): Content[] =>
  items.length === 0 ? [] : [{ text: [{ text: `${title}: `, bold: true, color: CARE }, localise(items.join('; '), units)], margin: [0, 1, 0, 1] }];

function primerLine({ primeWithin, primeBy, primeReason }: OrderPart, terms: PrintTerms): Content {
  if (primeWithin === null) return { text: 'No primer clock: the surface keeps while it is clean and dry.', style: 'small' };
  const by = primeBy === null ? '' : `, by ${timeText(primeBy, terms)} when blasted on the day of collection`;
  return { text: [{ text: `Primer within ${formatMinutes(primeWithin)}${by}. `, bold: true }, localise(primeReason, terms.units)] };
}

function photos({ photos: taken }: OrderPart, { pictures }: PrintTerms): Content[] {
  const shown = taken.flatMap(({ file, caption }) => {
    const image = pictures.get(file);
    return image === undefined
      ? []
      : [
          {
            stack: [
              { image, fit: [160, 120] as [number, number] },
              { text: caption, style: 'small' },
            ],
            width: 'auto' as const,
          },
        ];
  });
  return shown.length === 0 ? [] : [{ columns: shown.slice(0, 3), columnGap: 10, margin: [0, 6, 0, 0] }];
}

function closing({ terms, from, to }: OrderSheet): Content {
  return {
    unbreakable: true,
    margin: [0, 12, 0, 0],
    stack: [
      { text: 'Terms', bold: true },
      { ul: terms.map((term) => term), margin: [0, 2, 0, 0] },
      signatures([
        { says: 'Handed over, counted', below: `${from}, date and hour` },
        { says: 'Blasted', below: `${to}, date and hour` },
        { says: 'Taken back, counted', below: `${from}, date and hour` },
      ]),
      { text: 'Data sheets, local rules and licensed practice decide.', style: 'small', margin: [0, 10, 0, 0] },
    ],
  };
}
