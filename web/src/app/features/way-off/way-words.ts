import type { MethodOption } from '@lift-bare/core';

export const VERDICTS: Readonly<Record<MethodOption['verdict'], string>> = {
  preferred: 'preferred',
  usable: 'usable',
  conditions: 'with conditions',
  'ruled-out': 'ruled out',
};
