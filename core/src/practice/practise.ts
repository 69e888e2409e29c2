import type { CaseChoice, PracticeEvent, PracticeRun } from '../model/practice.ts';
import { DEFAULT_SHOP } from '../model/default-shop.ts';
import type { Shop } from '../model/shop.ts';
import { bestPlan } from './best-plan.ts';
import { playWith } from './by-the-book.ts';
import { caseOf } from './case-of.ts';
import { drawTruth } from './draw-truth.ts';
import type { PracticeCase } from './practice-case.ts';
import { scoreRun, type PracticeScore } from './score-run.ts';
import type { Truth } from './truth.ts';

/** A case set up at the bench. */
export interface Practice {
  readonly practiceCase: PracticeCase;
  readonly truth: Truth;
  readonly shop: Shop;
}

/** A run as it came out, beside the best way and one by the book that knew as little. */
export interface Debrief {
  readonly score: PracticeScore;
  readonly best: readonly PracticeEvent[];
  readonly book: { readonly score: number; readonly events: readonly PracticeEvent[] };
}

/** Cases of the book and drawn ones go by usual figures, so that they are the same everywhere; own jobs by the shop's. */
export function setUpPractice(choice: CaseChoice, seed: number, level: number, shop: Shop): Practice {
  const figures = choice.kind === 'own' ? shop : DEFAULT_SHOP;
  const practiceCase = caseOf(choice, seed, figures);
  return { practiceCase, shop: figures, truth: drawTruth(practiceCase, figures, seed, level) };
}

/** The run worked out again from its seed, and held against the best way for what was hidden. */
export function debrief({ choice, seed, level, events }: PracticeRun, shop: Shop): Debrief {
  const { practiceCase, truth, shop: figures } = setUpPractice(choice, seed, level, shop);
  const best = bestPlan(truth);
  const book = playWith(practiceCase, figures, truth);
  return { score: scoreRun(truth, events, best), best: best.events, book: { score: scoreRun(truth, book, best).score, events: book } };
}
