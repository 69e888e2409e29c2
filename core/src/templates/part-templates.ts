import { METAL_PARTS } from './metal-parts.ts';
import { OTHER_PARTS } from './other-parts.ts';
import type { PartTemplate } from './part-template.ts';

const EMPTY: PartTemplate = {
  id: 'blank',
  name: 'Empty part',
  says: 'Mild steel sheet, no coating yet',
  substrate: 'mild-steel-sheet',
  thickness: 1,
  features: [],
  stack: [],
  zones: [{ name: 'Zone 1', shape: { kind: 'entered', area: null } }],
};

/** Parts to start from; the empty one comes last. */
export const PART_TEMPLATES: readonly PartTemplate[] = [...METAL_PARTS, ...OTHER_PARTS, EMPTY];
