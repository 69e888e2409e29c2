import { build } from './build.mjs';
import { need } from './run.mjs';

/** Loads the demo shop into an empty database; an existing shop is never touched. */
await build();
await need('node', ['server/dist/main.js', '--seed-only']);
