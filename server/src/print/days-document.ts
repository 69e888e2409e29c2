import {
  dayAndTime,
  daySheets,
  dayText,
  fromTo,
  localise,
  spanText,
  type Day,
  type DayGroup,
  type DayLine,
  type Schedule,
  type SheetBy,
  type UnitSystem,
} from '@lift-bare/core';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { framed, type PageSize } from './frame.ts';
import { RULED, SOFT } from './styles.ts';

export interface DayTerms {
  readonly units: UnitSystem;
  readonly by: SheetBy;
  /** ISO; null: every day */
  readonly day: string | null;
}

export interface DaysTerms extends DayTerms {
  readonly shop: string;
  readonly page: PageSize;
  /** of each job, by its id: customer and item, as far as they are said */
  readonly notes: ReadonlyMap<string, string>;
}

/** The days of one or more jobs to hang on the wall. */
export function daysDocument(schedule: Schedule, terms: DaysTerms): TDocumentDefinitions {
  const { jobs, from } = schedule;
  const title = jobs.map(({ name }) => name).join(', ');
  return framed({
    title: `Days: ${title}`,
    shop: terms.shop,
    foot: [title, `as of ${dayAndTime(from)}`],
    page: terms.page,
    dense: { margin: 34, fontSize: 9 },
    content: [
      { text: title, style: 'big' },
      ...jobs.map(({ job, name, end, due }) => heading(jobs.length > 1 ? name : null, terms.notes.get(job) ?? '', end, due)),
      ...daysContent(schedule, terms),
      {
        text: 'A plan, never a promise of safety: product data sheets, local rules and licensed practice decide.',
        style: 'small',
        margin: [0, 10, 0, 0],
      },
    ],
  });
}

/** The days alone, to stand on a sheet with other things. */
export function daysContent(schedule: Schedule, terms: DayTerms): Content[] {
  const { jobs } = schedule;
  const names = jobs.length > 1 ? new Map(jobs.map(({ job, name }) => [job, name])) : null;
  return daySheets(schedule, terms.by)
    .filter(({ date }) => terms.day === null || date === terms.day)
    .flatMap((day) => dayBlock(day, names, terms));
}

function heading(name: string | null, note: string, end: number | null, due: number | null): Content {
  const says = [
    end === null ? 'No time for all of it within the calendar' : `Handed over ${dayAndTime(end)}`,
    ...(due === null ? [] : [`due by the end of ${dayText(due - 1)}`]),
  ].join(', ');
  return { text: `${name === null ? '' : `${name}: `}${says}.${note === '' ? '' : ` ${note}`}`, margin: [0, 1, 0, 2] };
}

const dayBlock = ({ label, groups }: Day, jobs: ReadonlyMap<string, string> | null, terms: DayTerms): Content[] => [
  { text: label, style: 'part', margin: [0, 10, 0, 0], headlineLevel: 1 },
  ...groups.flatMap((group) => groupBlock(group, jobs, terms)),
];

function groupBlock({ name, minutes, wear, lines }: DayGroup, jobs: ReadonlyMap<string, string> | null, { by, units }: DayTerms): Content[] {
  return [
    {
      text: [
        { text: name, bold: true },
        { text: `  ${spanText(minutes)} of hands`, color: SOFT },
      ],
      margin: [0, 5, 0, 1],
    },
    ...(by === 'person' && wear.length > 0 ? [{ text: `To wear: ${wear.join('; ')}.`, fontSize: 8, margin: [0, 0, 0, 2] } satisfies Content] : []),
    {
      table: { dontBreakRows: true, widths: [78, '*', 150], body: lines.map((line) => row(line, jobs, by, units)) },
      layout: RULED,
    },
  ];
}

function row(
  { work, from, to, person, goesOn, then }: DayLine,
  jobs: ReadonlyMap<string, string> | null,
  by: SheetBy,
  units: UnitSystem,
): TableCell[] {
  const job = jobs?.get(work.job);
  return [
    { text: [{ text: fromTo(from, to), bold: true }, ...(by === 'person' ? [] : [{ text: `\n${person}`, color: SOFT }])] },
    {
      text: [
        `${work.number}. ${localise(work.title, units)} `,
        { text: [work.where.join(', '), ...(job === undefined ? [] : [job])].filter((text) => text !== '').join(' · '), color: SOFT },
        ...(goesOn ? [{ text: ', goes on', color: SOFT }] : work.hold === null ? [] : [`\n[  ] Go on only when: ${localise(work.hold, units)}`]),
      ],
    },
    { text: then, color: SOFT, alignment: 'right' },
  ];
}
