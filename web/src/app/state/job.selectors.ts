import { createSelector } from '@ngrx/store';
import { CATALOGUE, planJob, type Plan } from '@lift-bare/core';
import { jobsFeature, type OpenJob } from './job.reducer';
import { shopFeature } from './shop.reducer';

/** The open job of an address, as a selector that can be kept. */
export const selectOpenJob = (id: string) => createSelector(jobsFeature.selectEntities, (entities): OpenJob | null => entities[id] ?? null);

/** The plan follows the document and the shop; it is computed once for each pair. */
export const selectPlanOf = (id: string) =>
  createSelector(
    createSelector(selectOpenJob(id), (job) => job?.history.present ?? null),
    shopFeature.selectDocument,
    (document, shop): Plan | null => document && planJob(document, shop, CATALOGUE),
  );
