import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { root } from './run.mjs';

/** Writes the page of all rules anew. */
await build({ web: false });
const { rulesPage } = await import('../core/dist/rules/rules-page.js');
writeFileSync(join(root, 'docs/rules.md'), rulesPage());
