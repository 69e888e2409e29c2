import { AIR_VERDICTS, formatQuantity, GUARD_NAMES, WASTE_HAZARDS, type SafetyLine, type SafetySheet, type UnitSystem } from '@lift-bare/core';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { framed, signatures, type PageSize } from './frame.ts';
import { CARE, RULED, SHEET_STYLES } from './styles.ts';

export interface SafetyTerms {
  readonly units: UnitSystem;
  readonly currency: string;
  readonly page: PageSize;
  /** ISO date */
  readonly today: string;
}

/** The safety sheet of one job to hang up and sign. */
export function safetyDocument(sheet: SafetySheet, terms: SafetyTerms): TDocumentDefinitions {
  const paper = framed({
    title: `Safety sheet: ${sheet.job}`,
    shop: sheet.shop,
    foot: [sheet.job, terms.today],
    page: terms.page,
    dense: { margin: 34, fontSize: 8 },
    content: [
      { text: `Safety sheet: ${sheet.job}`, style: 'big' },
      {
        text: `${sheet.item === '' ? '' : `${sheet.item}. `}${sheet.place}. ${sheet.shop}, ${terms.today}. Numbers are steps of the run sheet.`,
        margin: [0, 1, 0, 4],
      },
      ...stops(sheet),
      ...block(sheet.dated ? 'What comes up, day by day' : 'What comes up', hazards(sheet)),
      ...block('To wear and to have', protection(sheet)),
      ...block('Air', air(sheet, terms)),
      ...block('People', people(sheet)),
      ...block('Worn out in this job', filters(sheet, terms)),
      ...block('First aid', firstAid(sheet)),
      ...block('Waste', waste(sheet, terms)),
      ...block('Papers', papers(sheet)),
      signatures([
        { says: 'Read by all who work on it', below: 'names, date' },
        { says: 'First aider, phone', below: '' },
        { says: 'Released to begin', below: 'name, date' },
      ]),
      { text: 'A plan, never a promise of safety: product data sheets, local rules and licensed practice decide.', margin: [0, 6, 0, 0] },
    ],
  });
  return { ...paper, styles: { ...SHEET_STYLES, part: { fontSize: 10.5, bold: true }, big: { fontSize: 15, bold: true }, small: { fontSize: 7.5 } } };
}

const block = (title: string, content: Content | null): Content[] =>
  content === null ? [] : [{ text: title, style: 'part', margin: [0, 6, 0, 2] }, content];

const stops = ({ stops: all }: SafetySheet): Content[] =>
  all.length === 0
    ? []
    : [
        { text: 'Nothing begins before this is settled', bold: true, color: CARE },
        { ul: all.map(({ title, change }) => `${title}. ${change}`), color: CARE },
      ];

const table = (widths: (string | number)[], head: readonly string[], rows: TableCell[][]): Content => ({
  table: {
    headerRows: head.length > 0 ? 1 : 0,
    dontBreakRows: true,
    widths,
    body: [...(head.length > 0 ? [head.map((text) => ({ text, style: 'head' }))] : []), ...rows],
  },
  layout: RULED,
});

const hazards = ({ hazards: all }: SafetySheet): Content | null =>
  all.length === 0
    ? null
    : table(
        [64, '*'],
        [],
        all.map(({ when, all: own }) => [{ text: when, bold: true }, own.map(({ name, steps }) => `${name} (${steps})`).join(' · ')]),
      );

function protection({ lines }: SafetySheet): Content | null {
  const guards = [...new Set(lines.map(({ guard }) => guard))];
  if (guards.length === 0) return null;
  const said = ({ says, steps, lacks }: SafetyLine): string => `${says}${lacks ? ' [NOT IN THE SHOP]' : ''} (${steps})`;
  return table(
    [64, '*'],
    [],
    guards.map((guard) => [
      { text: GUARD_NAMES[guard], bold: true },
      lines
        .filter((line) => line.guard === guard)
        .map(said)
        .join(' · '),
    ]),
  );
}

const round = (value: number): string => String(Number(value.toPrecision(2)));

const air = ({ air: all }: SafetySheet, { units }: SafetyTerms): Content | null =>
  all.length === 0
    ? null
    : table(
        ['*', 52, 62, 62, 92, 104],
        ['Vapour, steps', 'gives off', 'in the air', 'limit', 'fresh air with what is worn / without', ''],
        all.map(({ vapour, steps, rate, ppm, limit, fireLimit, fan, bareFan, verdict }) => [
          `${vapour} (${steps})`,
          `${round(rate)} g/min`,
          ppm === null ? '' : `${round(ppm)} ppm`,
          `${round(limit)} ppm; fire ${round(fireLimit)}`,
          `${formatQuantity(Number(round(fan)), 'exhaust', units)} / ${formatQuantity(Number(round(bareFan)), 'exhaust', units)}`,
          AIR_VERDICTS[verdict],
        ]),
      );

function people({ people: all }: SafetySheet): Content | null {
  const tasks = all[0]?.tasks ?? [];
  if (tasks.length === 0) return null;
  return table(
    [110, ...all.map(() => '*')],
    ['Task, steps', ...all.map(({ name }) => name)],
    tasks.map(({ task, steps }, i) => [
      `${task} (${steps})`,
      ...all.map(({ tasks: own }): TableCell => {
        const { may, mask, why } = own[i] ?? { may: false, mask: null, why: [] };
        return may ? (mask ?? 'may') : { text: `no: ${why.join('; ')}`, color: CARE };
      }),
    ]),
  );
}

const filters = ({ filters: all }: SafetySheet, { currency }: SafetyTerms): Content | null =>
  all.length === 0
    ? null
    : {
        ul: all.map(
          ({ name, hours, left, stock, buy, unit, price, says }) =>
            `${name}: ${round(hours)} h of wear${left > 0 ? `, ${round(left)} h left in use` : ''}${stock > 0 ? `, ${stock} on the shelf` : ''}, ${buy === 0 ? 'none to buy' : `buy ${buy} ${unit}${buy === 1 ? '' : 's'}, ${currency} ${Math.round(price)}`}; ${says}.`,
        ),
      };

const firstAid = ({ firstAid: all }: SafetySheet): Content =>
  table(
    [110, '*'],
    [],
    all.map(({ when, what }) => [{ text: when, bold: true }, what]),
  );

const waste = ({ waste: all }: SafetySheet, { units }: SafetyTerms): Content | null =>
  all.length === 0
    ? null
    : table(
        ['*', 46, 220],
        [],
        all.map(({ name, hazards: inIt, mass, container }) => [
          { text: [{ text: name, bold: true }, inIt.length === 0 ? '' : ` (${inIt.map((one) => WASTE_HAZARDS[one]).join('; ')})`] },
          formatQuantity(mass, 'mass', units),
          container,
        ]),
      );

const papers = ({ papers: all, licensed }: SafetySheet): Content | null =>
  all.length === 0 && licensed.length === 0
    ? null
    : {
        ul: [
          ...(all.length === 0 ? [] : [`Safety data sheets at hand: ${all.join(', ')}.`]),
          ...(licensed.length === 0 ? [] : [`Only by licensed people: ${licensed.join('; ')}.`]),
        ],
      };
