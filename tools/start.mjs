import { build } from './build.mjs';
import { need } from './run.mjs';

await build();
await need('node', ['server/dist/main.js']);
