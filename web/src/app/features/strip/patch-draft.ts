import { plainNumber, readWith, TestPatch, type DwellSetting, type Zone } from '@lift-bare/core';
import { newId } from '../../state/new-id';

/** What is being typed; minutes as text until they read as a number. */
export interface PatchDraft {
  readonly where: string;
  /** local "YYYY-MM-DDTHH:mm" */
  readonly at: string;
  readonly stripper: string;
  readonly temperature: number;
  readonly laid: number;
  readonly covered: boolean;
  readonly broken: boolean;
  readonly brushed: boolean;
  readonly minutes: string;
  readonly layers: number;
  readonly under: TestPatch['under'];
}

/** A draft as the zone is planned. */
export const draftFrom = (setting: DwellSetting, now: Date): PatchDraft => ({
  where: '',
  at: now.toISOString(),
  stripper: setting.stripper.ref,
  temperature: setting.temperature,
  laid: setting.laid,
  covered: setting.covered,
  broken: setting.broken,
  brushed: setting.brushed,
  minutes: '',
  layers: 1,
  under: 'not-looked',
});

export type PatchTrouble = Partial<Record<keyof PatchDraft, string>>;

/** The patch, or what is wrong field by field. A patch cannot have been laid on in the future, nor end there. */
export function readDraft({ minutes, at, ...draft }: PatchDraft, now: Date): { readonly patch: TestPatch } | { readonly trouble: PatchTrouble } {
  const laidOn = new Date(at);
  const typed = plainNumber(minutes);
  const span = typed.ok ? (typed.value ?? Number.NaN) : Number.NaN;
  const trouble: Record<string, string> = {};
  if (laidOn > now) trouble['at'] = 'lies in the future';
  else if (laidOn.getTime() + span * 60_000 > now.getTime() + 60_000) trouble['minutes'] = 'is more than has passed since it was laid on';
  const read = readWith(TestPatch, {
    ...draft,
    id: newId(),
    at: trouble['at'] === undefined ? laidOn.toISOString() : now.toISOString(),
    minutes: span,
    setAside: null,
  });
  if (!read.ok) for (const { path, reason } of read.issues) trouble[String(path[0])] ??= reason;
  return read.ok && Object.keys(trouble).length === 0 ? { patch: read.value } : { trouble };
}

/** "nothing by then", "clear", "clear to colour": what may have come off, from the face down. */
export const layerOptions = (
  stack: Zone['stack'],
  nameOf: (layer: Zone['stack'][number]) => string,
): { readonly value: number; readonly label: string }[] => [
  { value: 0, label: 'nothing by then' },
  ...[...stack]
    .reverse()
    .map((layer, i) => ({ value: i + 1, label: i === 0 ? nameOf(layer) : `down to ${nameOf(layer).toLowerCase()} (${i + 1} layers)` })),
];
