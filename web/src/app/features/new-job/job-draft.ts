import { newJob } from '@lift-bare/core/before-planning';
import {
  degC,
  ITEM_TEMPLATES,
  ownItem,
  partsOf,
  percent,
  proposeParts,
  startsOf,
  type FinishId,
  type ItemTemplate,
  type Job,
  type OwnTemplate,
  type Proposed,
} from '@lift-bare/core';

/** Where it is worked, as people say it, with the air that is usual there; both figures are there to be corrected. Common practice, no source. */
export const PLACES = [
  { id: 'workshop', label: 'Heated workshop', indoors: true, temperature: 19, humidity: 50 },
  { id: 'garage', label: 'Garage, unheated', indoors: true, temperature: 13, humidity: 70 },
  { id: 'outdoors', label: 'Outdoors', indoors: false, temperature: 15, humidity: 65 },
] as const;
export type PlaceChoice = (typeof PLACES)[number]['id'];

/** What is being said about a job before there is one. */
export interface JobDraft {
  readonly items: readonly string[];
  readonly name: string;
  readonly description: string;
  readonly year: number | null;
  readonly place: PlaceChoice;
  readonly temperature: number;
  readonly humidity: number;
  readonly finish: FinishId | null;
  /** what was changed of the rows that are proposed, by row; 0 pieces: left out */
  readonly changed: Readonly<Record<string, { readonly pieces?: number; readonly area?: number }>>;
}

export const EMPTY_DRAFT: JobDraft = {
  items: [],
  name: '',
  description: '',
  year: null,
  place: 'workshop',
  temperature: 19,
  humidity: 50,
  finish: null,
  changed: {},
};

export interface DraftRow extends Proposed {
  readonly id: string;
}

/** What can be picked: what the shop has kept, and what comes in by any door. */
export const itemsToPick = (own: readonly OwnTemplate[]): readonly ItemTemplate[] => [...own.map(ownItem), ...ITEM_TEMPLATES];

const itemsOf = ({ items }: JobDraft, own: readonly OwnTemplate[]): ItemTemplate[] => itemsToPick(own).filter(({ id }) => items.includes(id));

/** The rows that are proposed for what was picked, with what was changed of them. */
export const rowsOf = (draft: JobDraft, own: readonly OwnTemplate[]): DraftRow[] =>
  itemsOf(draft, own).flatMap((item) =>
    proposeParts([item], startsOf(own)).map((row) => {
      const id = `${item.id} ${row.name}`;
      return { ...row, ...draft.changed[id], id };
    }),
  );

/** The job that the draft describes. */
export function jobOfDraft(draft: JobDraft, own: readonly OwnTemplate[], fallbackName: string, newId: () => string): Job {
  const [first] = itemsOf(draft, own);
  const { indoors } = PLACES.find(({ id }) => id === draft.place) ?? PLACES[0];
  const job = newJob(draft.name.trim() || first?.name || fallbackName);
  return {
    ...job,
    item: { kind: first?.kind ?? job.item.kind, description: draft.description, year: draft.year, service: first?.service ?? job.item.service },
    place: { ...job.place, indoors, temperature: degC(draft.temperature), humidity: percent(draft.humidity) },
    finish: draft.finish,
    parts: partsOf(rowsOf(draft, own), newId, startsOf(own)),
  };
}
