import type { DefectKind, RunEntry } from '../model/run.ts';

/** Failed films as they are called. */
export const DEFECT_NAMES: Readonly<Record<DefectKind, string>> = {
  'no-lift': 'stripper dried without lift',
  lifting: 'new primer lifts or bubbles',
  'fish-eyes': 'fish eyes',
  peeling: 'peels between layers',
  'peeling-plastic': 'peels from the plastic',
  wrinkles: 'wrinkles',
  blush: 'milky clear',
  runs: 'runs',
  'flash-rust': 'flash rust',
  scratches: 'scratches show',
  'dry-spray': 'dry spray, halo at a blend',
  bleed: 'colour bleeds through',
  warp: 'warped panel',
  pinholes: 'pinholes',
  corrosion: 'corrosion under new paint',
};

/** What was said of a run, in words. @param titleOf of an operation or a piece of it */
export function entryText(entry: RunEntry, titleOf: (id: string) => string): string {
  switch (entry.what) {
    case 'started':
      return `Job started as “${entry.plan.name}”`;
    case 'begun':
      return `Begun: ${titleOf(entry.work)}`;
    case 'paused':
      return `Paused: ${titleOf(entry.work)}`;
    case 'went-on':
      return `Went on: ${titleOf(entry.work)}`;
    case 'done':
      return `Done: ${titleOf(entry.work)}`;
    case 'not-today':
      return `Not today: ${titleOf(entry.work)}`;
    case 'held':
      return `Hold point ${entry.met ? 'met' : 'not met'}${entry.values.length > 0 ? `, ${entry.values.join(', ')}${entry.gauge ? ' by gauge' : ''}` : ''}: ${titleOf(entry.operation)}`;
    case 'let-go':
      return `Hold point let go in writing: ${titleOf(entry.operation)}`;
    case 'used':
      return `Used ${usedText(entry)}: ${titleOf(entry.operation)}`;
    case 'counted':
      return `${entry.of === 'kit' ? 'Used up' : 'Left over'}: ${Number(entry.amount.toFixed(2))} ${entry.unit} ${entry.item}, planned ${Number(entry.planned.toFixed(2))}`;
    case 'dried':
      return `${entry.dry ? 'Dry' : 'Still wet'}: ${titleOf(entry.work)}`;
    case 'noted':
      return entry.operation === null ? 'Note' : `Note: ${titleOf(entry.operation)}`;
    case 'photo':
      return `Photo ${entry.moment}${entry.operation === null ? '' : `: ${titleOf(entry.operation)}`}`;
    case 'snoozed':
      return `Alarm quiet for ${entry.minutes} min`;
    case 'missed':
      return 'Window missed';
    case 'part':
      return `Part ${{ off: 'taken off', here: 'is here', fitted: 'fitted again' }[entry.state]}`;
    case 'defect':
      return `Defect: ${DEFECT_NAMES[entry.kind]}`;
    case 'handed-over':
      return 'Handed over';
  }
}

function usedText({ product, batch, before, after }: Extract<RunEntry, { what: 'used' }>): string {
  const weight = before === null || after === null ? '' : `, ${Math.max(0, before - after)} g`;
  return `${product}${batch === '' ? '' : `, batch ${batch}`}${weight}`;
}
