/** The door for what a page needs before anything is planned: documents, events, words and units. Behind it lies nothing of the planner, so that a first page loads without it. */
export { DIMENSIONS } from './units/dimensions.ts';
export { convert } from './units/parse-quantity.ts';
export { formatHands, formatMinutes, formatQuantity, unitSign } from './units/format-quantity.ts';
export { localise } from './units/localise.ts';
export { lowerFirst } from './units/casing.ts';
export { DEFAULT_SHOP } from './model/default-shop.ts';
export { newJob } from './model/new-job.ts';
export { readJob, readWith } from './model/read-document.ts';
export { mergeDocuments } from './model/merge-documents.ts';
export { Shop } from './model/shop.ts';
export { BenchEvent } from './model/bench.ts';
export { NO_EXPERIENCE } from './model/test-patch.ts';
export { foldTimer } from './bench/fold-timer.ts';
export { foldRun, withRun } from './record/fold-run.ts';
export { daySheets } from './schedule/day-sheets.ts';
export { gapText, shortTime, spanText, timeFrom } from './schedule/time-words.ts';
