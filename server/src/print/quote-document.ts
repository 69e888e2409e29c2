import {
  dayText,
  formatHands,
  localise,
  moneyText,
  newScope,
  type Addition,
  type Customer,
  type Quote,
  type ScopeOfPart,
  type Shop,
  type Variant,
} from '@lift-bare/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { dateText } from './date-text.ts';
import { framed, signatures } from './frame.ts';
import { letterhead, section } from './letterhead.ts';
import { moneyTable } from './money-table.ts';
import { RULED } from './styles.ts';

/** A paper that goes to a customer: by whom, to whom, under which number. */
export interface Sent {
  readonly shop: Shop;
  readonly customer: Customer;
  /** null: a draft */
  readonly number: string | null;
  /** ISO date */
  readonly date: string;
}

/** What a job is offered at, for the customer to accept. */
export function quoteDocument(quote: Quote, sent: Sent): TDocumentDefinitions {
  const { shop, number } = sent;
  const [planned, ...options] = quote.variants;
  return paper(number === null ? 'Quote, draft' : `Quote ${number}`, quote, sent, [
    [
      ['date', dateText(sent.date)],
      ['valid until', dateText(quote.validUntil)],
      ['plan', `version ${quote.version}`],
    ],
    [
      ...(quote.note === '' ? [] : [{ text: quote.note, margin: [0, 0, 0, 6] } satisfies Content]),
      ...(planned ? [...scopeList(planned.scope, shop), ...priceBlock(planned, quote, shop)] : []),
      ...section(
        'Options',
        planned && options.length > 0 ? [optionTable(quote, options), ...options.flatMap((option) => optionBlock(option, planned, quote, shop))] : [],
      ),
      ...section('Not in it', [{ ul: quote.excluded }]),
      ...(planned && planned.open.length > 0
        ? section('Holds once this is settled', [{ ul: planned.open.map((text) => localise(text, shop.units)) }])
        : []),
      signatures([
        { says: 'Offered', below: `${shop.name}, date` },
        { says: options.length > 0 ? 'Accepted, as planned or with option ____' : 'Accepted', below: 'name, date' },
      ]),
    ],
  ]);
}

/** What changes of what was agreed, for the customer to accept. */
export function additionDocument(addition: Addition, sent: Sent): TDocumentDefinitions {
  const { shop } = sent;
  const late = addition.later === null || Math.abs(addition.later) < DAY / 2 ? 'unchanged' : addition.end === null ? '' : dayText(addition.end);
  return paper(`Addition ${sent.number ?? ''}`, addition, sent, [
    [
      ['date', dateText(sent.date)],
      ['ready', late],
      ['plan', `version ${addition.version}`],
    ],
    [
      { text: addition.why, margin: [0, 0, 0, 6] },
      ...section('What is new', scopeList(addition.scope, shop)),
      ...section('More and less than agreed', [moneyTable(addition.lines, addition.sums, addition.pricing, shop.units)]),
      signatures([
        { says: 'Offered', below: `${shop.name}, date` },
        { says: 'Accepted', below: 'name, date' },
      ]),
    ],
  ]);
}

const DAY = 86_400_000;

type Facts = readonly (readonly [string, string])[];

function paper(
  title: string,
  { job, item, version }: Pick<Quote, 'job' | 'item' | 'version'>,
  { shop, customer, number, date }: Sent,
  [facts, content]: [Facts, Content[]],
) {
  return framed({
    title: `${title}: ${job}`,
    shop: shop.name,
    foot: [job, customer.name, number ?? 'draft', dateText(date), `plan version ${version}`],
    page: shop.paperwork.page,
    content: [
      ...letterhead({ shop, customer, title, facts }),
      { text: item === '' ? job : `${job}: ${item}`, bold: true, margin: [0, 0, 0, 4] },
      ...content,
    ],
  });
}

/** What an option does otherwise, and its price. */
function optionBlock(option: Variant, planned: Variant, quote: Quote, shop: Shop): Content[] {
  const parts = new Set(option.scope.map(({ part }) => part));
  const without = planned.scope.flatMap(({ part }) => (parts.has(part) ? [] : [part]));
  return [
    { text: option.name, style: 'part', margin: [0, 10, 0, 2] },
    ...scopeList(newScope(planned.scope, option.scope), shop),
    ...(without.length === 0 ? [] : [{ text: `Without ${without.join(', ')}.` }]),
    { text: 'Otherwise as planned.' },
    ...priceBlock(option, quote, shop),
  ];
}

function priceBlock(variant: Variant, { pricing }: Quote, shop: Shop): Content[] {
  return [
    ...(variant.left.length === 0
      ? []
      : [{ text: `Not planned, and not in the price: ${variant.left.join('; ')}.`, margin: [0, 2, 0, 0] } satisfies Content]),
    { text: datesText(variant), margin: [0, 4, 0, 6] },
    moneyTable(variant.lines, variant.sums, pricing, shop.units),
  ];
}

const scopeList = (scope: readonly ScopeOfPart[], { units }: Shop): Content[] =>
  scope.map(({ part, says }) => ({ text: [{ text: `${part}. `, bold: true }, `${localise(says.join('. '), units)}.`], margin: [0, 1, 0, 1] }));

const datesText = ({ start, end, hand }: Variant): string =>
  start === null || end === null
    ? `${formatHands(hand)} of work; the day of hand-over is to be agreed.`
    : `${formatHands(hand)} of work; by itself from ${dayText(start)} to ${dayText(end)}. The days are fixed when you accept.`;

/** Options beside what is planned, at one look. */
function optionTable({ pricing, variants }: Quote, options: readonly Variant[]): Content {
  const [planned] = variants;
  const rows = (planned ? [planned, ...options] : options).map((variant) => [
    variant.name,
    formatHands(variant.hand),
    variant.end === null ? 'to be agreed' : dayText(variant.end),
    { text: moneyText(variant.sums.total, pricing), alignment: 'right' as const, bold: true },
  ]);
  const head = ['', 'Work', 'Ready', 'Total'].map((text, i) => ({
    text,
    style: 'head',
    alignment: i === 3 ? ('right' as const) : ('left' as const),
  }));
  return { table: { headerRows: 1, widths: ['*', 80, 120, 90], body: [head, ...rows] }, layout: RULED };
}
