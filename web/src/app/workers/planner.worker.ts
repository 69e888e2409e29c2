/// <reference lib="webworker" />
import type { Order } from './messages';
import { taskRunner } from './run-tasks';

const handle = taskRunner((report) => postMessage(report), {
  now: () => performance.now(),
  yieldTurn: () => new Promise((done) => setTimeout(done)),
});
addEventListener('message', ({ data }: MessageEvent<Order>) => handle(data));
