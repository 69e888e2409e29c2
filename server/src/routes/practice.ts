import { NoSuchCaseError, NotOnShelfError, playRun, readWith, setUpPractice, type PracticeCase, type PracticeRun, type Shop } from '@lift-bare/core';
import { Router } from 'express';
import { readBody, readQuery } from '../api/read-body.ts';
import { JobId, KeepPractice, PracticeQuery } from '../api/schemas.ts';
import type { Planner } from '../planning/planner.ts';
import { InvalidDocument } from '../problems/problem.ts';
import type { PracticeStore } from '../store/practice-store.ts';

export interface PracticeParts {
  readonly practice: PracticeStore;
  readonly planner: Planner;
  readonly profile: () => Promise<Shop>;
  readonly now: () => Date;
}

/** Practice runs: kept as they were played, scored here. */
export function practiceRoutes({ practice, planner, profile, now }: PracticeParts): Router {
  return Router()
    .get('/runs', async (request, response) => {
      const { person, case: caseId, seed } = readQuery(PracticeQuery, request);
      const rows = await practice.list({
        ...(person === undefined ? {} : { person }),
        ...(caseId === undefined ? {} : { caseId }),
        ...(seed === undefined ? {} : { seed }),
      });
      response.json(rows.map(({ caseId: of, ...row }) => ({ ...row, case: of })));
    })
    .put('/runs/:id', async (request, response) => {
      const id = readId(request.params.id);
      const { person, run } = readBody(KeepPractice, request);
      const shop = await profile();
      const practiceCase = played(run, shop);
      const answer = await planner.run('debrief', { run, shop });
      const { seed, level } = run;
      const { score } = answer.score;
      const row = { id, person, caseId: practiceCase.id, title: practiceCase.title, seed, level, at: now().toISOString(), score };
      await practice.keep({ ...row, body: JSON.stringify(run) });
      response.json(answer);
    })
    .delete('/runs', async (request, response) => {
      const { person } = readQuery(PracticeQuery, request);
      if (person === undefined) throw new InvalidDocument([{ path: ['person'], reason: 'whose runs?' }]);
      await practice.forget(person);
      response.status(204).end();
    });
}

function readId(text: string): string {
  const read = readWith(JobId, text);
  if (!read.ok) throw new InvalidDocument(read.issues.map(({ reason }) => ({ path: ['id'], reason })));
  return read.value;
}

/** The case of a run that can be played: what is not there, or not on the shelf, is the asker's mistake. */
function played({ choice, seed, level, events }: PracticeRun, shop: Shop): PracticeCase {
  const path = ['run', 'choice'];
  try {
    const { practiceCase, truth } = setUpPractice(choice, seed, level, shop);
    path[1] = 'events';
    playRun(truth, events);
    return practiceCase;
  } catch (error) {
    if (error instanceof NoSuchCaseError || error instanceof NotOnShelfError) throw new InvalidDocument([{ path, reason: error.message }]);
    throw error;
  }
}
