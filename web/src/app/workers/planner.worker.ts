/// <reference lib="webworker" />
import type { Order, Report } from './messages';
import { taskRunner } from './run-tasks';

/** Large arrays are handed over, not copied. */
const buffersOf = (report: Report): ArrayBuffer[] =>
  report.kind === 'done' && typeof report.value === 'object' && report.value !== null
    ? Object.values(report.value).flatMap((value: unknown) => (ArrayBuffer.isView(value) ? [value.buffer as ArrayBuffer] : []))
    : [];

const handle = taskRunner((report) => postMessage(report, buffersOf(report)), {
  now: () => performance.now(),
  yieldTurn: () => new Promise((done) => setTimeout(done)),
});
addEventListener('message', ({ data }: MessageEvent<Order>) => handle(data));
