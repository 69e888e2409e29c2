import type { MethodOption, ScoreParts } from '@lift-bare/core';

export const VERDICTS: Readonly<Record<MethodOption['verdict'], string>> = {
  preferred: 'preferred',
  usable: 'usable',
  conditions: 'with conditions',
  'ruled-out': 'ruled out',
};

/** Parts of the weighted cost in the order in which the bars show them. */
export const WEIGHED = [
  { part: 'hands', name: 'hand time' },
  { part: 'paid', name: 'money' },
  { part: 'waiting', name: 'waiting time' },
  { part: 'risk', name: 'risk to the part' },
  { part: 'exposure', name: 'exposure' },
] as const satisfies readonly { part: keyof ScoreParts; name: string }[];
